import type { Wait } from '@hold-fast/core/job/waits';
import type { DayWork } from '@hold-fast/core/workday/dayJob';
import { z } from 'zod';
import { Id } from './fields';

/** An open job that can be given a place on a day. */
export interface OpenRow {
  jobId: string;
  tag: number;
  bikeName: string;
  customerName: string;
  promisedAt: string;
  minutes: number | null;
}

/** A job in its place, with what it takes of the day and of the shelf by its plan. */
export interface DayRow extends OpenRow, DayWork {
  minutes: number | null;
  waits: Wait | null;
}

/** A day at the bench: each mechanic's jobs in their order, and what has no place on any day yet. */
export interface Workday {
  /** `yyyy-mm-dd`, where the shop is. */
  day: string;
  mechanics: { id: string; name: string; jobs: DayRow[] }[];
  /** Open jobs with no place, the first promised first; so many of them. */
  unplaced: OpenRow[];
  /** How many have no place, together. */
  unplacedCount: number;
}

/** A day's most: no mechanic does more bikes, and a list that is sent is no longer. */
export const MOST_A_DAY = 60;

const Day = z.iso.date();

export const DayQuery = z.strictObject({ day: Day });

/** A job gets a place: on a day, with a mechanic, before another job or at the end; or it gets none. */
export const PlaceJob = z.strictObject({
  id: Id,
  jobId: z.uuid(),
  at: z.strictObject({ day: Day, personId: z.uuid(), before: z.uuid().nullable() }).nullable(),
});
export type PlaceJob = z.infer<typeof PlaceJob>;

/** A mechanic's day in another order: of the same jobs, or somebody else has changed it since. */
export const OrderDay = z.strictObject({
  id: Id,
  day: Day,
  personId: z.uuid(),
  jobs: z.array(z.uuid()).max(MOST_A_DAY),
});
export type OrderDay = z.infer<typeof OrderDay>;
