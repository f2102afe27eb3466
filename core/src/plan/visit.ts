import { benchAfter, planBike, type BikeTask, type Plan } from './planner';
import { FRESH_BENCH } from './price';
import { RIDEABLE, READY, unmet, type BrakeState } from './state';
import { taskOf, type Chosen, type ChosenAgain, type StandingStep } from './task';
import { procedureRule, type ProcedureId } from '../procedure/procedures';
import { ruleBroken, type BenchRule } from '../procedure/benchRules';
import { ENDS, otherEnd, type End } from '../ends';
import { isFor } from '../kit/traits';
import { stepRule, type NewPart, type StepId } from '../procedure/steps';

/** What is planned for a bike and how far it has come. */
export interface Visit {
  chosen: Chosen | null;
  steps: readonly StandingStep[];
  again: readonly ChosenAgain[];
  /** New parts that were taken from the shelf for an end, or that came with the bike. */
  parts: readonly { end: End; part: NewPart; pieces: number }[];
}

/** Why a step cannot be done, or cannot be left out. */
export type StepFault =
  /** Something of the brake is not as the step needs it. */
  | { code: 'needs'; of: keyof BrakeState }
  | { code: 'rule'; rule: BenchRule }
  | { code: 'hands' }
  /** Nobody wrote down where the new part came from. */
  | { code: 'part-unrecorded'; part: NewPart }
  | { code: 'other-end-open'; end: End }
  /** The other brake is not as far as this work needs it. */
  | { code: 'other-end-not'; end: End }
  | { code: 'not-planned' }
  /** Set-ups are not left out: they are there because a later step wants them. */
  | { code: 'set-up' }
  /** Without it the brake cannot be made ready: one of the rules asks for it. */
  | { code: 'no-way' };

const doneOf = ({ steps }: Visit) => steps.filter(({ outcome }) => outcome === 'done');

/** The planner's task as the visit stands. */
export function taskAt({ chosen, steps, again }: Visit): BikeTask {
  return chosen ? taskOf(chosen, steps, again) : {};
}

/** What is left to do, from the present state; null when there is no way. */
export function planAt(visit: Visit): Plan | null {
  const bench = benchAfter(doneOf(visit), FRESH_BENCH);
  return planBike(taskAt(visit), bench, visit.chosen?.changeOvers);
}

/**
 * Why this step may not be done now, or null. Every step that the brake's state allows may be done, also out of the plan's
 * order: the plan is made anew from where it leads.
 */
export function doFault(
  visit: Visit,
  step: StepId | 'wash-hands',
  end: End | null,
): StepFault | null {
  if (step === 'wash-hands') return null;
  const task = taskAt(visit);
  const brake = end === null ? undefined : task[end];
  if (!brake || end === null) return { code: 'not-planned' };
  const rule = stepRule(step);
  if (!isFor(rule.on, brake.brake)) return { code: 'not-planned' };
  if (rule.kind === 'work' && (!brake.work.includes(step) || brake.done.includes(step)))
    return { code: 'not-planned' };
  const { hands } = benchAfter(doneOf(visit), FRESH_BENCH);
  const before = brake.start;
  const broken = ruleBroken({ step, before, after: { ...before, ...rule.sets }, hands });
  if (broken !== null) return { code: 'rule', rule: broken };
  if (rule.hands === 'clean' && hands !== 'clean') return { code: 'hands' };
  const missing = unmet(before, rule.needs);
  if (missing) return { code: 'needs', of: missing };
  const part = rule.parts.find((each) => NEVER_USED_AGAIN.includes(each));
  if (part && partsLeft(visit, end, part) < 1) return { code: 'part-unrecorded', part };
  if (rule.otherEnd) {
    const other = otherEnd(end);
    const brake = other && task[other];
    if (!brake || unmet(brake.start, rule.otherEnd))
      return { code: 'other-end-not', end: other ?? end };
  }
  if (rule.place === 'riding')
    for (const other of ENDS) {
      const state = other === end ? undefined : task[other]?.start;
      if (!state) continue;
      const proven = state.standTested || !rule.acts.includes('rides');
      if (unmet(state, RIDEABLE) !== null || !proven) return { code: 'other-end-open', end: other };
    }
  return null;
}

