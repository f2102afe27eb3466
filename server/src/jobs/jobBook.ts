import { isDeepStrictEqual } from 'node:util';
import type { Changed, JobChange, JobLog } from '@hold-fast/contract/jobs';
import { foldAll, foldOn, type Folded } from '@hold-fast/core/job/fold';
import type { Job, Judged } from '@hold-fast/core/job/job';
import { KINDS, type Logged } from '@hold-fast/core/job/kinds';
import { inTransaction, type Queryable, type Pool, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { noteJudgements } from './judgements';
import {
  countWrite,
  holdJob,
  keepEntry,
  logOfJob,
  stateOfJob,
  verdictsKept,
  type HeldJob,
} from './store';

/** A job as it was read last: what it is made of, what follows, and how everything it rests on stood. */
interface ReadJob {
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

function keepRead(pool: Pool, jobId: string, read: ReadJob): void {
  const book = bookOf(pool);
  book.delete(jobId);
  book.set(jobId, read);
  const [oldest] = book.keys();
  if (book.size > MOST_READ) book.delete(oldest!);
}

/** The job at a state: as it was read, where nothing it rests on has changed since, else read afresh. */
async function readAt(pool: Pool, on: Queryable, jobId: string, held: HeldJob): Promise<ReadJob> {
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

/** What a writer works with: the job as it stands, held, and the place its write has in the order. */
interface Writing {
  transaction: Transaction;
  seq: number;
  read: ReadJob;
  job: Job;
}

/** A write to a job, by its client-made id. */
interface JobWrite {
  id: string;
  /** What was sent, without secrets. */
  body: object;
  personId: string;
  /** Whether a sealed job takes it. */
  whenSealed?: boolean;
  /** What it changes besides the job, where no entry of it says so. */
  registers?: readonly Changed[];
}

/**
 * Writes to a job, once however often it arrives: in one transaction, with the job held. What `work` returns is appended
 * to the job's entries; everything is judged again, and what was judged is noted.
 * @throws Refusal `not-found`, `job-sealed`, `id-reused`, and what `work` refuses
 */
export async function changeJob(
  shop: Shop,
  jobId: string,
  { id, body, personId, whenSealed = false, registers = [] }: JobWrite,
  work: (writing: Writing) => Promise<Logged | null>,
): Promise<JobChange> {
  const done = await inTransaction(shop.pool, async (transaction) => {
    const held = await holdJob(transaction, jobId);
    if (!held) throw new Refusal('not-found');
    const write = { id, body: { jobId, ...body }, personId, at: shop.now() };
    const seq = await takeOnce(transaction, write);
    const read = await readAt(shop.pool, transaction, jobId, held);
    if (seq === null)
      return { read, logged: read.log.entries.find((each) => each.entry.id === id) };
    if (held.status === 'sealed' && !whenSealed) throw new Refusal('job-sealed');
    const logged = await work({ transaction, seq, read, job: read.folded.job });
    await countWrite(transaction, jobId);
    if (logged === null) return { read: null, logged: undefined };
    await keepEntry(transaction, jobId, personId, logged);
    const { base, entries } = read.log;
    const log = { base: { ...base, revision: base.revision + 1 }, entries: [...entries, logged] };
    const folded = foldOn(read.folded, logged, log.base.revision);
    const noted = await noteJudgements(shop, transaction, read, folded.job);
    // What changes the job's own row, or what hangs on the bike, is read afresh.
    const afresh = logged.entry.kind === 'edit' || noted.tagsChanged;
    const grown = { ...held, revision: held.revision + 1, bikeRevision: held.bikeRevision + 1 };
    return { read: afresh ? null : { held: grown, log, folded, verdicts: noted.verdicts }, logged };
  });
  const { logged } = done;
  if (done.read) keepRead(shop.pool, jobId, done.read);
  const { base, entries } = (done.read ?? (await readJob(shop.pool, jobId))).log;
  return {
    base,
    added: logged ? [logged] : [],
    count: entries.length,
    registers: logged ? KINDS[logged.entry.kind].registers : registers,
  };
}
