import { dayIn } from '@hold-fast/core/job/day';
import { clockOf, minutesOn } from '@hold-fast/core/workday/clock';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import { calendarDay } from '../../words/days';

/** When a job was promised for, as it is said on a day: its time alone where that is the day, its day too where it is another. */
export function promiseSays(
  rules: Pick<ShopRules, 'timeZone' | 'opensAt'>,
  day: string,
  promisedAt: string,
): string {
  const promised = dayIn(rules.timeZone, promisedAt);
  const time = clockOf(minutesOn(rules, promised, promisedAt));
  return promised === day ? time : `${calendarDay(promised)}, ${time}`;
}
