import type { Gauge } from '../gauge/gauge';
import type { LeverBasis } from '../lever/lever';
import { micrometres } from '../units/length';
import type { PadBasis } from '../wear/pads';
import type { Differing } from '../wear/verdict';

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

/** The zero as it was looked at first; a later look that differs widens the doubt, and one that came late proves nothing. */
export function zeroOf(session: MeasuringSession, isAid: (place: string) => boolean) {
  const standing = standingReadings(session.readings);
  const zeros = valuesAt(session.readings, 'zero');
  const [first] = zeros;
  return {
    gauge: session.gauge,
    zeroErrorMm: first ?? null,
    zeroDriftMm: first === undefined ? 0 : Math.max(...zeros) - Math.min(...zeros),
    zeroLate:
      standing.findIndex(({ place }) => place === 'zero') >
      standing.findIndex(({ place }) => !isAid(place)),
    measuredOn: session.measuredOn,
  };
}

/** Places whose repeats differ by more than twice the gauge's doubt. */
export function differingAt(session: MeasuringSession, places: readonly string[]): Differing[] {
  const doubtMm = session.gauge.uncertaintyMm;
  return places.flatMap((place) => {
    const values = valuesAt(session.readings, place);
    const spreadMm = values.length < 2 ? 0 : Math.max(...values) - Math.min(...values);
    return micrometres(spreadMm) > 2 * micrometres(doubtMm) ? [{ place, spreadMm, doubtMm }] : [];
  });
}

/** The last value at a place that counts once, mm; null where none was taken. */
export function lastAt({ readings }: MeasuringSession, place: string): number | null {
  return valuesAt(readings, place).at(-1) ?? null;
}

/** The mean of the values at a place, mm; null where none was taken. */
export function meanAt({ readings }: MeasuringSession, place: string): number | null {
  const values = valuesAt(readings, place);
  return values.length === 0 ? null : meanOf(values);
}

const meanOf = (values: readonly number[]) =>
  values.reduce((sum, mm) => sum + mm, 0) / values.length;

/** What the values at each place come to, mm: their mean unless told otherwise; nothing for a place without any. */
export function readAt<P extends string>(
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

/** What the last look at a subject saw; undefined where nobody looked. */
export function lastLook(looks: readonly Look[], subject: Look['subject']): boolean | undefined {
  return looks.filter((look) => look.subject === subject).at(-1)?.seen;
}
