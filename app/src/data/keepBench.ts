import type { BenchPage } from '@hold-fast/contract/jobs';
import type { InfiniteData } from '@tanstack/react-query';
import { ask, askAll } from './api';
import { askJob, client, keys } from './client';

/** What the steps of a job ask for besides the job: lists that come page by page, and what comes whole. */
const LISTS = ['/sheets', '/gauges', '/wrenches', '/containers', '/stock'] as const;
const WHOLE = ['/rules', '/waste', '/leads', '/trouble/counts'] as const;
/** As many jobs as a day has; one that is opened is kept whatever its place. */
const MOST_JOBS = 40;
/** What was asked for so lately is not asked for again, ms. */
const LATELY_MS = 10 * 60_000;
let askedAt = -Infinity;

/**
 * Asks for what the open jobs of the Bench need, one after the other, so that the device has it when the network goes; it is kept by
 * whoever keeps the answers. Nothing is said where it fails: it is asked for again when it is wanted.
 */
export async function keepBench(): Promise<void> {
  if (Date.now() - askedAt < LATELY_MS) return;
  askedAt = Date.now();
  const bench = client.getQueryData<InfiniteData<BenchPage>>(keys.bench);
  const jobs = (bench?.pages ?? []).flatMap(({ items }) => items).slice(0, MOST_JOBS);
  try {
    for (const path of LISTS) await askAll(path);
    for (const path of WHOLE) await ask('GET', path);
    for (const { id } of jobs) await askJob(id);
  } catch {
    askedAt = -Infinity;
  }
}
