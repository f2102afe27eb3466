import { stepRule, type StepId } from '../procedure/steps';
import type { PlannedStep } from './planner';

/** What takes a set-up back again. */
const UNDONE_BY: Partial<Record<StepId, readonly StepId[]>> = {
  'wheel-out': ['wheel-in'],
  'pads-out': ['pads-back', 'new-pads-in'],
  'block-in': ['block-out'],
  'spacer-in': ['spacer-out'],
  'bleed-kit-on': ['bleed-kit-off'],
  'top-up-cup-on': ['top-up-cup-off'],
  'caliper-off': ['caliper-on', 'new-caliper-on', 'new-brake-on'],
  'lever-loosen': ['lever-tighten'],
};

/**
 * The work that a set-up stands for: all that is done at its end until it is taken back. Two or more means that one
 * set-up serves what would each have asked for its own.
 * @param steps a plan's steps
 * @param at which of them
 */
export function staysFor(steps: readonly PlannedStep[], at: number): StepId[] {
  const here = steps[at];
  const undone = here && here.step !== 'wash-hands' ? UNDONE_BY[here.step] : undefined;
  if (!here || !undone) return [];
  const work: StepId[] = [];
  for (const each of steps.slice(at + 1)) {
    if (each.end !== here.end || each.step === 'wash-hands') continue;
    if (undone.includes(each.step)) break;
    if (stepRule(each.step).kind === 'work') work.push(each.step);
  }
  return work;
}
