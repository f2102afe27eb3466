import { identified, type Visit } from '../adversary/visit';
import { duesOf } from '../due/due';
import { NOTHING_MET } from '../fluid/met';
import { kitAt } from '../inspection/inspectEnd';
import { batchesPutIn } from '../stock/batches';
import { metAt } from './wet';

// Our design: a part that was written down as fitted by a slip of the hand (at the wrong end, most likely) never was on. What condemned
// the one that is stands again, what was proven of it does not.

const SOUND = [1.8, 1.8, 1.8];
const WORN = [1.45, 1.45, 1.45];

/** Writes a part down as fitted. @returns what takes it back */
function slip(
  visit: Visit,
  how: Parameters<Visit['fit']>[0] = {},
  known: Parameters<Visit['fit']>[1] = null,
) {
  expect(visit.fit({ rebedding: 'strip-and-bed-in', ...how }, known)).toBeNull();
  const of = visit.last;
  return () => visit.send('taken-back', { of });
}

describe('what condemned the part that is on', () => {
  it('stands again: a crack that was found', () => {
    const visit = identified();
    visit.look('rotor', ['crack']);
    const back = slip(visit);
    expect(visit.item('rotor')?.doNotRide ?? false).toBe(false);
    expect(back()).toBeNull();
    expect(visit.item('rotor')).toMatchObject({ word: 'replace', doNotRide: true });
    // What the new one would have been looked over for answers nothing either.
    visit.look('rotor');
    expect(visit.item('rotor')!.doNotRide).toBe(true);
  });

  it('stands again: a reading past its limit', () => {
    const visit = identified().rotor(WORN);
    const back = slip(visit);
    expect(visit.item('rotor')).toBeNull();
    expect(back()).toBeNull();
    expect(visit.word('rotor')).toBe('replace');
    visit.rotor(SOUND);
    expect(visit.item('rotor')!.held).toHaveLength(1);
  });

  it('is what was read in between as well: of which rotor, nobody knows', () => {
    const visit = identified();
    const back = slip(visit);
    visit.rotor(WORN);
    expect(back()).toBeNull();
    expect(visit.word('rotor')).toBe('replace');
  });
});

describe('what was proven', () => {
  it('falls, whether it was read before, or in between', () => {
    for (const inBetween of [false, true]) {
      const visit = identified();
      if (!inBetween) visit.rotor(SOUND);
      const back = slip(visit);
      if (inBetween) visit.rotor(SOUND);
      expect(back()).toBeNull();
      expect(visit.item('rotor')).toMatchObject({
        word: 'unproven',
        lapsed: { by: { code: 'fitted', part: 'rotor' }, takenBack: true },
      });
      visit.rotor(SOUND);
      expect(visit.word('rotor')).toBe('holds');
    }
  });

  it('is measured anew where the old one was written down as off besides', () => {
    const visit = identified().rotor(SOUND);
    visit.send('part-off', { end: 'front', part: 'rotor', goes: 'scrap' });
    expect(slip(visit)()).toBeNull();
    expect(visit.item('rotor')!.lapsed).toMatchObject({ by: { code: 'fitted' }, takenBack: true });
    visit.rotor(SOUND);
    expect(visit.word('rotor')).toBe('holds');
    // It comes off in truth later, and another goes on.
    expect(visit.send('part-off', { end: 'front', part: 'rotor', goes: 'scrap' })).toBeNull();
    expect(visit.item('rotor')!.lapsed).toMatchObject({ by: { code: 'taken-off' } });
  });

  it('falls with the rotor: wobble, gaps, its bolts and the stand', () => {
    const visit = identified().rotor(SOUND).runout(0.05).gaps(0.25);
    visit.tighten('rotor-bolts');
    visit.tickAll();
    visit.test('stand');
    expect(slip(visit)()).toBeNull();
    expect(visit.word('runout')).toBe('unproven');
    expect(visit.word('clearance')).toBe('unproven');
    expect(visit.barred).toContain('torque-unproven');
    expect(visit.barred).toContain('stand-untested');
  });

  it('is not known of a part that nobody measured', () => {
    const visit = identified();
    expect(visit.item('pads')).toBeNull();
    expect(slip(visit, { part: 'pads', compound: 'organic' })()).toBeNull();
    expect(visit.word('pads')).toBe('unproven');
    visit.pads(3.5);
    expect(visit.word('pads')).toBe('holds');
  });
});

