import { SHEET, Visit } from '../adversary/visit';
import type { End } from '../ends';
import { CUT_OFF_LAPSES } from '../evidence/lapse';
import { OF_THE_LEVER } from '../evidence/touch';
import { metAt } from '../evidence/wet';
import { NOTHING_MET } from '../fluid/met';
import { planAt } from '../plan/visit';
import { USUAL_USE, type Bike } from '../kit/bike';
import { easedBy, leversOf, onOneLever } from '../kit/brakes';
import { fold } from './fold';
import type { JobBase } from './job';
import { recordOf } from './record';
import { visitOf } from './visit';

// Common practice [P]: a trike or a cargo bike has three brakes, and one lever may work two calipers. What they share, the fluid and its
// air, is proven for both; all else each proves for itself.

const bike = (change: Partial<Bike>) => ({ ...new Visit().base.bike, ...change });
const onBike = (change: Partial<Bike>, ends: readonly End[] = ['front', 'rear', 'third']) => {
  const visit = Visit.with({ bike: bike(change) });
  for (const end of ends) visit.identify(undefined, { end });
  return visit;
};
const trike = () => onBike({ thirdBrake: 'disc' });
const oneLever = () => onBike({ thirdBrake: 'disc', sharedLever: 'front-third' });
const barredAt = (visit: Visit, code: string) =>
  visit.bars.flatMap((bar) => (bar.code === code && 'end' in bar ? [bar.end] : []));
const SIGNED = {
  pinOf: 'Maren',
  toldOf: [],
  notRepaired: null,
} as unknown as Parameters<typeof recordOf>[1];

describe('a third brake', () => {
  it('bars the sign-off like any other, and nothing done at another end answers for it', () => {
    const visit = trike();
    visit.look('rotor', ['crack'], { end: 'third' });
    expect(barredAt(visit, 'do-not-ride')).toEqual(['third']);
    visit.fit({ end: 'front' });
    visit.fit({ end: 'rear' });
    expect(barredAt(visit, 'do-not-ride')).toEqual(['third']);
    visit.fit({ end: 'third' });
    expect(barredAt(visit, 'do-not-ride')).toEqual([]);
    expect(barredAt(visit, 'stand-untested')).toEqual(['front', 'rear', 'third']);
  });

  it('is planned with the other two in one list, and not where its brake is no disc', () => {
    const chosen = (visit: Visit) =>
      visit.send('plan-choice', {
        procedures: { front: ['change-pads'], rear: [], third: ['change-pads'] },
        bleed: { front: 'push-up', rear: 'push-up', third: 'push-up' },
        again: [],
        agreed: 'agreed',
        words: '',
      });
    const visit = trike();
    expect(chosen(visit)).toBeNull();
    const ends = planAt(visitOf(visit.job))!.steps.map(({ end }) => end);
    expect(new Set(ends)).toEqual(new Set(['front', 'third', null]));
    expect(chosen(onBike({ thirdBrake: 'drum' }, ['front', 'rear']))).toMatchObject({
      field: 'procedures.third',
      code: 'no-disc',
    });
  });

  it('is not written of on a bike that has two', () => {
    const visit = onBike({}, ['front']);
    expect(visit.look('pads', [], { end: 'third' })).toMatchObject({
      field: 'end',
      code: 'no-disc',
    });
    expect(visit.job.lookedOver).toEqual([]);
  });

  it('stands in the record of the bike that has it, and of no other', () => {
    const keys = (visit: Visit) => Object.keys(recordOf(visit.job, SIGNED).identified as object);
    expect(keys(trike())).toEqual(['front', 'rear', 'third']);
    expect(keys(onBike({}, ['front']))).toEqual(['front', 'rear']);
  });

  it('that is struck off its bike’s page in the middle of a visit takes nothing found at it along', () => {
    const visit = trike();
    visit.look('rotor', ['crack'], { end: 'third' });
    const struck: JobBase = { ...visit.base, bike: bike({ thirdBrake: 'none' }) };
    const job = fold(struck, visit.entries);
    expect(job.bars).toContainEqual(expect.objectContaining({ code: 'do-not-ride', end: 'third' }));
    const { inspection } = recordOf(job, SIGNED) as { inspection: { end: string }[] };
    expect(inspection.map(({ end }) => end)).toEqual(['third']);
  });

  it('is none on a job that a device kept from before there was one', () => {
    const { thirdBrake: _b, thirdPlace: _p, sharedLever: _l, ...before } = bike({});
    const {
      metBefore,
      modifiedBefore,
      earlierBatches: _t,
      stampedBefore: _s,
      identifiedBefore: _i,
      ...rest
    } = new Visit().base;
    const { third: _m, ...met } = metBefore;
    const { third: _n, ...modified } = modifiedBefore;
    const kept = {
      ...rest,
      bike: before,
      metBefore: met,
      modifiedBefore: modified,
    } as unknown as JobBase;
    expect(fold(kept, [])).toEqual(fold(new Visit().base, []));
  });
});

