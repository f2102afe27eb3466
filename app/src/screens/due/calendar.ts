import { calendarOf } from '@hold-fast/contract/calendarText';
import type { DueRow } from '@hold-fast/contract/due';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';

/** What is due as a calendar file, with whom to ring and why. */
export const calendarFile = (dues: readonly DueRow[], now: Date): string =>
  calendarOf(
    dueWords.title,
    dues,
    (due) => ({
      summary: dueWords.event(due.bikeName, words.end[due.end], dueWords.of[due.of]),
      description: [due.customerName, dueWords.because[due.because](due.days)].join('. '),
    }),
    now,
  );
