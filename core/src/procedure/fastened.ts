import type { FastenerId } from '../torque/fasteners';
import { fastenersOf, type FastenedBrake } from './hold';
import { stepRule, type StepId } from './steps';

/** The fasteners a step of the plan brings to their torque. */
export function fastenedBy(step: StepId, brake: FastenedBrake): FastenerId[] {
  return stepRule(step).fastens.flatMap((hold) => fastenersOf(hold, brake));
}
