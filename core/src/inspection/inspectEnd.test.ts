import { USUAL_USE } from '../kit/bike';
import { NOTHING_MET } from '../fluid/met';
import type { LookOver, Sitting } from './inspected';
import { type Measurand, MEASURANDS } from '../measurand/measurand';
import type { SheetFacts } from './standard';
import { placesOf, plausibleReading, suits } from '../measurand/measurands';
import { GAUGE_DEFAULTS, type GaugeKind } from '../gauge/gauge';
import type { Fitting } from '../kit/kit';
import { USUAL_RULES } from '../rules/shopRules';
import { AREAS, areasOf, FINDINGS, findingsAt, ruleOf, type Area, type Finding } from './findings';
import {
  inspectEnd,
  isSuperseded,
  judgeSitting,
  standardOf,
  standingSitting,
  type InspectedJob,
} from './inspectEnd';
import { WORKS } from './work';

const sheet: SheetFacts = {
  brake: { actuation: 'hydraulic' },
  rotor: {
    construction: 'one-piece',
    newMm: 1.8,
    limit: { limitMm: 1.5, atLimitIsWorn: true, origin: 'sheet', tag: null },
  },
  pads: { newTotalMm: 4, plateMm: 1.8, plateAssumed: false },
  lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
};

let seq = 0;
const sitting = (
  part: Measurand,
  kind: GaugeKind,
  readings: Record<string, number>,
  change: Partial<Sitting> = {},
): Sitting => ({
  id: `${part} ${++seq}`,
  seq,
  end: 'front',
  part,
  gauge: { ...GAUGE_DEFAULTS[kind], kind, calibrationDueOn: '2027-01-01' },
  basis: part === 'pads' ? 'total' : part === 'lever' ? 'travel' : null,
  pointCount: part === 'rotor' ? 6 : part === 'runout' ? 12 : null,
  measuredOn: '2026-11-25',
  // Keys that are numbers come first; the zero is looked at before them.
  readings: Object.entries(readings)
    .sort(([a], [b]) => Number(b === 'zero') - Number(a === 'zero'))
    .map(([place, valueMm]) => ({
      id: `${seq} ${place}`,
      place,
      valueMm,
      replaces: null,
    })),
  looks: part === 'rotor' ? [{ subject: 'ridge', seen: false }] : [],
  ...change,
});
const round = (...mm: number[]) => Object.fromEntries(mm.map((each, i) => [String(i + 1), each]));
const rotor = (mm: number) =>
  sitting('rotor', 'thickness-gauge', { zero: 0, ...round(mm, mm, mm, mm, mm, mm) });
const look = (area: Area, ...found: Finding[]): LookOver => ({
  id: `${area} ${++seq}`,
  seq,
  end: 'front',
  area,
  found,
  words: '',
  takesBack: [],
});
const fitting = (change: Partial<Fitting>) => ({
  id: `fit ${++seq}`,
  seq,
  end: 'front' as const,
  jobId: 'job',
  part: 'rotor' as const,
  condition: 'new' as const,
  description: '',
  compound: null,
  organicOnly: false,
  construction: null,
  newMm: null,
  stampedLimit: null,
  cameOffFor: null,
  ...change,
});
const job = (change: Partial<InspectedJob> = {}): InspectedJob => ({
  id: 'job',
  bike: USUAL_USE,
  identified: {
    front: {
      seq: 0,
      sheet: { body: { ...sheet, rotor: { ...sheet.rotor, organicOnly: false }, fluid: null } },
    },
    rear: null,
    third: null,
  },
  stamped: [],
  stepped: [],
  filled: [],
  bled: [],
  repaired: [],
  tightened: [],
  edited: [],
  away: [],
  decided: [],
  tested: [],
  metBefore: { front: NOTHING_MET, rear: NOTHING_MET, third: NOTHING_MET },
  modifiedBefore: { front: false, rear: false, third: false },
  told: [],
  measured: [],
  lookedOver: [],
  fittings: [],
  neverFitted: [],
  neverRepaired: [],
  takenOff: [],
  outlooks: { front: {}, rear: {}, third: {} },
  rules: USUAL_RULES,
  ...change,
});
const front = (change: Partial<InspectedJob>) => inspectEnd(job(change), 'front');

