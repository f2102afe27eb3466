import type { JobLog } from '@hold-fast/contract/jobs';
import type { Place } from '@hold-fast/core/job/entry';
import type { Job } from '@hold-fast/core/job/job';
import * as waitingEntries from '@hold-fast/core/job/waiting';
import type { Waiting } from './outbox';
import { atShop } from '../shopClock';

/** A job with what waits for it on this device. @param who made what waits */
export function withWaiting(
  log: JobLog,
  waiting: readonly Waiting[],
  who: Omit<Place, 'seq'>,
): Job {
  const theirs = waiting.filter(({ jobId }) => jobId === log.base.id).map(inShopTime);
  return waitingEntries.withWaiting(log, theirs, who);
}

/** What waits, written down when the shop will say that it was. */
function inShopTime<W extends { entry: { at: string } }>(waiting: W): W {
  const at = atShop(waiting.entry.at);
  return at === waiting.entry.at ? waiting : { ...waiting, entry: { ...waiting.entry, at } };
}
