import type { Job } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import type { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { ENDS } from '@hold-fast/core/ends';
import { sealLink } from '@hold-fast/core/seal/chain';
import type { Json } from '@hold-fast/core/seal/canonical';
import { barsOf, inspectedItems, loadJob, restsOn } from '../jobs/job';
import { judgeAgain } from '../jobs/judgements';
import { countWrite, holdJob, takenBackOf } from '../jobs/store';
import { checkPin, isLead } from '../people/rules';
import { addPinTry, personById, personByName } from '../people/store';
import type { Tries } from '../people/tries';
import { inTransaction, insert, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { addRecord, holdHead } from './store';

/**
 * Records that a lead accepts an "unproven", or that the customer refuses to have a "replace" replaced. It
 * counts for the verdict that stands now and for no later one.
 * @param asking who is signed in; the PIN may be that of another
 * @throws Refusal `wrong-pin`, `not-allowed` (accepting takes a lead), `nothing-to-decide`, `job-sealed`.
 */
export async function decide(
  shop: Shop,
  tries: Tries,
  asking: Person,
  jobId: string,
  decision: Decision,
): Promise<void> {
  const person = await personByName(shop.pool, decision.personName);
  try {
    await checkPin(tries, person, decision.pin);
  } catch (error) {
    // Whose PIN was tried from the session of somebody else is told so.
    const wrong = error instanceof Refusal && error.kind === 'wrong-pin';
    if (wrong && person && person.id !== asking.id)
      await addPinTry(shop.pool, { at: shop.now(), whose: person.id, by: asking.id });
    throw error;
  }
  if (decision.decision === 'accepted-unproven' && !isLead(person!))
    throw new Refusal('not-allowed');

  await inTransaction(shop.pool, async (transaction) => {
    const job = await openJob(transaction, jobId);
    const { pin: _, ...body } = decision;
    const seq = await takeOnce(transaction, {
      id: decision.id,
      body: { jobId, ...body },
      personId: person!.id,
      at: shop.now(),
    });
    if (seq === null) return;
    if (job.status === 'sealed') throw new Refusal('job-sealed');
    const word = decision.decision === 'accepted-unproven' ? 'unproven' : 'replace';
    const item = inspectedItems(job).find(
      ({ end, subject }) => end === decision.end && subject === decision.subject,
    );
    if (item?.word !== word)
      throw new Refusal('nothing-to-decide', { facts: { word: item?.word ?? null } });
    await countWrite(transaction, jobId);
    await insert(transaction, 'decision', {
      id: decision.id,
      seq,
      job_id: jobId,
      brake_end: decision.end,
      subject: decision.subject,
      rests_on: restsOn(item, job),
      decision: decision.decision,
      words: decision.words,
      at: shop.now(),
      by_person: person!.id,
    });
  });
}

/**
 * Signs a job off and seals it. Everything is judged once more from what is stored before the rules look at it.
 * @throws Refusal `wrong-pin`, `sign-off-refused` with what bars it, `job-sealed`, `not-found`.
 */
export async function signOff(
  shop: Shop,
  tries: Tries,
  person: Person,
  jobId: string,
  signed: SignOff,
): Promise<void> {
  await checkPin(tries, await personById(shop.pool, person.id), signed.pin);

  await inTransaction(shop.pool, async (transaction) => {
    const held = await openJob(transaction, jobId);
    const { pin: _, ...body } = signed;
    const at = shop.now();
    const seq = await takeOnce(transaction, {
      id: signed.id,
      body: { jobId, ...body },
      personId: person.id,
      at,
    });
    if (seq === null) return;
    if (held.status === 'sealed') throw new Refusal('job-sealed');
    await judgeAgain(shop, transaction, jobId);
    const job = (await loadJob(transaction, jobId))!;
    const bars = barsOf(job, signed.customerToldOfWatch);
    if (bars.length > 0) throw new Refusal('sign-off-refused', { facts: { bars } });

    await countWrite(transaction, jobId);
    const { head, number } = await holdHead(transaction);
    const takenBack = await takenBackOf(transaction, jobId);
    const record = recordOf(job, takenBack, {
      number: number + 1,
      at,
      by: person.name,
      customerToldOfWatch: signed.customerToldOfWatch,
    });
    await addRecord(transaction, {
      id: signed.id,
      number: number + 1,
      jobId,
      link: sealLink({ prev: head, record }),
      prev: head,
      at,
      personId: person.id,
      nth: 0,
    });
  });
}

async function openJob(transaction: Transaction, jobId: string): Promise<Job> {
  if (!(await holdJob(transaction, jobId))) throw new Refusal('not-found');
  return (await loadJob(transaction, jobId))!;
}

/**
 * Corrects a sealed record without touching it: the correction hangs in the same chain and points at it.
 * @throws Refusal `wrong-pin`, `not-found` when there is nothing sealed to correct.
 */
export async function amend(
  shop: Shop,
  tries: Tries,
  person: Person,
  jobId: string,
  amendment: Amendment,
): Promise<void> {
  await checkPin(tries, await personById(shop.pool, person.id), amendment.pin);
  await inTransaction(shop.pool, async (transaction) => {
    const job = await openJob(transaction, jobId);
    if (!job.sealed) throw new Refusal('not-found');
    const { pin: _, ...body } = amendment;
    const at = shop.now();
    const write = { id: amendment.id, body: { jobId, ...body }, personId: person.id, at };
    if ((await takeOnce(transaction, write)) === null) return;
    await countWrite(transaction, jobId);
    const { head, number } = await holdHead(transaction);
    const record = {
      format: 'hold-fast/amendment/1',
      amends: job.sealed.seal,
      amendsNumber: job.sealed.number,
      jobId,
      number: number + 1,
      words: amendment.words,
      at: at.toISOString(),
      by: person.name,
    };
    await addRecord(transaction, {
      id: amendment.id,
      number: number + 1,
      jobId,
      link: sealLink({ prev: head, record }),
      prev: head,
      at,
      personId: person.id,
      nth: job.amended.length + 1,
    });
  });
}

const FORMAT = 'hold-fast/job-record/5';
/** What is sealed: the job as it stands, and what nobody looked at, said outright. */
function recordOf(
  job: Job,
  takenBack: Awaited<ReturnType<typeof takenBackOf>>,
  signed: { number: number; at: Date; by: string; customerToldOfWatch: boolean },
): Json {
  const {
    bars: _bars,
    sealed: _sealed,
    status: _status,
    version: _version,
    revision: _revision,
    minutes: _minutes,
    amended: _amended,
    ...held
  } = job;
  const ends = ENDS.map((end) => ({ end, ...inspectEnd(job, end) }));
  const notInspected = ends.flatMap(({ end, notInspected: subjects }) =>
    subjects.map((subject) => ({ end, subject })),
  );
  return {
    format: FORMAT,
    ...(held as unknown as Record<string, Json>),
    inspection: ends.flatMap(({ items }) => items) as unknown as Json,
    notInspected,
    takenBack: takenBack as unknown as Json,
    signedOff: {
      number: signed.number,
      at: signed.at.toISOString(),
      by: signed.by,
      customerToldOfWatch: signed.customerToldOfWatch,
    },
  };
}
