import { parseISO } from 'date-fns/parseISO';

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

/** Whether a name is one of the IANA time zone database, as far as this machine knows it. */
export function isTimeZone(name: string): boolean {
  try {
    formatOf(name);
    return true;
  } catch {
    return false;
  }
}
