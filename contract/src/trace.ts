import type { End } from '@hold-fast/core/ends';
import type { Rejudged } from '@hold-fast/core/inspection/rejudge';
import { z } from 'zod';
import { TRACED } from './traced';

export const TraceQuery = z.strictObject({
  by: z.enum(TRACED),
  name: z.string().trim().min(1, 'empty').max(80),
  from: z.iso.date().optional(),
  to: z.iso.date().optional(),
  after: z.uuid().optional(),
});

/** A visit that it reached: whose bike, at which ends, and what was done with it. */
export interface TraceRow {
  jobId: string;
  tag: number;
  bikeId: string;
  bikeName: string;
  customerName: string;
  phone: string | null;
  ends: End[];
  /** Bolts that were set, parts that were measured or fitted, by their codes; the kinds of entry for a person. */
  codes: string[];
  /** Of a sheet: what was judged by an older revision of it and would be judged otherwise by its newest. */
  changes: Rejudged[];
  /** mL that went in, of fluid. */
  ml: number | null;
  /** The bike's passport says, too or alone, that another workshop put it in; it was taken in at this visit. */
  brought: boolean;
  /** When it was last, ISO 8601. */
  at: string;
}