/** What seals a joint is used once: the record says where each one came from. Common practice [P]. */
const NEVER_USED_AGAIN: readonly NewPart[] = [
  'olive',
  'barb',
  'banjo-seals',
  'caliper-seals',
  'lever-seals',
];

/** New parts of a kind that were written down for an end, less those that its steps used. */
function partsLeft(visit: Visit, end: End, part: NewPart): number {
  const had = visit.parts
    .filter((each) => each.end === end && each.part === part)
    .reduce((sum, { pieces }) => sum + pieces, 0);
  const used = doneOf(visit).filter(
    ({ step, end: where }) =>
      where === end && step !== 'wash-hands' && stepRule(step).parts.includes(part),
  ).length;
  return had - used;
}

/** Procedures of the plan that have nothing left to do at an end: they may be chosen once more. */
export function doneWith(visit: Visit, end: End): ProcedureId[] {
  const brake = taskAt(visit)[end];
  if (!brake || brake.done.length === 0) return [];
  return (visit.chosen?.procedures[end] ?? []).filter((id) => {
    const { steps, finds } = procedureRule(id);
    return (
      steps.every((step) => brake.done.includes(step) || !brake.work.includes(step)) &&
      Object.entries(finds ?? {}).every(
        ([name, found]) => brake.start[name as keyof BrakeState] !== found,
      )
    );
  });
}

/** Why this step may not be left out, or null. A reason is asked for in any case. */
export function skipFault(
  visit: Visit,
  step: StepId | 'wash-hands',
  end: End | null,
): StepFault | null {
  if (step === 'wash-hands') return { code: 'rule', rule: 9 };
  if (stepRule(step).kind === 'set-up') return { code: 'set-up' };
  const task = end === null ? undefined : taskAt(visit)[end];
  if (!task?.work.includes(step) || task.done.includes(step)) return { code: 'not-planned' };
  const without: Visit = { ...visit, steps: [...visit.steps, { step, end, outcome: 'skipped' }] };
  return planAt(without) === null ? { code: 'no-way' } : null;
}

/** Why this step cannot be taken back, or null: only the last one that stands can, since all later ones rest on it. */
export function backFault(
  { steps }: Visit,
  step: StepId | 'wash-hands',
  end: End | null,
): StepFault | null {
  const last = steps.at(-1);
  return last?.step === step && last.end === end ? null : { code: 'not-planned' };
}

/** Whether bedding-in would come too early: work is planned at this end, and nobody has ridden it with care since [P]. */
export function beddingTooEarly(visit: Visit, end: End): boolean {
  const planned = (visit.chosen?.procedures[end] ?? []).length > 0;
  return planned && !taskAt(visit)[end]?.start.ridden;
}

/** Whether there is planned work at an end that is not all done, or a brake that is not ready after it. */
export function planOpen(visit: Visit, end: End): boolean {
  const brake = taskAt(visit)[end];
  if (!brake) return false;
  return (
    brake.work.some((id) => !brake.done.includes(id)) ||
    unmet(brake.start, brake.until ?? READY) !== null
  );
}

/** Ends at which work was begun and the brake is not ready for its rider yet, each with the first thing that is open. */
export function openEnds(visit: Visit): { end: End; of: keyof BrakeState }[] {
  const task = taskAt(visit);
  return ENDS.flatMap((end) => {
    const brake = task[end];
    if (!brake || brake.done.length === 0) return [];
    const of = unmet(brake.start, brake.until ?? READY);
    return of ? [{ end, of }] : [];
  });
}