describe('one lever for two brakes', () => {
  it('works the two it says, where the bike has both', () => {
    const usual = bike({});
    expect(onOneLever({ ...usual, sharedLever: 'front-third' }, 'front')).toEqual(['front']);
    const shared = bike({ thirdBrake: 'disc', sharedLever: 'front-third' });
    expect(onOneLever(shared, 'third')).toEqual(['front', 'third']);
    expect(onOneLever(shared, 'rear')).toEqual(['rear']);
    expect(leversOf(shared)).toEqual(['front', 'rear']);
    expect(leversOf(bike({ thirdBrake: 'disc' }))).toEqual(['front', 'rear', 'third']);
  });

  it('opened at either, the lever has no number any more, until one is taken at one of the two', () => {
    for (const end of ['front', 'third'] as const) {
      const visit = oneLever().lever().lever(27, 27, 'rear');
      expect(visit.fill('mineral', 'third')).toBeNull();
      expect(barredAt(visit, 'lever-untested')).toEqual(['front']);
      visit.lever(27, 27, 'rear');
      expect(barredAt(visit, 'lever-untested')).toEqual(['front']);
      visit.lever(27, 27, end);
      expect(barredAt(visit, 'lever-untested')).toEqual([]);
    }
    // Each on its own lever, the front one is as it was.
    const own = trike().lever();
    own.fill('mineral', 'third');
    expect(barredAt(own, 'lever-untested')).toEqual(['third']);
  });

  it('what was measured of it at one is proven no more once the other was opened', () => {
    const visit = oneLever().lever();
    expect(visit.word('lever')).toBe('holds');
    visit.fill('mineral', 'third');
    expect(visit.word('lever')).toBe('unproven');
  });

  it('nor once the pads, the rotor or the pistons of the other are not what they were', () => {
    const another = (part: 'pads' | 'rotor') => ({
      end: 'third' as const,
      part,
      ...(part === 'pads'
        ? { compound: 'organic' as const, rebedding: 'strip-and-bed-in' as const }
        : {}),
    });
    for (const part of ['pads', 'rotor'] as const) {
      const visit = oneLever().lever();
      expect(visit.fit(another(part))).toBeNull();
      expect(visit.item('lever')).toMatchObject({
        word: 'unproven',
        lapsed: { touch: 'lever-travel' },
      });
      // Nothing else of the front is in question.
      const pads = oneLever().pads(3.9);
      pads.fit(another(part));
      expect(pads.word('pads')).toBe('holds');
    }
  });

  it('a lever that sank is answered by work at the brake it was measured at, and by none at the other', () => {
    const sank = () => oneLever().lever(27, 30);
    expect(sank().repair('reseal-lever', 'third').lever().item('lever')).toMatchObject({
      doNotRide: true,
      held: [{ lacks: [{ code: 'work' }] }],
    });
    expect(sank().repair('reseal-lever').lever().word('lever')).toBe('holds');
  });

  it('two brakes on one lever that ask for different fluids are found so by the first that goes in', () => {
    const other = {
      ...SHEET,
      title: 'Other',
      fluid: { ...SHEET.fluid!, fluid: { family: 'glycol', grade: 'DOT 4' } as const },
    };
    const visit = onBike({ thirdBrake: 'disc', sharedLever: 'front-third' }, ['front']);
    visit.identify(other, { end: 'third' });
    expect(visit.fill('mineral', 'front')).toBeNull();
    expect(visit.item('fluid', 'third')).toMatchObject({ doNotRide: true });
  });

  it('its cut-off is tried anew once it was opened, off or another one, at whichever brake that is written down', () => {
    const visit = onBike({ motor: true, thirdBrake: 'disc', sharedLever: 'front-third' });
    visit.test('cut-off');
    expect(barredAt(visit, 'cut-off-untested')).toEqual(['rear']);
    visit.fill('mineral', 'third');
    expect(barredAt(visit, 'cut-off-untested')).toEqual(['front', 'rear']);
    // Everything that a cut-off rests on is of the lever.
    expect(CUT_OFF_LAPSES.filter((touch) => !OF_THE_LEVER.includes(touch))).toEqual([]);
  });

  it('work at one mends and cures nothing that was found at the other', () => {
    const visit = oneLever();
    visit.look('leaks', ['leak-at-banjo']);
    visit.test('stand', 'failed');
    visit.repair('remake-joint-at-caliper', 'third').repair('centre-caliper', 'third');
    visit.look('leaks');
    visit.test('stand', 'passed');
    expect(visit.item('leaks')).toMatchObject({ found: ['leak-at-banjo'], doNotRide: true });
    expect(barredAt(visit, 'stand-untested')).toContain('front');
  });

  it('fluid that went in at one was met by the other', () => {
    const visit = oneLever();
    visit.fill('mineral', 'third');
    const hose = (end: End) => metAt(NOTHING_MET, visit.job, end).hose.length;
    expect([hose('front'), hose('rear'), hose('third')]).toEqual([1, 0, 1]);
  });

  it('is seen to cut the motor once', () => {
    const cutOffs = (visit: Visit) => barredAt(visit, 'cut-off-untested');
    expect(cutOffs(onBike({ motor: true, thirdBrake: 'disc' }))).toEqual([
      'front',
      'rear',
      'third',
    ]);
    expect(
      cutOffs(onBike({ motor: true, thirdBrake: 'disc', sharedLever: 'front-third' })),
    ).toEqual(['front', 'rear']);
  });
});

