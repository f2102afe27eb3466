import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { isToday } from 'date-fns/isToday';
import { parseISO } from 'date-fns/parseISO';
import { LOCALE } from './manner';

const HOUR = new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit' });
const WEEKDAY = new Intl.DateTimeFormat(LOCALE, { weekday: 'short' });
const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric' });
const DAYS_AWAY = new Intl.RelativeTimeFormat(LOCALE, { numeric: 'auto' });
const HEADING = new Intl.DateTimeFormat(LOCALE, {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
});

/** A moment as people say it: the hour today, the weekday when it is near, the date when it is far. */
export function near(instant: string, now = new Date()): string {
  const moment = new Date(instant);
  if (isToday(moment)) return HOUR.format(moment);
  const days = differenceInCalendarDays(moment, now);
  if (Math.abs(days) === 1) return `${DAYS_AWAY.format(days, 'day')} ${HOUR.format(moment)}`;
  if (Math.abs(days) < 7) return `${WEEKDAY.format(moment)} ${HOUR.format(moment)}`;
  return exactDay(instant);
}

/** The day of a moment in full: "29 Jun 2028". */
export function exactDay(instant: string): string {
  return unbroken(DAY.format(new Date(instant)));
}

/** A day of the calendar, `yyyy-mm-dd`, in full: the same wherever it is read. */
export function calendarDay(day: string): string {
  return unbroken(DAY.format(parseISO(day)));
}

/** A date is never broken over two lines. */
const unbroken = (date: string) => date.replaceAll(' ', '\u00a0');

/** The heading of a day: "Tuesday 24 November". */
export function dayHeading(now: Date): string {
  return HEADING.format(now);
}

/** Minutes as bench time: "3 h 10 min". */
export function benchTime(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : '']
    .filter(Boolean)
    .join(' ');
}
