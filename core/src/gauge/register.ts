import type { Gauge } from './gauge';

/** Why a gauge cannot be what a register says of it. */
type GaugeFault =
  /** Its doubt is less than the step it shows leaves open. */
  | 'doubt-under-step'
  /** A vernier's long jaws are no points. */
  | 'points-on-vernier';

/**
 * The first reason against a gauge as it is registered, or null [D]. A step shown leaves U = step/√3 open by itself: a
 * rectangular spread half a step wide, k = 2. Source [S]: JCGM 100:2008 (GUM), 4.3.7 and F.2.2.1.
 */
export function gaugeFault({
  kind,
  anvils,
  resolutionMm,
  uncertaintyMm,
}: Pick<Gauge, 'kind' | 'anvils' | 'resolutionMm' | 'uncertaintyMm'>): GaugeFault | null {
  if (uncertaintyMm < resolutionMm / Math.sqrt(3)) return 'doubt-under-step';
  return kind === 'vernier-caliper' && anvils === 'point' ? 'points-on-vernier' : null;
}
