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

/**
 * What a part's earlier visits say, by distance when every visit and how far the bike goes in a week are known, else
 * by date. Null with nothing earlier.
 */
export function outlookOf(earlier: readonly VisitThickness[], now: VisitNow): Outlook | null {
  if (earlier.length === 0) return null;
  const { odometerKm, kmPerWeek } = now;
  const byDistance =
    odometerKm !== null &&
    kmPerWeek !== null &&
    earlier.every((visit) => visit.odometerKm !== null);
  const points = earlier.map(({ mm, doubtMm, day, odometerKm: km }) => ({
    x: byDistance ? km! : dayNumber(day),
    mm,
    doubtMm,
  }));
  if (byDistance)
    return {
      unit: 'km',
      earlier: points,
      now: odometerKm,
      nextService: odometerKm + (kmPerWeek * now.serviceDays) / 7,
    };
  const today = dayNumber(now.day);
  return { unit: 'day', earlier: points, now: today, nextService: today + now.serviceDays };
}
