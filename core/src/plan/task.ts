import {
  BLEEDS,
  PROCEDURE_IDS,
  procedureRule,
  workFor,
  type ProcedureId,
} from '../procedure/procedures';
import { ENDS, type End } from '../ends';
import type { StepId } from '../procedure/steps';
import type { BrakeTask } from './brakeGraph';
import {
  benchAfter,
  planBike,
  priced,
  walk,
  type BikeTask,
  type DoneStep,
  type Plan,
} from './planner';
import { CLOSED, WHOLE, type BrakeState } from './state';

/** What was chosen for a bike, and how each end is bled where a joint is opened and nobody chose how. */
export interface Chosen {
  procedures: Partial<Record<End, readonly ProcedureId[]>>;
  bleed: Readonly<Record<End, (typeof BLEEDS)[number]>>;
}

/**
 * The planner's task: each end as it stands after what was done so far, and the work that was chosen for it.
 * @param done steps in the order done; a re-plan goes on from there
 */
export function taskOf({ procedures, bleed }: Chosen, done: readonly DoneStep[] = []): BikeTask {
  const task: BikeTask = {};
  for (const end of ENDS) {
    const chosen = procedures[end] ?? [];
    const here = done.filter((each) => each.end === end);
    if (chosen.length === 0 && here.length === 0) continue;
    const found = Object.assign(
      {},
      ...chosen.map((id) => procedureRule(id).finds ?? {}),
    ) as Partial<BrakeState>;
    const start = walk({ [end]: { ...WHOLE, ...found } }, here)[end]!;
    task[end] = {
      start,
      work: workFor(chosen.length > 0 ? chosen : ['final-check'], bleed[end]),
      done: here.flatMap(({ step }) => (step === 'wash-hands' ? [] : [step])),
    } satisfies BrakeTask;
  }
  return task;
}

/**
 * The same work as somebody without a plan would do it: procedure after procedure, each closed up before the next, the
 * proving at the end; by the same rules and prices.
 */
export function naivePlan({ procedures, bleed }: Chosen): Plan | null {
  const steps: DoneStep[] = [];
  const go = (task: BikeTask): boolean => {
    const plan = planBike(task, benchAfter(steps));
    if (plan) steps.push(...plan.steps);
    return plan !== null;
  };
  const howBled = (end: End) =>
    BLEEDS.find((id) => workFor(procedures[end] ?? [], bleed[end]).includes(id)) ?? bleed[end];
  for (const id of PROCEDURE_IDS)
    for (const end of ENDS) {
      if (!procedures[end]?.includes(id)) continue;
      const one = taskOf({ procedures, bleed }, steps)[end]!;
      const work = workFor([id], howBled(end)).filter((step) => !PROVING.includes(step));
      if (!go({ [end]: { ...one, work, until: CLOSED } })) return null;
    }
  return go(taskOf({ procedures, bleed }, steps)) ? priced(steps) : null;
}

const PROVING: readonly StepId[] = ['careful-ride', 'witness-ring', 'stop-test-after'];
