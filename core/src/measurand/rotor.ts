import type { GaugeKind } from '../gauge/gauge';
import { plausibleZeroError } from '../gauge/zeroCheck';
import {
  isRidgeFelt,
  lastAt,
  lastLook,
  valuesAt,
  zeroOf,
  type Look,
  type MeasuringSession,
} from '../inspection/session';
import { rotorLimit, rotorNewMm } from '../inspection/standard';
import {
  plausibleRotorReading,
  rotorVerdict,
  type Ridge,
  type RotorDamage,
  type RotorMeasurement,
  type RotorVerdict,
} from '../wear/rotor';
import type { MeasurandRule } from './rule';

/** Gauges for a thickness. A tape or a rule is not good enough for rotors and pads [P]. */
export const FOR_THICKNESS: readonly GaugeKind[] = [
  'outside-micrometer',
  'thickness-gauge',
  'digital-caliper',
  'vernier-caliper',
];

const AIDS = { zero: plausibleZeroError, lip: plausibleRotorReading };

/** The thickness of a rotor round its track. */
export const rotor: MeasurandRule<RotorVerdict> = {
  version: 'rotor/4',
  round: true,
  places: (points) => ['zero', 'lip', ...points],
  aids: AIDS,
  plausible: plausibleRotorReading,
  bases: [null],
  gauges: FOR_THICKNESS,
  lapses: ['rotor', 'rotor-face'],
  answeredByStandTest: false,
  mendedBy: [],
  condemnsByPlace: true,
  acceptedWith: null,
  judge: (session, standard) =>
    rotorVerdict(
      rotorMeasurement(session, standard.damage, standard.ridgeFelt),
      rotorLimit(standard),
      rotorNewMm(standard),
      standard.outlook?.rotor ?? null,
    ),
  work: ({ word }) => (word === 'replace' ? ['replace-rotor'] : []),
};

/** The session as a rotor measurement, with what was found on the rotor by eye and hand, also before or after it. */
export function rotorMeasurement(
  session: MeasuringSession,
  damage: readonly RotorDamage[] = [],
  ridgeFelt = false,
): RotorMeasurement {
  const pointCount = session.pointCount ?? 0;
  const points = Array.from({ length: pointCount }, (_, i) => ({
    point: i + 1,
    readingsMm: valuesAt(session.readings, String(i + 1)),
  })).filter(({ readingsMm }) => readingsMm.length > 0);
  return {
    ...zeroOf(session, (place) => place in AIDS),
    points,
    pointCount,
    ridge: ridgeFelt ? 'felt' : ridgeOf(session.looks),
    lipMm: lastAt(session, 'lip'),
    damage,
  };
}

function ridgeOf(looks: readonly Look[]): Ridge {
  if (isRidgeFelt(looks)) return 'felt';
  return lastLook(looks, 'ridge') === undefined ? 'not-looked' : 'none';
}
