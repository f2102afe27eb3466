import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { parseISO } from 'date-fns/parseISO';
import type { Outlook } from './forecast';

/** The least thickness one visit found. */
export interface VisitThickness {
  /** `yyyy-mm-dd` */
  day: string;
  odometerKm: number | null;
  mm: number;
  doubtMm: number;
}

/** How the bike stands at the visit in hand. */
interface VisitNow {
  day: string;
  odometerKm: number | null;
  kmPerWeek: number | null;
  /** When the part is looked at next, days. */
  serviceDays: number;
}

/** Days from 1 January 1970 to a calendar day. */
export function dayNumber(day: string): number {
  return differenceInCalendarDays(parseISO(day), parseISO('1970-01-01'));
}

/** So many times as far as the rider says is another odometer, or a slip in writing it down [D]. */
const PACES = 4;
/** However close two visits are, so long a ride may lie between them, km [D]. */
const LONG_RIDE_KM = 200;

/**
 * Whether an odometer can be believed from visit to visit: it went on, never back, and about as far as the rider says. A digit too many would
 * make the wear of months that of a long way.
 */
function isRidden(
  visits: readonly { day: string; odometerKm: number }[],
  kmPerWeek: number,
): boolean {
  const first = visits[0]!.odometerKm;
  return (
    visits.at(-1)!.odometerKm > first &&
    visits.slice(1).every(({ day, odometerKm }, i) => {
      const before = visits[i]!;
      const weeks = (dayNumber(day) - dayNumber(before.day)) / 7;
      const ridden = odometerKm - before.odometerKm;
      return ridden >= 0 && ridden <= LONG_RIDE_KM + PACES * kmPerWeek * weeks;
    })
  );
}

/**
 * What a part's earlier visits, oldest first, say, by distance when every visit's odometer and how far the bike goes in a week are known and
 * can be so, else by date. Null with nothing earlier.
 */
export function outlookOf(earlier: readonly VisitThickness[], now: VisitNow): Outlook | null {
  if (earlier.length === 0) return null;
  const { kmPerWeek } = now;
  const ridden = [...earlier, now].flatMap(({ day, odometerKm }) =>
    odometerKm === null ? [] : [{ day, odometerKm }],
  );
  const byDistance =
    kmPerWeek !== null && ridden.length > earlier.length && isRidden(ridden, kmPerWeek);
  const points = earlier.map(({ mm, doubtMm, day }, i) => ({
    x: byDistance ? ridden[i]!.odometerKm : dayNumber(day),
    mm,
    doubtMm,
  }));
  if (byDistance) {
    const { odometerKm } = ridden.at(-1)!;
    return {
      unit: 'km',
      earlier: points,
      now: odometerKm,
      nextService: odometerKm + (kmPerWeek * now.serviceDays) / 7,
    };
  }
  const today = dayNumber(now.day);
  return { unit: 'day', earlier: points, now: today, nextService: today + now.serviceDays };
}
