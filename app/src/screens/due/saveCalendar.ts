import type { DueRow } from '@hold-fast/contract/due';
import { saveFile } from '../saveFile';

/** Saves what is due as a calendar file; what writes it is loaded only now, and not with every page. */
export async function saveCalendar(dues: readonly DueRow[]): Promise<void> {
  const { calendarFile } = await import('./calendar');
  saveFile('due.ics', 'text/calendar', calendarFile(dues, new Date()));
}
