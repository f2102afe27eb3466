import { isDeepStrictEqual } from 'node:util';
import type { JobLog } from '@hold-fast/contract/jobs';
import { foldAll, type Folded } from '@hold-fast/core/job/fold';
import type { Judged } from '@hold-fast/core/job/job';
import type { Pool, Queryable } from '../platform/database';
import { Refusal } from '../platform/refusal';
import { logOfJob, stateOfJob, verdictsKept, type HeldJob } from './store';

/** A job as it was read last: what it is made of, what follows, and how everything it rests on stood. */
export interface ReadJob {
  held: HeldJob;
  log: JobLog;
  folded: Folded;
  /** The last verdict kept of each sitting. */
  verdicts: ReadonlyMap<string, Judged>;
}

/** So many jobs stay read: those in hand, with room to spare. */
const MOST_READ = 64;
const BOOKS = new WeakMap<Pool, Map<string, ReadJob>>();

function bookOf(pool: Pool): Map<string, ReadJob> {
  const book = BOOKS.get(pool) ?? new Map<string, ReadJob>();
  BOOKS.set(pool, book);
  return book;
}

export function keepRead(pool: Pool, jobId: string, read: ReadJob): void {
  const book = bookOf(pool);
  book.delete(jobId);
  book.set(jobId, read);
  const [oldest] = book.keys();
  if (book.size > MOST_READ) book.delete(oldest!);
}

/** The job at a state: as it was read, where nothing it rests on has changed since, else read afresh. */
export async function readAt(
  pool: Pool,
  on: Queryable,
  jobId: string,
  held: HeldJob,
): Promise<ReadJob> {
  const read = bookOf(pool).get(jobId);
  if (read && isDeepStrictEqual(read.held, held)) return read;
  const log = (await logOfJob(on, jobId))!;
  const folded = foldAll(log.base, log.entries);
  return { held, log, folded, verdicts: await verdictsKept(on, jobId) };
}

/** @throws Refusal `not-found` */
export async function readJob(pool: Pool, jobId: string): Promise<ReadJob> {
  const held = await stateOfJob(pool, jobId);
  if (!held) throw new Refusal('not-found');
  const read = await readAt(pool, pool, jobId, held);
  keepRead(pool, jobId, read);
  return read;
}