// Our design: a correction that makes less be asked takes a lead.
it.each([
  [{ thirdBrake: 'disc' }, { thirdBrake: 'none' }, 'thirdBrake'],
  [{ thirdBrake: 'none' }, { thirdBrake: 'disc' }, null],
  [{ sharedLever: 'none' }, { sharedLever: 'front-rear' }, 'sharedLever'],
  [{ sharedLever: 'front-rear' }, { sharedLever: 'none' }, 'sharedLever'],
  // Struck off and put back on by whoever comes by, it would share a lever that nobody asked a lead about.
  [
    { thirdBrake: 'none', sharedLever: 'front-third' },
    { thirdBrake: 'disc', sharedLever: 'front-third' },
    'thirdBrake',
  ],
  [{ sharedLever: 'front-third' }, { sharedLever: 'none' }, null],
  [
    { thirdBrake: 'disc', thirdPlace: 'right-front', forkMaterial: 'carbon' },
    { thirdBrake: 'disc', thirdPlace: 'right-rear', forkMaterial: 'carbon' },
    'thirdPlace',
  ],
] as const)('a correction from %j to %j is eased by %s', (was, became, eased) => {
  const usual = { ...USUAL_USE, motor: false };
  expect(easedBy({ ...usual, ...was }, { ...usual, ...became })).toBe(eased);
});
