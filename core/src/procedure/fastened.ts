import type { FastenerId } from '../torque/fasteners';
import { fastenersOf, type FastenedBrake } from './hold';
import { stepRule, type StepId } from './steps';

/** The fasteners a step of the plan brings to their torque. */
export function fastenedBy(step: StepId, brake: FastenedBrake): FastenerId[] {
  return stepRule(step).fastens.flatMap((hold) => fastenersOf(hold, brake));
}

/**
 * The fasteners by whose torque a step is done. Of what it loosens itself the torque comes after it, and the stand test asks for
 * it [D].
 */
export function doneByTorque(step: StepId, brake: FastenedBrake): FastenerId[] {
  const { fastens, loosens } = stepRule(step);
  return fastens
    .filter((hold) => !loosens.includes(hold))
    .flatMap((hold) => fastenersOf(hold, brake));
}
