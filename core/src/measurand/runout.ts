import { SEAT } from '../evidence/touch';
import { differingAt, lastAt, meanAt, type MeasuringSession } from '../inspection/session';
import type { Work } from '../inspection/work';
import { USUAL_RULES } from '../rules/shopRules';
import {
  plausibleRunoutReading,
  runoutVerdict,
  type RunoutMeasurement,
  type RunoutVerdict,
} from '../runout/runout';
import { within, type MeasurandRule } from './rule';

/** The wobble of a rotor over one turn of the wheel. */
export const runout: MeasurandRule<RunoutVerdict> = {
  version: 'runout/4',
  round: true,
  places: (points) => ['radius', ...points],
  // From the axle to the indicator [D].
  aids: { radius: within(50, 130) },
  plausible: plausibleRunoutReading,
  bases: [null],
  gauges: ['dial-indicator'],
  lapses: SEAT,
  answeredByStandTest: true,
  mendedBy: SEAT,
  condemnsByPlace: false,
  acceptedWith: null,
  judge: (session, { rules = USUAL_RULES }) =>
    runoutVerdict(measurementOf(session), rules.runoutBands),
  work: forRunout,
};

/** The session as a turn of the dial indicator. Repeats at a point count by their mean. */
function measurementOf(session: MeasuringSession): RunoutMeasurement {
  const pointCount = session.pointCount ?? 0;
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    pointCount,
    readingsMm: Array.from({ length: pointCount }, (_, i) => meanAt(session, String(i + 1))),
    differing: differingAt(
      session,
      Array.from({ length: pointCount }, (_, i) => String(i + 1)),
    ),
    radiusMm: lastAt(session, 'radius'),
  };
}

/** A rotor that sits tilted is cleaned and refitted before anything is bent or replaced: dirt under it comes first [P]. */
function forRunout({ band, meaning }: RunoutVerdict): Work[] {
  if (band === null || band === 'good') return [];
  if (meaning?.code === 'tilted') return ['refit-rotor'];
  if (band === 'replace') return ['replace-rotor'];
  return band === 'true' ? ['true-rotor'] : [];
}
