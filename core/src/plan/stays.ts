import { stepRule, type StepId } from '../procedure/steps';
import type { PlannedStep } from './planner';

/**
 * The work that a set-up stands for: all that is done at its end until it is taken back. Two or more means that one
 * set-up serves what would each have asked for its own.
 * @param steps a plan's steps
 * @param at which of them
 */
export function staysFor(steps: readonly PlannedStep[], at: number): StepId[] {
  const here = steps[at];
  if (!here || here.step === 'wash-hands') return [];
  const setUp = stepRule(here.step);
  if (setUp.kind !== 'set-up' || setUp.lasts === null) return [];
  const work: StepId[] = [];
  for (const each of steps.slice(at + 1)) {
    if (each.end !== here.end) continue;
    const { kind, sets } = stepRule(each.step);
    const now: unknown = sets[setUp.lasts];
    if (now !== undefined && now !== setUp.sets[setUp.lasts]) break;
    if (kind === 'work') work.push(each.step);
  }
  return work;
}
