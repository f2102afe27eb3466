import type { FastenerId } from '../torque/fasteners';
import { fastenersOf, type FastenedBrake } from './hold';
import { stepRule, type StepId } from './steps';

/** The fastener a step of the plan brings to its torque, or null. */
export function fastenedBy(step: StepId, brake: FastenedBrake): FastenerId | null {
  const { fastens } = stepRule(step);
  return fastens === null ? null : (fastenersOf(fastens, brake)[0] ?? null);
}
