import { daysAfter } from '@hold-fast/core/due/due';
import { dayBegins } from '@hold-fast/core/job/day';

/** From the first day’s beginning until the last has gone by, as the shop counts its days; null where none is asked for. */
export function daysAsked(
  timeZone: string,
  { from, to }: { from?: string | undefined; to?: string | undefined },
): { from: Date | null; until: Date | null } {
  const begins = (day: string) => new Date(dayBegins(timeZone, day));
  return {
    from: from ? begins(from) : null,
    until: to ? begins(daysAfter(to, 1)) : null,
  };
}
