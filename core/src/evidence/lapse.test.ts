import { type Measurand, MEASURANDS } from '../measurand/measurand';
import { measurandRule } from '../measurand/measurands';
import { AREAS, type Area } from '../inspection/findings';
import { changedSince, lapsedSince, type Change } from './changes';
import { AREA_LAPSES, CUT_OFF_LAPSES, LEVER_SIDE_LAPSES } from './lapse';
import { lapsedBy } from './readings';
import { TOUCHES, type Touch } from './touch';

type Falls = Measurand | `look-over ${Area}` | 'cut-off' | 'lever-side';

/** Asked the other way round, as at the bench: this was touched, so what has to be proven anew? Our design (E4). */
const FALLS: Readonly<Record<Touch, readonly Falls[]>> = {
  rotor: ['rotor', 'runout', 'clearance', 'lever', 'look-over rotor'],
  pads: ['pads', 'clearance', 'lever', 'look-over pads'],
  'rotor-face': ['rotor'],
  'pad-face': ['pads'],
  'rotor-seat': ['runout', 'clearance'],
  'rotor-true': ['runout', 'clearance'],
  axle: ['runout', 'clearance'],
  caliper: ['clearance'],
  'caliper-changed': ['clearance', 'lever', 'look-over caliper', 'look-over leaks'],
  mount: ['clearance', 'look-over mount'],
  pistons: ['clearance', 'lever'],
  'opened-at-lever': ['lever', 'cut-off'],
  'opened-at-caliper': ['lever'],
  fluid: ['lever', 'look-over fluid'],
  joint: ['lever', 'look-over leaks'],
  hose: ['lever', 'look-over hose', 'look-over leaks'],
  'hose-route': ['look-over hose', 'look-over leaks'],
  'lever-place': ['lever'],
  'lever-off': ['lever', 'cut-off', 'look-over lever'],
  'lever-changed': ['lever', 'cut-off', 'look-over leaks', 'look-over lever'],
  'lever-travel': ['lever'],
  throttle: ['cut-off'],
  cable: ['lever', 'look-over cable'],
  'lever-side': ['lever-side'],
  away: [
    ...MEASURANDS,
    ...AREAS.map((area): Falls => `look-over ${area}`),
    'cut-off',
    'lever-side',
  ],
};

const touched = (touch: Touch): Change => ({
  seq: 2,
  end: 'front',
  touches: [touch],
  cures: [],
  by: { code: 'filled' },
});

it.each(TOUCHES)(
  '%s touched: what was proven before is proven no more, and nothing else',
  (touch) => {
    const isLapsed = (lapses: readonly Touch[]) =>
      lapsedSince([touched(touch)], 1, lapses) !== null;
    const falls: Falls[] = [
      ...MEASURANDS.filter((part) => lapsedBy({ part, seq: 1 }, [touched(touch)]) !== null),
      ...AREAS.filter((area) => isLapsed(AREA_LAPSES[area])).map(
        (area): Falls => `look-over ${area}`,
      ),
      ...(isLapsed(CUT_OFF_LAPSES) ? (['cut-off'] as const) : []),
      ...(isLapsed(LEVER_SIDE_LAPSES) ? (['lever-side'] as const) : []),
    ];
    expect(falls.sort()).toEqual([...FALLS[touch]].sort());
  },
);

it('what was proven after the work stands', () => {
  for (const touch of TOUCHES)
    for (const part of MEASURANDS) expect(lapsedBy({ part, seq: 3 }, [touched(touch)])).toBeNull();
});

// A bike that was away is proven anew, and nothing that was wrong with it is put right by that.
it('being away is no work: it mends and answers nothing', () => {
  for (const part of MEASURANDS) expect(measurandRule(part).mendedBy).not.toContain('away');
  expect(
    changedSince(
      [touched('away')],
      1,
      TOUCHES.filter((touch) => touch !== 'away'),
    ),
  ).toBeNull();
});
