import type { DueBecause, DueOf } from '@hold-fast/core/due/due';

/** What comes due, and when. */
export interface DueWords {
  title: string;
  says: string;
  late: string;
  week: (monday: string) => string;
  of: Record<DueOf, string>;
  because: Record<DueBecause, (days: number) => string>;
  on: (day: string) => string;
  putOff: (words: string, by: string, day: string) => string;
  later: string;
  laterOf: (bike: string, what: string) => string;
  why: string;
  days: (days: number) => string;
  putItOff: string;
  leaveIt: string;
  none: string;
  noneSays: string;
  calendar: string;
  event: (bike: string, end: string, what: string) => string;
  atBike: string;
  records: string;
}
