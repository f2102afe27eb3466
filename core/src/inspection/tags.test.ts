import { USUAL_USE } from '../kit/bike';
import { USUAL_BRAKE } from '../kit/traits';
import type { LookOver } from './inspected';
import { liftsAdvice, liftsTag, toHang, type LiftingVisit } from './tags';

const item = (
  subject: 'rotor' | 'leaks' | 'lever',
  doNotRide: boolean,
  end: 'front' | 'rear' = 'front',
) => ({ end, subject, doNotRide, word: doNotRide ? 'replace' : 'holds', judgement: null }) as const;
const tag = {
  end: 'front',
  subject: 'rotor',
  found: ['crack'],
  jobId: 'earlier',
  foundAfter: null,
} as const;
const leak = { ...tag, subject: 'leaks', found: ['leak-at-banjo'] } as const;
const nothing: LiftingVisit = {
  id: 'now',
  bike: USUAL_USE,
  brakes: { front: USUAL_BRAKE, rear: USUAL_BRAKE, third: USUAL_BRAKE },
  items: [],
  lookedOver: [],
  measured: [],
  decided: [],
  stepped: [],
  fittings: [],
  neverFitted: [],
  neverRepaired: [],
  takenOff: [],
  filled: [],
  bled: [],
  repaired: [],
  tightened: [],
  edited: [],
  away: [],
};
const look = (seq: number, area: LookOver['area']): LookOver => ({
  id: `look ${seq}`,
  seq,
  end: 'front',
  area,
  found: [],
  words: '',
  takesBack: [],
});
const remade = { seq: 10, end: 'front', work: 'remake-joint-at-caliper' } as const;
const rotorOn = { seq: 10, part: 'rotor', end: 'front', jobId: 'now', condition: 'new' } as const;
const said = (byLead: boolean, seq = 60) =>
  ({ seq, end: 'front', subject: 'rotor', byLead, decision: 'seen-wrong' }) as const;

