import { addMonths } from 'date-fns/addMonths';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { GAUGE_DEFAULTS, type Gauge } from './gauge';

/** Why a gauge cannot be what a register says of it, and in which of its fields. */
type GaugeFault =
  /** Its doubt is less than the step it shows leaves open. */
  | { field: 'uncertaintyMm'; code: 'doubt-under-step' }
  /** Its doubt is by no certificate, and less than is assumed of its kind without one. */
  | { field: 'uncertaintyMm'; code: 'under-assumed' }
  /** A vernier's long jaws are no points. */
  | { field: 'anvils'; code: 'points-on-vernier' };

/** A gauge as a register holds it. */
interface Registered extends Pick<Gauge, 'kind' | 'anvils' | 'resolutionMm' | 'uncertaintyMm'> {
  uncertaintyAssumed: boolean;
  retired: boolean;
}

/**
 * The first reason against a gauge as it is registered, or null [D]. A step shown leaves U = step/√3 open by itself: a
 * rectangular spread half a step wide, k = 2. Source [S]: JCGM 100:2008 (GUM), 4.3.7 and F.2.2.1. What only a certificate can say is not
 * assumed; of one that is retired nothing is judged, and it is not held up by it.
 */
export function gaugeFault(gauge: Registered): GaugeFault | null {
  const { kind, anvils, resolutionMm, uncertaintyMm, uncertaintyAssumed, retired } = gauge;
  if (uncertaintyMm < resolutionMm / Math.sqrt(3))
    return { field: 'uncertaintyMm', code: 'doubt-under-step' };
  if (uncertaintyAssumed && !retired && uncertaintyMm < GAUGE_DEFAULTS[kind].uncertaintyMm)
    return { field: 'uncertaintyMm', code: 'under-assumed' };
  return kind === 'vernier-caliper' && anvils === 'point'
    ? { field: 'anvils', code: 'points-on-vernier' }
    : null;
}

/** A calibration is yearly; the longest that a certificate gives is thought to be twice that, months [D]. */
const LONGEST_CALIBRATION_MONTHS = 24;

/**
 * Whether the day that a gauge or a wrench is calibrated through is too far off to be one: a year that slipped would prove by it for as
 * long. One that is retired proves nothing, and is not held up by its day.
 * @param today `yyyy-mm-dd`
 */
export function isCalibratedTooFar(
  { calibrationDueOn: dueOn, retired }: Pick<Gauge, 'calibrationDueOn'> & { retired: boolean },
  today: string,
): boolean {
  const last = addMonths(parseISO(today), LONGEST_CALIBRATION_MONTHS);
  return !retired && dueOn !== null && dueOn > formatISO(last, { representation: 'date' });
}
