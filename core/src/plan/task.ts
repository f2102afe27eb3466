import {
  brakeFor,
  PROCEDURE_IDS,
  procedureRule,
  workFor,
  type ProcedureId,
} from '../procedure/procedures';
import { ENDS, type End } from '../ends';
import {
  AFTER_A_FLUSH,
  FIRST_BLEEDS,
  isBleedMethod,
  FLUSHING,
  type FirstBleed,
} from '../fluid/bleedMethods';
import type { BrakeKind } from '../kit/traits';
import { STEP_IDS, stepRule, type StepId } from '../procedure/steps';
import { allows, type BrakeTask } from './brakeGraph';
import {
  benchAfter,
  planBike,
  priced,
  walk,
  type BikeTask,
  type DoneStep,
  type Plan,
} from './planner';
import { FRESH_BENCH, type ChangeOvers } from './price';
import { CLOSED, LEFT_TO_RIDER, unmet, WHOLE, type BrakeState } from './state';

/** What was chosen for a bike, how each end is flushed where nobody chose how, and what brakes it has. */
export interface Chosen {
  procedures: Partial<Record<End, readonly ProcedureId[]>>;
  bleed: Readonly<Record<End, FirstBleed>>;
  /** Which work there is on each end's brake. */
  brakes: Readonly<Record<End, BrakeKind>>;
  /** The shop may not ride it: what takes a ride is left to its rider. */
  unridden?: boolean;
  /** What it takes to turn from step to step; the usual where nobody laid down another. */
  changeOvers?: ChangeOvers;
}

/** A step as it stands in a visit: done, or left out with a reason. */
export interface StandingStep extends DoneStep {
  outcome: 'done' | 'skipped';
}

/** A procedure that was chosen once more, after so many of the visit's steps. */
export interface ChosenAgain {
  end: End;
  procedure: ProcedureId;
  after: number;
}

/**
 * The planner's task: each end as it stands after what was done so far, and the work that was chosen for it. What was left
 * out is no work any more.
 * @param steps in the order done; a re-plan goes on from there
 * @param again procedures chosen once more after they were done
 */
export function taskOf(
  { procedures, bleed, brakes, unridden = false }: Chosen,
  steps: readonly StandingStep[] = [],
  again: readonly ChosenAgain[] = [],
): BikeTask {
  const task: BikeTask = {};
  for (const end of ENDS) {
    const chosen = procedures[end] ?? [];
    if (chosen.length === 0 && !steps.some((each) => each.end === end)) continue;
    const brake = brakeFor(chosen, brakes[end]);
    const work = workFor(chosen.length > 0 ? chosen : ['final-check'], bleed[end], brake).filter(
      (id) => !unridden || !takesARide(id),
    );
    const here = again.filter((each) => each.end === end);
    const after = stateAfter(end, chosen, steps, here);
    const standing = standingAt(end, steps, here, work, after);
    const of = (outcome: StandingStep['outcome']) =>
      standing.flatMap((each) => (each.outcome === outcome ? [each.step] : []));
    const done = of('done');
    const start = { ...after, ridden: done.includes('careful-ride') };
    const leftOut = of('skipped');
    const changed = steps.some(
      (each) =>
        each.end === end &&
        each.outcome === 'done' &&
        each.step !== 'wash-hands' &&
        isChange(each.step),
    );
    const asked = work.filter(
      (id) => !leftOut.includes(id) && (done.includes(id) || !tooLateFor(id, start, changed)),
    );
    const flushed = FLUSHING.some((id) => asked.includes(id));
    task[end] = {
      brake,
      start,
      work: flushed ? asked : asked.filter((id) => !AFTER_A_FLUSH.includes(id)),
      done,
      ...(unridden ? { until: LEFT_TO_RIDER } : {}),
    } satisfies BrakeTask;
  }
  return task;
}

/** A ride, or what is looked at after one. */
function takesARide(id: StepId): boolean {
  const { place, needs } = stepRule(id);
  return place === 'riding' || needs.ridden === true || needs.bedded === true;
}

/** What one brake is after these steps; what a procedure finds holds from when it was chosen. */
function stateAfter(
  end: End,
  chosen: readonly ProcedureId[],
  steps: readonly StandingStep[],
  again: readonly ChosenAgain[],
): BrakeState {
  const finds = (ids: readonly ProcedureId[]) =>
    Object.assign({}, ...ids.map((id) => procedureRule(id).finds)) as Partial<BrakeState>;
  let state: BrakeState = { ...WHOLE, ...finds(chosen) };
  for (let at = 0; at <= steps.length; at++) {
    const here = again.filter(({ after }) => after === at).map((each) => each.procedure);
    state = { ...state, ...finds(here), ...(here.some(changesIt) ? { standTested: false } : {}) };
    const step = steps[at];
    if (step?.outcome === 'done') state = walk({ [end]: state }, onlyAt(end, step))[end]!;
  }
  return state;
}

/** Whether a procedure does more than prove. */
const changesIt = (id: ProcedureId): boolean => {
  const { steps } = procedureRule(id);
  return steps.length === 0 || steps.some(isChange);
};

const onlyAt = (end: End, step: DoneStep): DoneStep[] => (step.end === end ? [step] : []);

