import type { CalendarWords } from '@hold-fast/contract/calendar';
import { dueWords } from '../../words/due';
import { words } from '../../words/words';

/** The words that a fed calendar speaks in. */
export const calendarWords = (): CalendarWords => ({
  title: dueWords.title,
  of: dueWords.of,
  end: words.end,
});
