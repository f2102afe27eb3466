import { DUES, LONGEST_SNOOZE_DAYS, type DueBecause, type DueOf } from '@hold-fast/core/due/due';
import { ENDS, type End } from '@hold-fast/core/ends';
import { z } from 'zod';
import { Id } from './fields';

/** Something due at a bike, for whoever rings its customer. */
export interface DueRow {
  bikeId: string;
  bikeName: string;
  customerName: string;
  /** Only for those who may ring. */
  phone: string | null;
  end: End;
  of: DueOf;
  /** The day it is due, and the day it is shown on: put off, it is later. */
  on: string;
  shownOn: string;
  because: DueBecause;
  days: number;
  /** The visit that left it so. */
  jobId: string;
  tag: number;
  snoozed: { words: string; by: string } | null;
  /** When its customer was last written to of what is due; null where nobody has since that visit. */
  remindedAt: string | null;
}

/** Something due is put off for so many days, with the reason. */
export const Snooze = z.strictObject({
  id: Id,
  bikeId: z.uuid(),
  end: z.enum(ENDS),
  of: z.enum(DUES),
  days: z.int().min(1).max(LONGEST_SNOOZE_DAYS),
  words: z.string().trim().min(1, 'empty').max(200),
});
export type Snooze = z.infer<typeof Snooze>;
