import type { SentEntry } from '@hold-fast/contract/entries';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { faultOf, type EntryOf, type Logged, type SentKind } from '@hold-fast/core/job/kinds';
import { timeOf } from '@hold-fast/core/job/time';
import type { Shop } from '../platform/shop';
import { changeJob } from './changeJob';
import { readJob } from './readStore';
import { knownOf } from './known';
import { project } from './projections';
import { refusalOf } from './refusals';

/**
 * Appends an entry to a job, once however often it arrives, and judges again what it may have changed.
 * @throws Refusal `not-found`, `job-sealed`, `id-reused`, or what the entry's own rules refuse.
 */
export async function appendEntry(
  shop: Shop,
  person: Person,
  jobId: string,
  { entry: sent, appWord, sentAt, after }: SentEntry,
): Promise<JobChange> {
  const write = { id: sent.id, body: { entry: sent }, personId: person.id };
  const exchange = { phoneSaid: sentAt ?? null, serverSaid: shop.now().toISOString() };
  const change = await changeJob(shop, jobId, write, async ({ transaction, seq, job, read }) => {
    const before = read.log.entries.find((each) => each.entry.id === after);
    const bounds = { checkedInAt: job.checkedIn.at, entryBefore: before?.entry.at ?? null };
    const entry = { ...sent, at: timeOf(sent.at, exchange, bounds) };
    const known = await knownOf(transaction, entry as EntryOf<SentKind>, job, person);
    const fault = faultOf(job, entry as EntryOf<SentKind>, known);
    if (fault) throw refusalOf(fault);
    await project(transaction, { entry, known, job, seq, personId: person.id });
    const place = { seq, by: person.name, ...(person.apprentice ? { byApprentice: true } : {}) };
    return { entry, known, ...place } as Logged;
  });
  if (appWord !== null) await compareWithApp(shop, jobId, sent, appWord);
  return change;
}

/** The server's verdict is the record; one the app saw differently is a fault to look into. */
async function compareWithApp(
  shop: Shop,
  jobId: string,
  entry: SentEntry['entry'],
  appWord: SentEntry['appWord'],
): Promise<void> {
  if (entry.kind !== 'reading' && entry.kind !== 'look') return;
  const { job } = (await readJob(shop.pool, jobId)).folded;
  const verdict = job.measured.find(({ id }) => id === entry.measurementId)?.verdict;
  const word = verdict?.judgement.ok ? verdict.judgement.verdict.word : null;
  if (word !== appWord)
    shop.log.error(
      { jobId, measurementId: entry.measurementId, word, appWord },
      'the app judged differently',
    );
}