it('leaves of the part no life, no due day and no batch', () => {
  const visit = identified();
  const used = {
    id: 'used',
    part: 'rotor',
    description: 'Another',
    compound: null,
    organicOnly: false,
    construction: null,
    newMm: null,
    stampedLimit: null,
    leastMm: 1.7,
    doubtMm: 0.03,
    word: 'holds',
    batches: ['R-118'],
    tag: 401,
    bikeName: 'Post trike 7',
    at: '',
    by: '',
    gone: false,
  } as const;
  visit.fit({ description: 'The old one', condition: 'found' });
  const before = { kit: kitAt(visit.job, 'front').rotor, due: duesOf(visit.job, visit.today) };
  const fitted = { condition: 'used', description: 'Another', usedPartId: 'used' } as const;
  const back = slip(visit, fitted, { used });
  expect(batchesPutIn(visit.job)).toMatchObject([{ batch: 'R-118' }]);
  expect(kitAt(visit.job, 'front').rotor!.description).toBe('Another');
  expect(duesOf(visit.job, visit.today)).not.toEqual(before.due);
  expect(back()).toBeNull();
  expect(kitAt(visit.job, 'front').rotor).toEqual(before.kit);
  expect(duesOf(visit.job, visit.today)).toEqual(before.due);
  expect(batchesPutIn(visit.job)).toEqual([]);
  expect(visit.job.neverFitted).toMatchObject([{ description: 'Another', end: 'front' }]);
});

it('is not taken back while what it brought along condemns it: a lead says first that it was seen wrong', () => {
  const visit = identified();
  const back = slip(visit, { condition: 'used', cameOffFor: 'crack' });
  expect(visit.item('rotor')!.doNotRide).toBe(true);
  expect(back()).toMatchObject({ field: 'of', code: 'answer-first' });
  visit.decide('seen-wrong', 'rotor');
  expect(back()).toBeNull();
  expect(visit.word('rotor')).toBe('unproven');
});

it('what is written down as found is there, and is not taken back; nor what an earlier visit fitted', () => {
  const visit = identified();
  visit.fit({ condition: 'found' });
  expect(visit.send('taken-back', { of: visit.last })).toMatchObject({ code: 'unknown' });
  const fitted = identified();
  fitted.fit();
  const earlierFittings = fitted.job.fittings.map((each) => ({ ...each, jobId: 'earlier' }));
  const next = identified({ earlierFittings });
  expect(next.send('taken-back', { of: earlierFittings[0]!.id })).toMatchObject({
    code: 'unknown',
  });
});

it('is taken back once, and can be written down at the end it went on at', () => {
  const visit = identified();
  const back = slip(visit);
  expect(back()).toBeNull();
  expect(back()).toMatchObject({ code: 'unknown' });
  expect(visit.fit({ end: 'rear' })).toBeNull();
  expect(visit.job.fittings.map(({ end }) => end)).toEqual(['rear']);
});

describe('work that was told in words by a slip of the hand', () => {
  /** Tells work of the front, and what is read after it. @returns what takes the work back */
  const tell = (visit: Visit, work: Parameters<Visit['repair']>[0]) => {
    const of = visit.repair(work).last;
    return () => visit.send('taken-back', { of });
  };

  it('cures nothing, and what came after it is no answer', () => {
    const visit = identified();
    visit.look('leaks', ['leak-at-banjo']);
    const back = tell(visit, 'remake-joint-at-caliper');
    visit.look('leaks');
    expect(visit.item('leaks')!.doNotRide).toBe(false);
    expect(back()).toBeNull();
    expect(visit.item('leaks')).toMatchObject({ doNotRide: true, lesserLooks: ['leak-at-banjo'] });
    expect(visit.job.neverRepaired).toMatchObject([{ work: 'remake-joint-at-caliper' }]);
    // Once it is done in truth, and looked at after, it does.
    visit.repair('remake-joint-at-caliper').look('leaks');
    expect(visit.item('leaks')!.doNotRide).toBe(false);
  });

  it('renews no part that met another fluid', () => {
    const visit = identified();
    expect(visit.fill()).toBeNull();
    const backs = (['replace-hose', 'reseal-caliper', 'reseal-lever'] as const).map((work) =>
      tell(visit, work),
    );
    const caliper = () => metAt(NOTHING_MET, visit.job, 'front').caliper;
    expect(caliper()).toEqual([]);
    for (const back of backs) expect(back()).toBeNull();
    expect(caliper()).toHaveLength(1);
  });

  it('is proven anew in what it would have touched: a caliper’s gaps, its bolts, the stand', () => {
    const visit = identified().rotor(SOUND).runout(0.05).gaps(0.25);
    visit.tighten('caliper-post').tickAll();
    visit.test('stand');
    expect(tell(visit, 'centre-caliper')()).toBeNull();
    expect(visit.item('clearance')).toMatchObject({
      word: 'unproven',
      lapsed: { by: { code: 'repaired', work: 'centre-caliper' }, takenBack: true },
    });
    expect(visit.barred).toContain('torque-unproven');
    expect(visit.barred).toContain('stand-untested');
  });
});