describe('an end’s inspection', () => {
  it('of an end nobody looked at has no items, and says all of it', () => {
    const { items, notInspected } = front({});
    expect(items).toEqual([]);
    expect(notInspected).toEqual([
      ...MEASURANDS,
      'caliper',
      'leaks',
      'hose',
      'fluid',
      'bolts',
      'mount',
      'wheel',
    ]);
  });

  it('ranks do-not-ride first, then the worst word', () => {
    const { items } = front({
      measured: [
        rotor(1.7),
        sitting('runout', 'dial-indicator', round(0, 0.6, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0)),
      ],
      lookedOver: [
        look('caliper', 'piston-sticking'),
        look('leaks', 'leak-at-banjo'),
        look('hose'),
      ],
    });
    expect(items.map(({ subject, word, doNotRide }) => [subject, word, doNotRide])).toEqual([
      ['leaks', 'replace', true],
      ['runout', 'replace', false],
      ['caliper', 'watch', false],
      ['rotor', 'holds', false],
      ['hose', 'holds', false],
    ]);
  });

  it('a crack condemns the rotor whatever its thickness, measured or not', () => {
    const lookedOver = [look('rotor', 'crack')];
    expect(front({ measured: [rotor(1.79)], lookedOver }).items[0]).toMatchObject({
      subject: 'rotor',
      word: 'replace',
      doNotRide: true,
      work: ['replace-rotor'],
      judgement: { verdict: { word: 'replace', reasons: [{ code: 'damaged', finding: 'crack' }] } },
    });
    expect(front({ lookedOver }).items[0]).toMatchObject({ word: 'replace', doNotRide: true });
  });

  it('looking alone passes neither rotor nor pads: with nothing found there is no word', () => {
    expect(front({ lookedOver: [look('rotor'), look('pads')] }).items).toEqual([]);
    expect(front({ lookedOver: [look('pads', 'pads-soaked')] }).items[0]).toMatchObject({
      subject: 'pads',
      word: 'replace',
      work: ['replace-pads'],
    });
  });

  it('a look that does not find it any more leaves a finding as it was', () =>
    expect(
      front({ lookedOver: [look('leaks', 'leak-at-lever'), look('leaks')] }).items[0],
    ).toMatchObject({ word: 'replace', doNotRide: true, lesserLooks: ['leak-at-lever'] }));

  // "Hub play, spokes and a loose axle are ruled out before runout, rub or a knock is believed" [P].
  it('a loose wheel makes what was measured at it unproven, and other things not', () => {
    const words = (found: Finding[]) =>
      front({
        measured: [
          rotor(1.7),
          sitting('runout', 'dial-indicator', round(...Array<number>(12).fill(0))),
        ],
        lookedOver: [look('wheel', ...found)],
      }).items.map(({ subject, word, doNotRide }) => `${subject} ${word}${doNotRide ? '!' : ''}`);
    expect(words([])).toEqual(expect.arrayContaining(['runout holds', 'rotor holds']));
    expect(words(['hub-play'])).toEqual(
      expect.arrayContaining(['runout unproven', 'rotor holds', 'wheel watch']),
    );
    expect(words(['axle-loose'])).toContain('wheel replace!');
  });

  it('a mount that was modified never holds', () =>
    expect(front({ lookedOver: [look('mount', 'mount-modified')] }).items[0]!.word).toBe(
      'unproven',
    ));

  it('a sinking lever is a do-not-ride by its numbers', () =>
    expect(
      front({ measured: [sitting('lever', 'rule', { reach: 60, bite: 20, firm: 27, sunk: 32 })] })
        .items[0],
    ).toMatchObject({ subject: 'lever', doNotRide: true, work: ['reseal-lever'] }));

  it('measures the gaps against the wobble of this very rotor', () => {
    const gaps = sitting('clearance', 'feeler-gauges', {
      'left-leading': 0.3,
      'left-trailing': 0.3,
      'right-leading': 0.1,
      'right-trailing': 0.1,
    });
    const atMid = { ...gaps, looks: [{ subject: 'at-mid-reading' as const, seen: true }] };
    const turn = sitting('runout', 'dial-indicator', round(0, 0.08, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0));
    expect(front({ measured: [gaps] }).items[0]).toMatchObject({
      word: 'unproven',
      settle: ['runout'],
    });
    expect(
      front({ measured: [turn, atMid] }).items.find(({ subject }) => subject === 'clearance'),
    ).toMatchObject({
      word: 'holds',
      judgement: { verdict: { marginMm: 0.06 } },
    });
    // Where the wheel stood is not known: the whole wobble counts, and feelers and dial are in doubt together.
    expect(
      front({ measured: [turn, gaps] }).items.find(({ subject }) => subject === 'clearance'),
    ).toMatchObject({
      word: 'unproven',
      judgement: { verdict: { marginMm: 0.02 } },
    });
  });

  it.each([
    [0.2, 'watch'],
    // Past 0.50 too: dirt under it comes before any rotor is bought.
    [0.32, 'replace'],
  ] as const)(
    'recommends refitting before bending or buying when the whole rotor sits tilted, %d a side',
    (amplitude, word) => {
      const tilt = Array.from(
        { length: 12 },
        (_, k) => Math.round(1000 * amplitude * Math.cos((k * Math.PI) / 6)) / 1000,
      );
      expect(
        front({ measured: [sitting('runout', 'dial-indicator', round(...tilt))] }).items[0],
      ).toMatchObject({ word, work: ['refit-rotor'] });
    },
  );

  it('judges nothing at a brake nobody has identified', () => {
    const rear = { ...rotor(1.7), end: 'rear' as const };
    expect(inspectEnd(job({ measured: [rear] }), 'rear').items).toEqual([]);
    expect(judgeSitting(job(), rear)).toBeNull();
    expect(standardOf(job(), 'rear')).toBeNull();
  });
});

