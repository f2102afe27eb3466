import { procedureRule, type ProcedureId } from '../procedure/procedures';
import { stepRule, type StepId } from '../procedure/steps';
import { WHOLE, type BrakeState } from './state';

/**
 * Whether to do a step is to do a procedure: it is one of its own; or, where it has none, it puts right what the procedure finds, as
 * whichever step the planner takes for that does [D].
 */
export function isStepOf(step: StepId, procedure: ProcedureId): boolean {
  const { steps, finds } = procedureRule(procedure);
  if (steps.length > 0) return steps.includes(step);
  const { sets } = stepRule(step);
  return (Object.keys(finds) as (keyof BrakeState)[]).some((name) => sets[name] === WHOLE[name]);
}
