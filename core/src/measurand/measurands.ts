import type { ClearanceVerdict } from '../clearance/corners';
import type { FaceVerdict } from '../face/mountFace';
import type { LeverVerdict } from '../lever/lever';
import type { RunoutVerdict } from '../runout/runout';
import type { PadVerdict } from '../wear/pads';
import type { RotorVerdict } from '../wear/rotor';
import type { GaugeKind } from '../gauge/gauge';
import { clearance } from './clearance';
import { lever } from './lever';
import type { Measurand } from './measurand';
import { mountFace } from './mountFace';
import { pads } from './pads';
import { rotor } from './rotor';
import type { CommonVerdict, MeasurandRule } from './rule';
import { runout } from './runout';

/** What each thing that is measured is judged to be. */
export interface VerdictOf {
  rotor: RotorVerdict;
  pads: PadVerdict;
  runout: RunoutVerdict;
  clearance: ClearanceVerdict;
  lever: LeverVerdict;
  'mount-face': FaceVerdict;
}

/** What is measured at one end of a bike, each in a sitting of its own, with everything known of it. */
const RULES: { readonly [M in Measurand]: MeasurandRule<VerdictOf[M]> } = {
  rotor,
  pads,
  runout,
  clearance,
  lever,
  'mount-face': mountFace,
};

/** A rule whose verdicts are asked for what all have in common. */
export const measurandRule = (measurand: Measurand) =>
  RULES[measurand] as unknown as MeasurandRule<CommonVerdict>;

/** Every place a sitting can have a reading at, in the usual order; points are counted from 1. */
export function placesOf(measurand: Measurand, pointCount: number | null): readonly string[] {
  const points = Array.from({ length: pointCount ?? 0 }, (_, i) => String(i + 1));
  return measurandRule(measurand).places(points);
}

const AIDS: ReadonlySet<string> = new Set(
  Object.values(RULES).flatMap(({ aids }) => Object.keys(aids)),
);

/** Whether a reading at this place is evidence by itself, and does not only help to judge. */
export const isEvidence = (place: string): boolean => !AIDS.has(place);

/** Whether a sitting has anything to judge yet. */
export const hasEvidence = ({ readings }: { readings: readonly { place: string }[] }): boolean =>
  readings.some(({ place }) => isEvidence(place));

/** Whether a kind of gauge is good enough for what is to be measured. @example suits('rule', 'rotor') // false */
export const suits = (kind: GaugeKind, measurand: Measurand): boolean =>
  RULES[measurand].gauges.includes(kind);

/**
 * Returns a reading that can be one at its place; throws InputError for a slip such as 12 mm of rotor, before anything
 * is judged by it.
 */
export function plausibleReading(measurand: Measurand, place: string, valueMm: number): number {
  const { aids, plausible } = measurandRule(measurand);
  return (aids[place] ?? plausible)(valueMm);
}
