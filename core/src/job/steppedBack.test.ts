import { identified, type Visit } from '../adversary/visit';
import { atEachEnd } from '../ends';
import { metAt } from '../evidence/wet';
import { NOTHING_MET } from '../fluid/met';
import type { Finding } from '../inspection/findings';
import { liftsTag } from '../inspection/tags';
import { planAt } from '../plan/visit';
import type { ProcedureId } from '../procedure/procedures';
import { stepRule, type NewPart, type StepId } from '../procedure/steps';
import { inspectedItems } from './bars';
import { doRefusal } from './planStep';
import { brakesOf, visitOf } from './visit';

type Step = StepId | 'wash-hands';

function say(visit: Visit, step: Step, outcome: 'done' | 'taken-back'): void {
  const after = visit.job.stepped.at(-1)?.id ?? null;
  const end = step === 'wash-hands' ? null : 'front';
  expect(visit.send('plan-step', { step, end, outcome, reason: '', after })).toBeNull();
}

const nextOf = (visit: Visit): Step => planAt(visitOf(visit.job))!.steps[0]!.step;

function bring(visit: Visit, part: NewPart): void {
  const said = { from: 'The bag', fits: 'It does', checked: 'Looked', batch: '' };
  visit.send('part-brought', { end: 'front', part, pieces: 1, ...said });
}

/** Does the work of a procedure by its plan, up to a step and with it. */
function workUpTo(visit: Visit, procedure: ProcedureId, last: StepId): void {
  visit.plan(procedure);
  for (let step: Step | null = null; step !== last;) {
    step = nextOf(visit);
    if (step !== 'wash-hands') stepRule(step).parts.forEach((part) => bring(visit, part));
    const refusal = doRefusal(visit.job, step, 'front');
    if (refusal?.code === 'bolt-open') visit.tighten(refusal.fastener);
    say(visit, step, 'done');
  }
}

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
    workUpTo(visit, ...by);
    then(visit);
    expect(isOpen(visit)).toBe(false);
  });

  it('and not once it was taken back, whether before it was looked at again or after', () => {
    const before = wrong();
    workUpTo(before, ...by);
    say(before, by[1], 'taken-back');
    then(before);
    expect(isOpen(before)).toBe(true);
    const after = wrong();
    workUpTo(after, ...by);
    then(after);
    say(after, by[1], 'taken-back');
    expect(isOpen(after)).toBe(true);
  });
});

it('a caliper that met another family of fluid did so, whatever was said to be put on and taken back', () => {
  const met = { ...NOTHING_MET, caliper: [{ family: 'glycol', grade: 'DOT 4' }] } as const;
  const visit = identified({ metBefore: { ...atEachEnd(() => NOTHING_MET), front: met } });
  const now = () => metAt(visit.base.metBefore.front, visit.job, 'front').caliper;
  workUpTo(visit, 'change-caliper', 'new-caliper-on');
  expect(now()).toEqual([]);
  say(visit, 'new-caliper-on', 'taken-back');
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
  workUpTo(visit, 'change-caliper', 'new-caliper-on');
  expect(lifts()).toBe(true);
  say(visit, 'new-caliper-on', 'taken-back');
  expect(lifts()).toBe(false);
});

it('a stand test that was taken back, and what was done after it too, is to be made', () => {
  const visit = identified();
  workUpTo(visit, 'align', 'stand-test');
  expect(visit.barred).not.toContain('stand-untested');
  const next = nextOf(visit);
  say(visit, next, 'done');
  say(visit, next, 'taken-back');
  say(visit, 'stand-test', 'taken-back');
  expect(visit.barred).toContain('stand-untested');
});
