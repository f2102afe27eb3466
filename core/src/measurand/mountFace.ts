import { plausibleGap } from '../clearance/corners';
import { faceVerdict, type FaceMeasurement, type FaceVerdict } from '../face/mountFace';
import { differingAt, lastAt, readAt, type MeasuringSession } from '../inspection/session';
import { within, type MeasurandRule } from './rule';

/** Whether the face that a caliper is bolted to is square. */
export const mountFace: MeasurandRule<FaceVerdict> = {
  version: 'mount-face/4',
  round: false,
  places: () => ['gap', 'spacing', 'pad-offset'],
  // Between the bolts, and from their line to the pad's edge [D].
  aids: { spacing: within(20, 120), 'pad-offset': within(0, 120) },
  plausible: plausibleGap,
  bases: [null],
  gauges: ['feeler-gauges'],
  lapses: [],
  answeredByStandTest: false,
  mendedBy: ['mount'],
  condemnsByPlace: false,
  acceptedWith: null,
  judge: (session) => faceVerdict(measurementOf(session)),
  work: ({ word }) => (word === 'watch' ? ['dress-mount'] : []),
};

/** The session as a look under a mount with a feeler. */
function measurementOf(session: MeasuringSession): FaceMeasurement {
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    gapMm: readAt(session, ['gap'], (values) => Math.max(...values)).gap ?? null,
    differing: differingAt(session, ['gap']),
    spacingMm: lastAt(session, 'spacing'),
    padOffsetMm: lastAt(session, 'pad-offset'),
  };
}
