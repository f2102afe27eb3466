import { drawBrake, type TrueBrake } from '../evidence/brake';
import { randomOf } from '../random';
import { SHEET } from './visit';

/** What is true of the brake in hand, and whether a pad touches its rotor: a bolt that is turned can twist its caliper. */
export type Truth = TrueBrake & { rubs: boolean };

export const truthOf = (seed: number): Truth => ({ ...drawBrake(randomOf(seed)), rubs: false });

/** Where rotor and pads of the visit's sheet are worn, mm. */
export const ROTOR_WORN_MM = SHEET.rotor.limit!.limitMm;
export const PADS_WORN_MM = 3;

/** A bolt brought to its torque takes its caliper with it now and then. */
export function twist(truth: Truth, random: () => number): void {
  truth.rubs ||= random() < 0.3;
}

/** What a ride elsewhere does to a brake that nobody looks at meanwhile. */
export function ride(truth: Truth, random: () => number): void {
  truth.rotorMm -= 0.1 * random();
  truth.padsMm -= 0.5 * random();
  truth.tirMm += 0.1 * random();
  truth.crack ||= random() < 0.1;
  truth.leak ||= random() < 0.1;
  truth.rubs ||= random() < 0.1;
  if (random() < 0.2) truth.sinksMm = 2;
}
