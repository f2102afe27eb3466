import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { parseISO } from 'date-fns/parseISO';
import { shopNow } from '../shopClock';
import { dates as english } from './en/dates';
import { inUse } from './language';

// Written by the words’ own lists of days and months: for its first date a browser’s `Intl` takes as long as for a third of the first screen.

const dates = inUse('dates', english);

/** A moment as people say it, by the shop's clock: the hour today, the weekday when it is near, the date when it is far. */
export function near(instant: string, now = shopNow()): string {
  const moment = new Date(instant);
  const days = differenceInCalendarDays(moment, now);
  if (days === 0) return dates.hour(moment);
  if (Math.abs(days) === 1)
    return `${days === 1 ? dates.tomorrow : dates.yesterday} ${dates.hour(moment)}`;
  if (Math.abs(days) < 7) return `${dates.weekday(moment)} ${dates.hour(moment)}`;
  return exactDay(instant);
}

/** The day of a moment in full: "29 Jun 2028". */
export function exactDay(instant: string): string {
  return unbroken(dates.full(new Date(instant)));
}

/** A moment in full, whenever it was: "29 Jun 2028, 15:04". */
export const exactTime = (instant: string): string =>
  `${exactDay(instant)}, ${dates.hour(new Date(instant))}`;

/** A day of the calendar, `yyyy-mm-dd`, in full: the same wherever it is read. */
export function calendarDay(day: string): string {
  return unbroken(dates.full(parseISO(day)));
}

/** A date is never broken over two lines. */
const unbroken = (says: string) => says.replaceAll(' ', '\u00a0');

/** The heading of today, by the shop's clock: "Tuesday 24 November". */
export const todaysHeading = (): string => dates.heading(shopNow());

/** Minutes as bench time: "3 h 10 min". */
export function benchTime(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : '']
    .filter(Boolean)
    .join(' ');
}
