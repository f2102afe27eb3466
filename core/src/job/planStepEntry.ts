import type { End } from '../ends';
import type { StepId } from '../procedure/steps';
import type { EntryBase } from './entry';

/** A step of the plan done, or left out with a reason; or the last one that stands taken back, after a slip of the hand. */
export interface PlanStepEntry extends EntryBase {
  kind: 'plan-step';
  step: StepId | 'wash-hands';
  /** Null for what belongs to the whole bike. */
  end: End | null;
  outcome: 'done' | 'skipped' | 'taken-back';
  reason: string;
  /** The step before it as whoever did it saw; null for the first. Two phones cannot do the same step twice. */
  after: string | null;
}