describe('a new part', () => {
  it('voids what was measured and seen with the old one in', () => {
    const old = rotor(1.4);
    const change = {
      measured: [old, sitting('pads', 'thickness-gauge', { zero: 0, 'inner-leading': 3.5 })],
      lookedOver: [look('rotor', 'crack')],
      fittings: [fitting({})],
    };
    expect(isSuperseded(old, job(change))).toBe(true);
    expect(front(change).items.map(({ subject }) => subject)).toEqual(['pads']);
    expect(front({ ...change, fittings: [fitting({ condition: 'used' })] }).items).toMatchObject([
      { subject: 'rotor', word: 'unproven', unmeasured: true },
      { subject: 'pads' },
    ]);
    // One found on the bike, or fitted at another visit, voids nothing.
    for (const other of [{ condition: 'found' as const }, { jobId: 'spring' }])
      expect(isSuperseded(old, job({ ...change, fittings: [fitting(other)] }))).toBe(false);
  });

  it('leaves the work that the wobble of the old one called for; how it turns itself is not known yet', () => {
    const wobble = sitting('runout', 'dial-indicator', round(0, 0.4, ...Array(10).fill(0)));
    expect(front({ measured: [wobble] }).items).toMatchObject([
      { subject: 'runout', lapsed: null, work: ['true-rotor'] },
    ]);
    const on = front({ measured: [wobble], fittings: [fitting({})] }).items;
    expect(on).toMatchObject([
      { word: 'unproven', lapsed: { by: { code: 'fitted', part: 'rotor' } }, work: [] },
    ]);
    // Other pads straighten no rotor.
    const pads = fitting({ part: 'pads' });
    expect(front({ measured: [wobble], fittings: [pads] }).items).toMatchObject([
      { work: ['true-rotor'] },
    ]);
  });

  it('a sitting merely begun takes nobody’s place', () => {
    const old = rotor(1.4);
    const begun = sitting('rotor', 'thickness-gauge', { zero: 0 });
    expect(standingSitting(job({ measured: [old, begun] }), 'front', 'rotor')?.id).toBe(old.id);
  });

  it('goes by its own stamp, and by the sheet only when it is of the sheet’s construction', () => {
    const limitWith = (change: Partial<Fitting>) => {
      const fittings = [fitting(change)];
      const judged = judgeSitting(job({ fittings }), rotor(1.7));
      return judged?.ok && judged.measurand === 'rotor'
        ? [judged.verdict.limit.limitMm, judged.verdict.limit.origin, judged.verdict.newMm]
        : judged;
    };
    expect(limitWith({})).toEqual([1.5, 'sheet', 1.8]);
    expect(limitWith({ construction: 'one-piece' })).toEqual([1.5, 'sheet', 1.8]);
    expect(limitWith({ construction: 'two-piece' })).toEqual([1.5, 'shop', null]);
    const stampedLimit = { limitMm: 1.4, atLimitIsWorn: null };
    expect(limitWith({ construction: 'two-piece', newMm: 1.7, stampedLimit })).toEqual([
      1.4,
      'stamped',
      1.7,
    ]);
    // Laxer than the sheet of its own construction, it is read twice before it counts.
    expect(limitWith({ stampedLimit })).toEqual([1.5, 'sheet', 1.8]);
    expect(limitWith({ stampedLimit, stampAgainMm: 1.4 })).toEqual([1.4, 'stamped', 1.8]);
  });

  it('that once came off for loose rivets brings them along, until somebody writes why they were seen wrong', () => {
    const fittings = [fitting({ condition: 'used', cameOffFor: 'loose-rivets' })];
    const measured = [rotor(1.7)];
    const wordWith = (...lookedOver: LookOver[]) =>
      front({ fittings, measured, lookedOver }).items[0]!.word;
    expect(wordWith()).toBe('replace');
    expect(wordWith(look('rotor'))).toBe('replace');
    const wrong = { ...look('rotor'), takesBack: ['loose-rivets' as const], words: 'new rivets' };
    expect(wordWith(wrong)).toBe('holds');
  });
});