/** The steps of one end that still count: neither chosen once more since, nor proof of what was changed since or will be. */
function standingAt(
  end: End,
  steps: readonly StandingStep[],
  again: readonly ChosenAgain[],
  work: readonly StepId[],
  state: BrakeState,
): { step: StepId; outcome: StandingStep['outcome'] }[] {
  const chosenAgain = (step: StepId, at: number) =>
    again.some(
      ({ procedure, after }) =>
        at < after &&
        (procedureRule(procedure).steps.includes(step) ||
          stepRule(step).redoneAfter === 'every-change'),
    );
  const here = steps.flatMap((each, at) =>
    each.end === end && each.step !== 'wash-hands' && !chosenAgain(each.step, at)
      ? [{ step: each.step, outcome: each.outcome }]
      : [],
  );
  let standing = here;
  for (;;) {
    // What fell is done again, and what it makes worthless falls with it.
    const pending = work.filter((id) => !standing.some(({ step }) => step === id));
    const left = standing.filter((each) => {
      const later = here
        .slice(here.indexOf(each) + 1)
        .flatMap(({ step, outcome }) => (outcome === 'done' ? [step] : []));
      if (each.outcome === 'skipped')
        return !later.some((other) => isRedoneAfter(each.step, other));
      return (
        !isProofOfAnother(each.step, state) &&
        !isWantedAgain(each.step, pending, state) &&
        ![...later, ...pending].some((other) => isRedoneAfter(each.step, other))
      );
    });
    if (left.length === standing.length) return standing;
    standing = left;
  }
}

/** Whether a step proved a brake that is known to be another by now: centring was asked for since. */
function isProofOfAnother(step: StepId, state: BrakeState): boolean {
  const { redoneAfter, needs } = stepRule(step);
  return redoneAfter === 'every-change' && unmet(state, needs) !== null;
}

/**
 * Whether work that was done is wanted once more: what is still to be done needs what it brought about, that is so no longer, and
 * nothing else brings it about. A joint that was closed again is opened for the lever that was found to be bad since.
 */
function isWantedAgain(step: StepId, pending: readonly StepId[], state: BrakeState): boolean {
  const { kind, sets } = stepRule(step);
  const names = Object.keys(sets) as (keyof BrakeState)[];
  const bringsAbout = (id: StepId, name: keyof BrakeState, want: unknown) =>
    allows(want, stepRule(id).sets[name]);
  return (
    kind === 'work' &&
    pending.some((next) =>
      names.some((name) => {
        const want = stepRule(next).needs[name];
        return (
          !isAsItCame(next) &&
          bringsAbout(step, name, want) &&
          !allows(want, state[name]) &&
          ![...SET_UPS, ...pending].some((id) => id !== next && bringsAbout(id, name, want))
        );
      }),
    )
  );
}
const SET_UPS = STEP_IDS.filter((id) => stepRule(id).kind === 'set-up');

/** Anything that makes the stand test worthless, and work that is not proof itself. */
const isChange = (step: StepId): boolean => {
  const rule = stepRule(step);
  if (rule.sets.standTested === false) return true;
  return rule.kind === 'work' && rule.stage !== 'prove' && rule.stage !== 'strip';
};

/** Whether a step proves, or is worth, something that a later one makes worthless. */
export function isRedoneAfter(step: StepId, later: StepId): boolean {
  const { redoneAfter } = stepRule(step);
  if (redoneAfter === 'every-change') return isChange(later);
  return redoneAfter === 'every-bleed' ? isBleedMethod(later) : redoneAfter.includes(later);
}

/** Tests of the brake as it came in can only be made before it is touched, also where it is closed up again since. */
const tooLateFor = (step: StepId, state: BrakeState, changed: boolean): boolean =>
  isAsItCame(step) && (changed || unmet(state, stepRule(step).needs) !== null);
const isAsItCame = (step: StepId): boolean => stepRule(step).acts.includes('as-it-came');

/**
 * The same work as somebody without a plan would do it: the tests of the brake as it came in, then procedure after
 * procedure, each closed up before the next, the proving at the end; by the same rules and prices.
 */
export function naivePlan(choice: Chosen): Plan | null {
  const { procedures, bleed, brakes, changeOvers } = choice;
  const steps: StandingStep[] = [];
  const go = (task: BikeTask): boolean => {
    const plan = planBike(task, benchAfter(steps), changeOvers);
    if (plan)
      steps.push(...plan.steps.map(({ step, end }) => ({ step, end, outcome: 'done' as const })));
    return plan !== null;
  };
  const kindOf = (end: End) => brakeFor(procedures[end] ?? [], brakes[end]);
  const howBled = (end: End) =>
    FIRST_BLEEDS.find((id) =>
      workFor(procedures[end] ?? [], bleed[end], kindOf(end)).includes(id),
    ) ?? bleed[end];
  for (const end of ENDS) {
    const one = taskOf(choice)[end];
    const first = one?.work.filter(isAsItCame) ?? [];
    if (first.length > 0 && !go({ [end]: { ...one!, work: first, until: CLOSED } })) return null;
  }
  for (const id of PROCEDURE_IDS)
    for (const end of ENDS) {
      if (!procedures[end]?.includes(id)) continue;
      const one = taskOf(choice, steps)[end]!;
      const work = workFor([id], howBled(end), kindOf(end)).filter((step) => !provesAlone(step));
      if (!go({ [end]: { ...one, work, until: CLOSED } })) return null;
    }
  return go(taskOf(choice, steps)) ? priced(steps, FRESH_BENCH, changeOvers) : null;
}

/** It proves, and makes nothing better by it: once, at the end, is enough. */
function provesAlone(step: StepId): boolean {
  const rule = stepRule(step);
  return rule.kind === 'work' && rule.stage === 'prove' && !rule.acts.includes('beds-in');
}