// Our design (E1): a do-not-ride is lifted by what answers it, on this job or another, and by nothing less.
describe('a do-not-ride on a bike', () => {
  it('is hung once, end by end', () => {
    const items = [item('rotor', true), item('leaks', false), item('rotor', true, 'rear')];
    expect(toHang(items, [tag])).toEqual([items[2]]);
    expect(toHang(items, [])).toEqual([items[0], items[2]]);
  });

  it('stays when nobody looked, or a look merely finds nothing', () => {
    expect(liftsTag(tag, nothing)).toBe(false);
    expect(liftsTag(tag, { ...nothing, items: [item('rotor', false)] })).toBe(false);
    expect(liftsTag(leak, { ...nothing, lookedOver: [look(11, 'leaks')] })).toBe(false);
  });

  it('is lifted by work that can cure it and a look after that, in this order', () => {
    const mended = { ...nothing, repaired: [remade] };
    expect(liftsTag(leak, mended)).toBe(false);
    expect(liftsTag(leak, { ...mended, lookedOver: [look(9, 'leaks')] })).toBe(false);
    expect(liftsTag(leak, { ...mended, lookedOver: [look(11, 'leaks')] })).toBe(true);
    const other = { ...remade, work: 'full-bleed' } as const;
    const cured = { ...nothing, repaired: [other], lookedOver: [look(11, 'leaks')] };
    expect(liftsTag(leak, cured)).toBe(false);
  });

  it('is lifted by another individual, unless that is no better', () => {
    expect(liftsTag(tag, { ...nothing, fittings: [rotorOn] })).toBe(true);
    expect(liftsTag(tag, { ...nothing, fittings: [{ ...rotorOn, end: 'rear' }] })).toBe(false);
    const worse = { ...nothing, fittings: [rotorOn], items: [item('rotor', true)] };
    expect(liftsTag(tag, worse)).toBe(false);
    // Nor by the step that puts one on: who writes it down says which.
    const step = { id: 's', seq: 10, step: 'new-rotor-on', end: 'front', after: null } as const;
    const tapped = { ...nothing, stepped: [{ ...step, outcome: 'done' }] as const };
    expect(liftsTag(tag, tapped)).toBe(false);
  });

  it('is lifted by nothing that was done at another brake on the same lever', () => {
    const bike = { ...USUAL_USE, sharedLever: 'front-rear' } as const;
    const fittings = [{ ...rotorOn, end: 'rear' }] as const;
    expect(liftsTag(tag, { ...nothing, bike, fittings })).toBe(false);
    const lever = { ...tag, subject: 'lever', found: [] } as const;
    const bled = {
      ...nothing,
      bike,
      items: [item('lever', false)],
      bled: [{ seq: 11, end: 'rear' }] as const,
      measured: [{ id: 'm', seq: 12, end: 'front', part: 'lever' }] as const,
    };
    expect(liftsTag(lever, bled)).toBe(false);
  });

  it('is taken back by a lead with words, and by nobody else', () => {
    expect(liftsTag(tag, { ...nothing, decided: [said(false)] })).toBe(false);
    expect(liftsTag(tag, { ...nothing, decided: [said(true)] })).toBe(true);
  });

  it('of a lever goes by the whole test, good, after work on the system', () => {
    const lever = { ...tag, subject: 'lever', found: [] } as const;
    const good = {
      ...nothing,
      items: [item('lever', false)],
      measured: [{ id: 'm', seq: 12, end: 'front', part: 'lever' }] as const,
    };
    expect(liftsTag(lever, good)).toBe(false);
    expect(liftsTag(lever, { ...good, bled: [{ seq: 11, end: 'front' }] })).toBe(true);
    expect(liftsTag(lever, { ...good, bled: [{ seq: 13, end: 'front' }] })).toBe(false);
    // Hung in the middle of the visit: what was bled and tested before that says nothing of it.
    const bled = { ...good, bled: [{ seq: 11, end: 'front' }] as const };
    expect(liftsTag({ ...lever, jobId: 'now', foundAfter: 20 }, bled)).toBe(false);
    const later = {
      ...bled,
      measured: [{ id: 'm', seq: 32, end: 'front', part: 'lever' }] as const,
    };
    expect(liftsTag({ ...lever, foundAfter: 20 }, later)).toBe(false);
    expect(
      liftsTag({ ...lever, foundAfter: 20 }, { ...later, bled: [{ seq: 31, end: 'front' }] }),
    ).toBe(true);
  });

  it('of the visit in hand goes once nothing of it stands any more', () =>
    expect(liftsTag({ ...tag, jobId: 'now' }, nothing)).toBe(true));

  it('one that names no finding is lifted by no look', () => {
    const takenBack = { ...tag, subject: 'leaks', found: [] } as const;
    const seen = { ...nothing, repaired: [remade], lookedOver: [look(11, 'leaks')] };
    expect(liftsTag(takenBack, seen)).toBe(false);
  });

  it('found of a container afterwards, it goes by what came after that alone', () => {
    const fluid = {
      ...tag,
      subject: 'fluid',
      found: ['fluid-wrong'],
      jobId: 'now',
      foundAfter: 50,
    } as const;
    // Every seal that met it: caliper and lever.
    const resealed = (seq: number) =>
      (['reseal-caliper', 'reseal-lever'] as const).map(
        (work) => ({ seq, end: 'front', work }) as const,
      );
    expect(liftsTag(fluid, nothing)).toBe(false);
    expect(liftsTag(fluid, { ...nothing, lookedOver: [look(52, 'fluid')] })).toBe(false);
    const early = { ...nothing, repaired: resealed(49), lookedOver: [look(52, 'fluid')] };
    expect(liftsTag(fluid, early)).toBe(false);
    const half = {
      ...nothing,
      repaired: resealed(51).slice(1),
      lookedOver: [look(52, 'fluid')],
    };
    expect(liftsTag(fluid, half)).toBe(false);
    const late = { ...nothing, repaired: resealed(51), lookedOver: [look(52, 'fluid')] };
    expect(liftsTag(fluid, late)).toBe(true);
  });
});

// Our design (E1): a refused Replace is ridden against advice until it is mended.
it('what a customer would not have replaced stays until it is mended, or measured good with words', () => {
  const advice = { end: 'front', subject: 'rotor', found: [] } as const;
  expect(liftsAdvice(advice, nothing)).toBe(false);
  expect(liftsAdvice(advice, { ...nothing, items: [item('rotor', false)] })).toBe(false);
  expect(liftsAdvice(advice, { ...nothing, decided: [said(false)] })).toBe(false);
  const good = { ...nothing, items: [item('rotor', false)], decided: [said(false)] };
  expect(liftsAdvice(advice, good)).toBe(true);
  expect(liftsAdvice(advice, { ...nothing, fittings: [rotorOn] })).toBe(true);
});
