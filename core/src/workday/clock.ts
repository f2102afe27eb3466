import { parseISO } from 'date-fns/parseISO';
import { timeOn } from '../job/day';
import type { ShopRules } from '../rules/shopRules';
import { figure } from '../rules/figures';
import type { DayHours } from './order';

/** Minutes after midnight of a clock's `hh:mm`. */
export function minutesOf(time: string): number {
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  return 60 * hours + minutes;
}

/** What the clock shows so many minutes after midnight, `hh:mm`; after the next midnight it begins anew. */
export function clockOf(minutes: number): string {
  const whole = ((Math.round(minutes) % 1440) + 1440) % 1440;
  return [Math.floor(whole / 60), whole % 60]
    .map((part) => String(part).padStart(2, '0'))
    .join(':');
}

/** The hours of a day as the shop's rules lay them down. */
export const hoursOf = (rules: Pick<ShopRules, 'opensAt' | 'closesAt' | 'figures'>): DayHours => ({
  opensAt: minutesOf(rules.opensAt),
  closesAt: minutesOf(rules.closesAt),
  kitMinutes: figure(rules.figures, 'change-kit').value,
});

/**
 * An instant in minutes of a day at the shop, counted from its opening as the work is: later days go on past 1440, earlier ones are
 * below zero. Right on days on which the clock is changed.
 * @param at ISO 8601, UTC
 * @param day `yyyy-mm-dd`
 */
export function minutesOn(
  { timeZone, opensAt }: Pick<ShopRules, 'timeZone' | 'opensAt'>,
  day: string,
  at: string,
): number {
  const opens = parseISO(timeOn(timeZone, day, opensAt)).getTime();
  return minutesOf(opensAt) + Math.round((parseISO(at).getTime() - opens) / 60_000);
}
