import { CORNERS, type ClearanceMeasurement } from '../clearance/corners';
import type { FaceMeasurement } from '../face/mountFace';
import type { Gauge } from '../gauge/gauge';
import { isEvidence } from './measurand';
import { LEVER_PLACES, type LeverBasis, type LeverMeasurement } from '../lever/lever';
import type { RunoutMeasurement } from '../runout/runout';
import { PAD_PLACES, type PadBasis, type PadMeasurement } from '../wear/pads';
import type { Ridge, RotorDamage, RotorMeasurement } from '../wear/rotor';
import type { Differing } from '../wear/verdict';
import { micrometres } from '../units/length';

/** A reading as it was taken. Nothing is overwritten: a correction is a reading that replaces another. */
export interface TakenReading {
  id: string;
  /** `zero`, a point counted from 1, or a named place. */
  place: string;
  valueMm: number;
  replaces: string | null;
  /** Why the one it replaces was wrong. */
  words?: string;
  /** When and by whom, as a job knows it. */
  at?: string;
  by?: string;
}

/** What is asked of whoever measures, besides readings. */
export const LOOKS = ['ridge', 'at-mid-reading'] as const;
/** Something looked for; the last look at a subject counts. */
export interface Look {
  subject: (typeof LOOKS)[number];
  seen: boolean;
}

/** How numbers are taken: pads with or without their plate, a lever's travel or what is left to the bar. */
export type Basis = PadBasis | LeverBasis;

/** One sitting with one gauge at one end, as recorded. */
export interface MeasuringSession {
  gauge: Gauge;
  /** Null where there is only one way to take the numbers. */
  basis: Basis | null;
  /** Points round the rotor; null for what has named places. */
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

/** Places at which one reading was corrected more than once: by two people who did not see each other. All of it stands. */
export function correctedTwice(readings: readonly TakenReading[]): string[] {
  const standing = standingReadings(readings).filter(({ replaces }) => replaces !== null);
  const twice = standing.filter((reading) =>
    standing.some(({ id, replaces }) => id !== reading.id && replaces === reading.replaces),
  );
  return [...new Set(twice.map(({ place }) => place))];
}

/** Values standing at one place, mm. */
export function valuesAt(readings: readonly TakenReading[], place: string): number[] {
  return standingReadings(readings)
    .filter((reading) => reading.place === place)
    .map((reading) => reading.valueMm);
}

/** Whether a sitting has anything to judge yet. */
export function hasEvidence({ readings }: Pick<MeasuringSession, 'readings'>): boolean {
  return readings.some(({ place }) => isEvidence(place));
}

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
    ...evidenceOf(session),
    points,
    pointCount,
    ridge: ridgeFelt ? 'felt' : ridgeOf(session.looks),
    lipMm: lastAt(session, 'lip'),
    damage,
  };
}

/** The session as a pad measurement. */
export function padMeasurement(session: MeasuringSession): PadMeasurement {
  return {
    ...evidenceOf(session),
    basis: session.basis === 'friction' ? 'friction' : 'total',
    readings: Object.fromEntries(
      PAD_PLACES.map((place) => [place, valuesAt(session.readings, place)]),
    ),
  };
}

/** The session as a turn of the dial indicator. Repeats at a point count by their mean. */
export function runoutMeasurement(session: MeasuringSession): RunoutMeasurement {
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

/** The session as four gaps. */
export function clearanceMeasurement(
  session: MeasuringSession,
  runout: { tirMm: number | null; doubtMm: number; proven: boolean } | null,
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

/** The session as a lever's travel. */
export function leverMeasurement(session: MeasuringSession, hydraulic: boolean): LeverMeasurement {
  const basis = session.basis === 'travel' ? 'travel' : 'from-bar';
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    basis,
    readings: {
      ...readAt(session, LEVER_PLACES),
      // Of several holds the one that went furthest counts.
      ...readAt(session, ['sunk'], (values) =>
        basis === 'travel' ? Math.max(...values) : Math.min(...values),
      ),
    },
    differing: differingAt(session, LEVER_PLACES),
    hydraulic,
  };
}

/** The session as a look under a mount with a feeler. */
export function faceMeasurement(session: MeasuringSession): FaceMeasurement {
  return {
    gauge: session.gauge,
    measuredOn: session.measuredOn,
    gapMm: readAt(session, ['gap'], (values) => Math.max(...values)).gap ?? null,
    differing: differingAt(session, ['gap']),
    spacingMm: lastAt(session, 'spacing'),
    padOffsetMm: lastAt(session, 'pad-offset'),
  };
}

/** The zero as it was looked at first; a later look that differs widens the doubt, and one that came late proves nothing. */
function evidenceOf(session: MeasuringSession) {
  const standing = standingReadings(session.readings);
  const zeros = valuesAt(session.readings, 'zero');
  const [first] = zeros;
  return {
    gauge: session.gauge,
    zeroErrorMm: first ?? null,
    zeroDriftMm: first === undefined ? 0 : Math.max(...zeros) - Math.min(...zeros),
    zeroLate:
      standing.findIndex(({ place }) => place === 'zero') >
      standing.findIndex(({ place }) => isEvidence(place)),
    measuredOn: session.measuredOn,
  };
}

/** Places whose repeats differ by more than twice the gauge's doubt. */
function differingAt(session: MeasuringSession, places: readonly string[]): Differing[] {
  const doubtMm = session.gauge.uncertaintyMm;
  return places.flatMap((place) => {
    const values = valuesAt(session.readings, place);
    const spreadMm = values.length < 2 ? 0 : Math.max(...values) - Math.min(...values);
    return micrometres(spreadMm) > 2 * micrometres(doubtMm) ? [{ place, spreadMm, doubtMm }] : [];
  });
}

function lastAt({ readings }: MeasuringSession, place: string): number | null {
  return valuesAt(readings, place).at(-1) ?? null;
}

function meanAt({ readings }: MeasuringSession, place: string): number | null {
  const values = valuesAt(readings, place);
  return values.length === 0 ? null : meanOf(values);
}

const meanOf = (values: readonly number[]) =>
  values.reduce((sum, mm) => sum + mm, 0) / values.length;

function readAt<P extends string>(
  session: MeasuringSession,
  places: readonly P[],
  of: (values: readonly number[]) => number = meanOf,
): Partial<Record<P, number>> {
  return Object.fromEntries(
    places.flatMap((place) => {
      const values = valuesAt(session.readings, place);
      return values.length === 0 ? [] : [[place, of(values)]];
    }),
  ) as Partial<Record<P, number>>;
}

/** A ridge that was felt once is there: that a later finger does not find it takes nothing back [D]. */
export const isRidgeFelt = (looks: readonly Look[]): boolean =>
  looks.some(({ subject, seen }) => subject === 'ridge' && seen);

function ridgeOf(looks: readonly Look[]): Ridge {
  if (isRidgeFelt(looks)) return 'felt';
  return lastLook(looks, 'ridge') === undefined ? 'not-looked' : 'none';
}

function lastLook(looks: readonly Look[], subject: Look['subject']): boolean | undefined {
  return looks.filter((look) => look.subject === subject).at(-1)?.seen;
}
