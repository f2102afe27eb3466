import { identified, type Visit } from '../adversary/visit';
import { atEachEnd } from '../ends';
import { metAt } from '../evidence/wet';
import { NOTHING_MET } from '../fluid/met';
import type { Finding } from '../inspection/findings';
import { liftsTag } from '../inspection/tags';
import { planAt } from '../plan/visit';
import type { ProcedureId } from '../procedure/procedures';
import type { StepId } from '../procedure/steps';
import { inspectedItems } from './bars';
import { brakesOf, visitOf } from './visit';

/** What is wrong with a brake, the work that mends it, what is done and looked at after it, and whether it is still wrong. */
const MENDED: Record<
  string,
  {
    wrong: () => Visit;
    by: [ProcedureId, StepId];
    then: (visit: Visit) => void;
    isOpen: (visit: Visit) => boolean;
  }
> = {
  'a lever that leaks, by its seals renewed': {
    wrong: () => seen('leaks', 'leak-at-lever'),
    by: ['reseal-lever', 'rebuild-lever'],
    then: (visit) => void visit.look('leaks'),
    isOpen: (visit) => visit.item('leaks')!.doNotRide,
  },
  'a cracked caliper, by another': {
    wrong: () => seen('caliper', 'caliper-cracked'),
    by: ['change-caliper', 'new-caliper-on'],
    then: () => undefined,
    isOpen: (visit) => visit.item('caliper')?.doNotRide ?? false,
  },
  'a lever that sinks, by its system opened': {
    wrong: () => identified().lever(27, 30),
    by: ['bleed-push-up', 'bleed-kit-on'],
    then: (visit) => visit.lever(),
    isOpen: (visit) => visit.item('lever')!.doNotRide,
  },
  'a lever that was felt wrong, by its system opened': {
    wrong: () => identified().lever().test('lever-feel', 'failed'),
    by: ['bleed-push-up', 'bleed-kit-on'],
    then: (visit) => visit.test('lever-feel'),
    isOpen: (visit) => visit.word('lever') === 'replace',
  },
  'a rotor that touched on the stand, by its caliper loosened and set': {
    wrong: () => identified().test('stand', 'failed'),
    by: ['align', 'caliper-loosen'],
    then: (visit) => visit.test('stand'),
    isOpen: (visit) => visit.barred.includes('stand-untested'),
  },
  'a bite that did not rise, by the faces cleaned': {
    wrong: () => told('bite', { end: 'front', rose: false }),
    by: ['clean-pads-and-rotor', 'clean-rotor'],
    then: (visit) => void visit.send('bite', { end: 'front', rose: true }),
    isOpen: (visit) => visit.barred.includes('bite-not-risen'),
  },
};

function seen(area: Parameters<Visit['look']>[0], finding: Finding): Visit {
  const visit = identified();
  expect(visit.look(area, [finding])).toBeNull();
  return visit;
}

function told(...entry: Parameters<Visit['send']>): Visit {
  const visit = identified();
  expect(visit.send(...entry)).toBeNull();
  return visit;
}

// Our design (E1): it is work that answers, and a slip of the hand is none.
describe.each(Object.entries(MENDED))('%s', (_what, { wrong, by, then, isOpen }) => {
  it('is answered by that step', () => {
    const visit = wrong();
    expect(isOpen(visit)).toBe(true);
    visit.workUpTo(...by);
    then(visit);
    expect(isOpen(visit)).toBe(false);
  });

  it('and not once it was taken back, whether before it was looked at again or after', () => {
    const before = wrong();
    before.workUpTo(...by);
    expect(before.step(by[1], 'taken-back')).toBeNull();
    then(before);
    expect(isOpen(before)).toBe(true);
    const after = wrong();
    after.workUpTo(...by);
    then(after);
    expect(after.step(by[1], 'taken-back')).toBeNull();
    expect(isOpen(after)).toBe(true);
  });
});

it('a caliper that met another family of fluid did so, whatever was said to be put on and taken back', () => {
  const met = { ...NOTHING_MET, caliper: [{ family: 'glycol', grade: 'DOT 4' }] } as const;
  const visit = identified({ metBefore: { ...atEachEnd(() => NOTHING_MET), front: met } });
  const now = () => metAt(visit.base.metBefore.front, visit.job, 'front').caliper;
  visit.workUpTo('change-caliper', 'new-caliper-on');
  expect(now()).toEqual([]);
  expect(visit.step('new-caliper-on', 'taken-back')).toBeNull();
  expect(now()).toEqual(met.caliper);
});

it('what hangs on the bike from before is lifted by that step, and not once it was taken back', () => {
  const tag = {
    end: 'front',
    subject: 'caliper',
    found: [],
    jobId: 'was',
    foundAfter: null,
  } as const;
  const visit = identified();
  const lifts = () =>
    liftsTag(tag, { ...visit.job, items: inspectedItems(visit.job), brakes: brakesOf(visit.job) });
  visit.workUpTo('change-caliper', 'new-caliper-on');
  expect(lifts()).toBe(true);
  expect(visit.step('new-caliper-on', 'taken-back')).toBeNull();
  expect(lifts()).toBe(false);
});

it('what only was said to be changed is proven anew, and told as that', () => {
  const visit = identified().lever().workUpTo('bleed-push-up', 'bleed-kit-on');
  const by = { code: 'step', step: 'bleed-kit-on' };
  expect(visit.item('lever')).toMatchObject({ word: 'unproven', lapsed: { by } });
  expect(visit.item('lever')!.lapsed).not.toHaveProperty('takenBack');
  visit.step('bleed-kit-on', 'taken-back');
  expect(visit.item('lever')).toMatchObject({ word: 'unproven', lapsed: { by, takenBack: true } });
});

it('a stand test that was taken back, and what was done after it too, is to be made', () => {
  const visit = identified();
  visit.workUpTo('align', 'stand-test');
  expect(visit.barred).not.toContain('stand-untested');
  const { step } = planAt(visitOf(visit.job))!.steps[0]!;
  expect(visit.step(step)).toBeNull();
  expect(visit.step(step, 'taken-back')).toBeNull();
  expect(visit.step('stand-test', 'taken-back')).toBeNull();
  expect(visit.barred).toContain('stand-untested');
});
