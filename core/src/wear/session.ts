import type { Gauge } from '../gauge/gauge';
import { PAD_PLACES, type PadBasis, type PadMeasurement } from './pads';
import { ROTOR_DAMAGE, type Ridge, type RotorDamage, type RotorMeasurement } from './rotor';

/** A reading as it was taken. Nothing is overwritten: a correction is a reading that replaces another. */
export interface TakenReading {
  id: string;
  /** `zero`, `lip`, a rotor point counted from 1, or a pad place. */
  place: string;
  valueMm: number;
  replaces: string | null;
}

/** Something looked for: the ridge, or damage. The last look at a subject counts. */
export interface Look {
  subject: 'ridge' | RotorDamage;
  seen: boolean;
}

/** One sitting with one gauge at one part, as recorded. */
export interface MeasuringSession {
  gauge: Gauge;
  /** How pads were taken; null for a rotor. */
  basis: PadBasis | null;
  /** Points round the rotor; null for pads. */
  pointCount: number | null;
  measuredOn: string;
  readings: readonly TakenReading[];
  looks: readonly Look[];
}

/** The readings that stand: those that no other replaces, in the order taken. */
export function standingReadings(readings: readonly TakenReading[]): TakenReading[] {
  const replaced = new Set(readings.map((reading) => reading.replaces));
  return readings.filter((reading) => !replaced.has(reading.id));
}

/** Values standing at one place, mm. */
export function valuesAt(readings: readonly TakenReading[], place: string): number[] {
  return standingReadings(readings)
    .filter((reading) => reading.place === place)
    .map((reading) => reading.valueMm);
}

/** Whether a sitting has anything to judge yet: a thickness, or damage seen. */
export function hasEvidence({ readings, looks }: MeasuringSession): boolean {
  return (
    readings.some(({ place }) => place !== 'zero' && place !== 'lip') ||
    ROTOR_DAMAGE.some((damage) => lastLook(looks, damage) === true)
  );
}

/** The session as a rotor measurement. */
export function rotorMeasurement(session: MeasuringSession): RotorMeasurement {
  const pointCount = session.pointCount ?? 0;
  const points = Array.from({ length: pointCount }, (_, i) => ({
    point: i + 1,
    readingsMm: valuesAt(session.readings, String(i + 1)),
  })).filter(({ readingsMm }) => readingsMm.length > 0);
  return {
    ...evidenceOf(session),
    points,
    pointCount,
    ridge: ridgeOf(session.looks),
    lipMm: valuesAt(session.readings, 'lip').at(-1) ?? null,
    damage: ROTOR_DAMAGE.filter((damage) => lastLook(session.looks, damage) === true),
  };
}

/** The session as a pad measurement. */
export function padMeasurement(session: MeasuringSession): PadMeasurement {
  return {
    ...evidenceOf(session),
    basis: session.basis ?? 'total',
    readings: Object.fromEntries(
      PAD_PLACES.map((place) => [place, valuesAt(session.readings, place)]),
    ),
  };
}

function evidenceOf(session: MeasuringSession) {
  return {
    gauge: session.gauge,
    zeroErrorMm: valuesAt(session.readings, 'zero').at(-1) ?? null,
    measuredOn: session.measuredOn,
  };
}

function ridgeOf(looks: readonly Look[]): Ridge {
  const felt = lastLook(looks, 'ridge');
  if (felt === undefined) return 'not-looked';
  return felt ? 'felt' : 'none';
}

function lastLook(looks: readonly Look[], subject: Look['subject']): boolean | undefined {
  return looks.filter((look) => look.subject === subject).at(-1)?.seen;
}
