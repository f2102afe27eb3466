import { daysAfter } from '@hold-fast/core/due/due';
import ical, { ICalEventTransparency } from 'ical-generator';
import type { DueRow } from './due';

/**
 * What is due as a calendar: one whole-day event each, with an id that stays the same, so that a calendar that takes it in again
 * doubles nothing. Source [S]: RFC 5545.
 * @param now when it is made
 */
export function calendarOf(
  title: string,
  dues: readonly DueRow[],
  says: (due: DueRow) => { summary: string; description: string },
  now: Date,
): string {
  const calendar = ical({ name: title, prodId: { company: 'Hold Fast', product: 'Due' } });
  for (const due of dues)
    calendar.createEvent({
      id: `${due.bikeId}-${due.end}-${due.of}@hold-fast`,
      stamp: now,
      start: due.shownOn,
      end: daysAfter(due.shownOn, 1),
      allDay: true,
      ...says(due),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
  return calendar.toString();
}
