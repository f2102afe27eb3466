import type { DueRow } from '@hold-fast/contract/due';
import { daysAfter } from '@hold-fast/core/due/due';
import ical, { ICalEventTransparency } from 'ical-generator';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';

/**
 * What is due as a calendar file: one whole-day event each, with an id that stays the same, so that a calendar that takes it in again
 * doubles nothing. Source [S]: RFC 5545.
 * @param now when it is made
 */
export function calendarOf(dues: readonly DueRow[], now: Date): string {
  const calendar = ical({ name: dueWords.title, prodId: { company: 'Hold Fast', product: 'Due' } });
  for (const due of dues)
    calendar.createEvent({
      id: `${due.bikeId}-${due.end}-${due.of}@hold-fast`,
      stamp: now,
      start: due.shownOn,
      end: daysAfter(due.shownOn, 1),
      allDay: true,
      summary: dueWords.event(due.bikeName, words.end[due.end], dueWords.of[due.of]),
      description: [due.customerName, dueWords.because[due.because](due.days)].join('. '),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
  return calendar.toString();
}
