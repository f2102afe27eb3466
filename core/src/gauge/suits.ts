import type { Measurand } from '../inspection/measurand';
import type { GaugeKind } from './gauge';

const THICKNESS: readonly GaugeKind[] = [
  'outside-micrometer',
  'thickness-gauge',
  'digital-caliper',
  'vernier-caliper',
];

/** What each thing is measured with. A tape or a rule is not good enough for rotors and pads [P]. */
const SUITED: Readonly<Record<Measurand, readonly GaugeKind[]>> = {
  rotor: THICKNESS,
  pads: THICKNESS,
  runout: ['dial-indicator'],
  clearance: ['feeler-gauges'],
  lever: ['rule', 'digital-caliper', 'vernier-caliper'],
  'mount-face': ['feeler-gauges'],
};

/** Whether a kind of gauge is good enough for what is to be measured. @example suits('rule', 'rotor') // false */
export function suits(kind: GaugeKind, measurand: Measurand): boolean {
  return SUITED[measurand].includes(kind);
}