/** Brakes that differ in what can be found on them. */
const KINDS = [
  { actuation: 'hydraulic', banjo: false },
  { actuation: 'hydraulic', banjo: true },
  { actuation: 'cable', banjo: false },
  { actuation: 'cable-pulled-hydraulic', banjo: false },
] as const;

describe('findings', () => {
  it('each belongs to one area and calls for known work', () => {
    for (const finding of Object.keys(FINDINGS) as Finding[]) {
      expect(AREAS).toContain(ruleOf(finding).area);
      expect(WORKS).toEqual(expect.arrayContaining([...ruleOf(finding).work]));
    }
    const found = KINDS.flatMap((kind) => AREAS.flatMap((area) => findingsAt(area, kind)));
    expect(new Set(found).size).toBe(Object.keys(FINDINGS).length);
    for (const kind of KINDS)
      for (const area of areasOf(kind.actuation)) expect(findingsAt(area, kind)).not.toEqual([]);
  });

  it('a crack, any leak and wrong fluid take the bike off the road at once (common practice)', () => {
    const grave: Finding[] = [
      'crack',
      ...KINDS.flatMap((kind) => findingsAt('leaks', kind)),
      'fluid-wrong',
    ];
    expect(grave.filter((finding) => !ruleOf(finding).doNotRide)).toEqual([]);
  });

  it('a cable brake has no fluid to leak and a hydraulic one no cable to fray', () => {
    expect(areasOf('cable')).not.toEqual(expect.arrayContaining(['leaks']));
    expect(areasOf('hydraulic')).not.toContain('cable');
    expect(areasOf('cable-pulled-hydraulic')).toEqual(expect.arrayContaining(['leaks', 'cable']));
  });
});

describe('what is measured with what', () => {
  it('a rule is not good enough for rotors or pads', () => {
    expect(suits('rule', 'rotor')).toBe(false);
    expect(suits('rule', 'pads')).toBe(false);
    expect(suits('rule', 'lever')).toBe(true);
    expect(suits('dial-indicator', 'rotor')).toBe(false);
    expect(suits('thickness-gauge', 'runout')).toBe(false);
  });

  it('every thing has its places, and a slip at each is refused', () => {
    for (const measurand of MEASURANDS)
      for (const place of placesOf(measurand, 6))
        expect(() => plausibleReading(measurand, place, 999)).toThrow();
    for (const [measurand, place, ends] of [
      ['runout', 'radius', [50, 130]],
      ['clearance', 'span', [5, 120]],
      ['mount-face', 'spacing', [20, 120]],
    ] as const)
      for (const end of ends) expect(plausibleReading(measurand, place, end)).toBe(end);
    expect(plausibleReading('runout', 'radius', 80)).toBe(80);
    expect(plausibleReading('rotor', '1', 1.5)).toBe(1.5);
    expect(plausibleReading('mount-face', 'gap', 0.3)).toBe(0.3);
    expect(plausibleReading('lever', 'reach', 60)).toBe(60);
    expect(plausibleReading('pads', 'zero', 0.01)).toBe(0.01);
    expect(() => plausibleReading('clearance', 'span', NaN)).toThrow('implausible');
  });
});
