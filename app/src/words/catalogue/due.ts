import type { CalibrationDue } from '@hold-fast/core/due/calibration';
import type { About } from '@hold-fast/contract/outbox';
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
  calibrate: (instruments: number) => string;
  calibration: Record<CalibrationDue['because'], (name: string, day: string) => string>;
  putOff: (words: string, by: string, day: string) => string;
  later: string;
  why: string;
  days: (days: number) => string;
  putItOff: string;
  leaveIt: string;
  remind: string;
  reminder: (customer: string, bike: string, what: string, end: string, day: string) => string;
  reminded: (day: string) => string;
  message: string;
  send: string;
  outbox: string;
  outboxSays: string;
  nothingSent: string;
  about: Record<About, string>;
  sentBy: (name: string, day: string) => string;
  none: string;
  noneSays: string;
  calendarFile: string;
  feed: string;
  feedSays: string;
  fileSays: (count: number) => string;
  calendar: string;
  event: (bike: string, end: string, what: string) => string;
  atBike: string;
  records: string;
}
