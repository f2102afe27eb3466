import { SEAT } from '../evidence/touch';
import {
  differingAt,
  lastAt,
  lastLook,
  readAt,
  type MeasuringSession,
} from '../inspection/session';
import type { Standard } from '../inspection/standard';
import {
  clearanceVerdict,
  CORNERS,
  PLAUSIBLE_SPAN_MM,
  plausibleGap,
  type ClearanceMeasurement,
  type ClearanceVerdict,
} from '../clearance/corners';
import { within, type MeasurandRule } from './rule';

const LAPSES = [...SEAT, 'caliper', 'caliper-changed', 'mount', 'pistons', 'pads'] as const;

/** The gaps between pads and rotor, at their four corners. */
export const clearance: MeasurandRule<ClearanceVerdict> = {
  version: 'clearance/4',
  round: false,
  places: () => ['span', ...CORNERS],
  aids: { span: within(PLAUSIBLE_SPAN_MM.least, PLAUSIBLE_SPAN_MM.most) },
  plausible: plausibleGap,
  bases: [null],
  gauges: ['feeler-gauges'],
  lapses: LAPSES,
  answeredByStandTest: true,
  mendedBy: LAPSES,
  condemnsByPlace: false,
  acceptedWith: null,
  judge: (session, { runout = null }) => clearanceVerdict(measurementOf(session, runout)),
  work: ({ cure }) => {
    switch (cure) {
      case 'centre':
        return ['centre-caliper'];
      case 'square':
        return ['square-caliper'];
      case 'neither':
        return ['true-rotor', 'reset-pads'];
      case 'none':
      case null:
        return [];
    }
  },
};

/** The session as four gaps. */
function measurementOf(
  session: MeasuringSession,
  runout: NonNullable<Standard['runout']> | null,
): ClearanceMeasurement {
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    // A gap felt closed once is closed: repeats are averaged to prove, never to save.
    gapsMm: readAt(session, CORNERS, (values) => Math.min(...values)),
    differing: differingAt(session, CORNERS),
    spanMm: lastAt(session, 'span'),
    atMidReading: lastLook(session.looks, 'at-mid-reading') ?? false,
    tirMm: runout?.tirMm ?? null,
    ...(runout ? { tirDoubtMm: runout.doubtMm, tirProven: runout.proven } : {}),
  };
}
