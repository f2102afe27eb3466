import type { JobLog } from '@hold-fast/contract/jobs';
import type { Place } from '@hold-fast/core/job/entry';
import type { Job } from '@hold-fast/core/job/job';
import * as waitingEntries from '@hold-fast/core/job/waiting';
import type { Waiting } from './outbox';

/** A job with what waits for it on this device. @param who made what waits */
export function withWaiting(
  log: JobLog,
  waiting: readonly Waiting[],
  who: Omit<Place, 'seq'>,
): Job {
  const theirs = waiting.filter(({ jobId }) => jobId === log.base.id);
  return waitingEntries.withWaiting(log, theirs, who);
}
