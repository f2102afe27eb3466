import type { Changed, JobChange } from '@hold-fast/contract/jobs';
import { foldOn } from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import { KINDS, type Logged } from '@hold-fast/core/job/kinds';
import { inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { noteJudgements } from './judgements';
import { keepRead, readAt, readJob, type ReadJob } from './readStore';
import { countWrite, holdJob, keepEntry } from './store';

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
    const noted = await noteJudgements(shop, transaction, read, folded.job, logged.entry);
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
