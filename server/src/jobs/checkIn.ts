import type { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { intakeOf, type Intake } from '@hold-fast/core/job/job';
import { addBike, addCustomer, bikeById, bikeOfSerial, customerById } from '../bikes/store';
import { inTransaction, insert, run, selectOne, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { changeJob, readJob } from './jobBook';

/**
 * Takes a bike in: a job with the next tag, and its customer and bike when they are new.
 * @throws Refusal `invalid-input` when a customer or bike named by id is unknown or the bike is somebody else's.
 */
export async function checkIn(shop: Shop, person: Person, taken: CheckIn): Promise<JobChange> {
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const seq = await takeOnce(transaction, { id: taken.id, body: taken, personId: person.id, at });
    if (seq === null) return;
    const customerId = await customerOf(transaction, taken, at);
    const bikeId = await bikeOf(transaction, taken, customerId, at);
    await refuseOtherVisit(transaction, bikeId, taken.id, taken.comebackOf);
    await insert(transaction, 'job', {
      id: taken.id,
      tag: await nextTag(transaction),
      bike_id: bikeId,
      complaint: taken.complaint,
      status: 'open',
      front_lever: taken.frontLever,
      odometer_km: taken.odometerKm,
      promised_at: new Date(taken.promisedAt),
      minutes: taken.minutes,
      ...askedColumns(taken),
      checked_in_at: at,
      checked_in_by: person.id,
    });
    await setSymptoms(transaction, taken.id, taken.symptoms);
  });
  const { log } = await readJob(shop.pool, taken.id);
  return { base: log.base, added: log.entries, count: log.entries.length };
}

/** What was asked besides, as the job's row holds it. */
const askedColumns = (asked: Intake) => ({
  came_along: JSON.stringify(asked.cameAlong),
  damage: asked.damage,
  ring_above_cents: asked.ringAboveCents,
  may_ride: asked.mayRide,
  old_parts_back: asked.oldPartsBack,
  comeback_of: asked.comebackOf,
});

/** @throws Refusal `invalid-input` of a visit that is not an earlier one of this bike */
async function refuseOtherVisit(
  on: Transaction,
  bikeId: string,
  jobId: string,
  comebackOf: string | null,
): Promise<void> {
  if (comebackOf === null) return;
  const found = await selectOne<{ id: string }>(
    on,
    'SELECT id FROM job WHERE id = ? AND bike_id = ? AND id <> ?',
    [comebackOf, bikeId, jobId],
  );
  if (!found) throw refuseField('invalid-input', 'comebackOf', 'not-this-bikes');
}

async function customerOf(
  transaction: Transaction,
  { customer }: CheckIn,
  at: Date,
): Promise<string> {
  if (typeof customer !== 'string') {
    await addCustomer(transaction, customer, at);
    return customer.id;
  }
  if (!(await customerById(transaction, customer)))
    throw refuseField('invalid-input', 'customer', 'unknown');
  return customer;
}

async function bikeOf(
  transaction: Transaction,
  { bike }: CheckIn,
  customerId: string,
  at: Date,
): Promise<string> {
  const owner =
    typeof bike === 'string' ? (await bikeById(transaction, bike))?.customerId : bike.customerId;
  if (owner !== customerId) throw refuseField('invalid-input', 'bike', 'unknown');
  if (typeof bike === 'string') return bike;
  if (await bikeOfSerial(transaction, bike.serial))
    throw refuseField('invalid-input', 'bike.serial', 'serial-taken');
  await addBike(transaction, bike, at);
  return bike.id;
}

async function nextTag(transaction: Transaction): Promise<number> {
  await run(transaction, 'UPDATE counter SET last_tag = last_tag + 1 WHERE one = 1');
  const row = await selectOne<{ tag: number }>(
    transaction,
    'SELECT last_tag AS tag FROM counter WHERE one = 1',
  );
  return row!.tag;
}

async function setSymptoms(
  transaction: Transaction,
  jobId: string,
  symptoms: readonly string[],
): Promise<void> {
  await run(transaction, 'DELETE FROM job_symptom WHERE job_id = ?', [jobId]);
  for (const symptom of new Set(symptoms))
    await insert(transaction, 'job_symptom', { job_id: jobId, symptom });
}

/**
 * Changes what was taken down at check-in, and keeps what it was.
 * @throws Refusal `version-conflict` with both versions when somebody changed it since, `job-sealed`, `not-found`.
 */
export async function editJob(
  shop: Shop,
  person: Person,
  jobId: string,
  { id, version, ...became }: JobEdit,
): Promise<JobChange> {
  // The same edit once more, after its answer was lost, is done already, and nobody else's.
  const write = { id, body: { id, version, ...became }, personId: person.id };
  return changeJob(shop, jobId, write, async ({ transaction, seq, job }) => {
    const was = intakeOf(job);
    if (version !== job.version)
      throw new Refusal('version-conflict', {
        facts: { current: { version: job.version, ...was }, yours: became },
      });
    await refuseOtherVisit(transaction, job.bike.id, jobId, became.comebackOf);
    const columns = {
      complaint: became.complaint,
      front_lever: became.frontLever,
      odometer_km: became.odometerKm,
      promised_at: new Date(became.promisedAt),
      minutes: became.minutes,
      ...askedColumns(became),
    };
    await run(
      transaction,
      `UPDATE job SET ${Object.keys(columns)
        .map((column) => `${column} = ?`)
        .join(', ')}, version = version + 1 WHERE id = ?`,
      [...Object.values(columns), jobId],
    );
    await setSymptoms(transaction, jobId, became.symptoms);
    const at = shop.now().toISOString();
    return { entry: { kind: 'edit', id, at, was, became }, known: null, seq, by: person.name };
  });
}
