import { getISODay } from 'date-fns/getISODay';
import { parseISO } from 'date-fns/parseISO';
import { toDate } from 'date-fns/toDate';

const FORMATS = new Map<string, Intl.DateTimeFormat>();

/** Swedish dates are written as ISO 8601 writes them. */
function formatOf(timeZone: string): Intl.DateTimeFormat {
  const made =
    FORMATS.get(timeZone) ?? new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short' });
  FORMATS.set(timeZone, made);
  return made;
}

/**
 * The calendar day of an instant where the shop is, `yyyy-mm-dd`: calibration, use-by and service go by it.
 * @param at ISO 8601, UTC
 * @param timeZone a name of the IANA time zone database
 */
export function dayIn(timeZone: string, at: string): string {
  return timeZone === 'UTC' ? at.slice(0, 10) : formatOf(timeZone).format(parseISO(at));
}

/**
 * When a calendar day begins where the shop is: ISO 8601, UTC. A day that has no midnight begins when its clock first shows it.
 * @param day `yyyy-mm-dd`
 */
export const dayBegins = (timeZone: string, day: string): string => timeOn(timeZone, day, '00:00');

/**
 * When the clock shows a time on a calendar day where the shop is: ISO 8601, UTC.
 * @param day `yyyy-mm-dd`
 * @param time `hh:mm`
 */
export function timeOn(timeZone: string, day: string, time: string): string {
  const shown = parseISO(`${day}T${time}:00Z`).getTime();
  // The clock may have been changed in between: the second look is at the hour itself.
  const guess = shown - aheadMs(timeZone, shown);
  return toDate(shown - aheadMs(timeZone, guess)).toISOString();
}

/** The day of the week of a calendar day, 1 for Monday to 7 for Sunday. Source [S]: ISO 8601. */
export const weekdayOf = (day: string): number => getISODay(parseISO(day));

/** How far a clock is ahead of UTC at an instant, ms. */
function aheadMs(timeZone: string, at: number): number {
  const shown = new Intl.DateTimeFormat('sv-SE', {
    timeZone,
    dateStyle: 'short',
    timeStyle: 'medium',
  }).format(at);
  return parseISO(`${shown.replace(' ', 'T')}Z`).getTime() - Math.floor(at / 1000) * 1000;
}

/** Whether a name is one of the IANA time zone database, as far as this machine knows it. */
export function isTimeZone(name: string): boolean {
  try {
    formatOf(name);
    return true;
  } catch {
    return false;
  }
}
