import type { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { intakeOf, type Intake } from '@hold-fast/core/job/job';
import { addBike, addCustomer, bikeById, bikeOfSerial, customerById } from '../bikes/store';
import { inTransaction, insert, run, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { changeJob } from './changeJob';
import { readJob } from './readStore';
import { isVisitOf, nextTag, openJobsOfBike, setSymptoms } from './store';

/**
 * Takes a bike in: a job with the next tag, and its customer and bike when they are new.
 * @throws Refusal `invalid-input` when a customer or bike named by id is unknown or the bike is somebody else's, `bike-here` when
 *   the bike is in the shop on a job that is still open.
 */
export async function checkIn(shop: Shop, person: Person, taken: CheckIn): Promise<JobChange> {
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const seq = await takeOnce(transaction, { id: taken.id, body: taken, personId: person.id, at });
    if (seq === null) return;
    // First, for it makes whoever checks in at the same time wait: what they did is seen then.
    const tag = await nextTag(transaction);
    // Also of a bike that this very check-in made, when its answer was lost and it comes again in other words.
    await refuseSecondJob(transaction, typeof taken.bike === 'string' ? taken.bike : taken.bike.id);
    const customerId = await customerOf(transaction, taken, at);
    const bikeId = await bikeOf(transaction, taken, customerId, at);
    await refuseOtherVisit(transaction, bikeId, taken.id, taken.comebackOf);
    await insert(transaction, 'job', {
      id: taken.id,
      tag,
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
  return { base: log.base, added: log.entries, count: log.entries.length, registers: ['notices'] };
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

/**
 * A bike is in the shop once. On a second job, what the first condemns would not stand in the way of signing [D].
 * @throws Refusal `bike-here` with the job it is on
 */
async function refuseSecondJob(on: Transaction, bikeId: string): Promise<void> {
  const [here] = await openJobsOfBike(on, bikeId);
  if (here) throw new Refusal('bike-here', { facts: here });
}

/** @throws Refusal `invalid-input` of a visit that is not an earlier one of this bike */
async function refuseOtherVisit(
  on: Transaction,
  bikeId: string,
  jobId: string,
  comebackOf: string | null,
): Promise<void> {
  if (comebackOf === null) return;
  if (comebackOf === jobId || !(await isVisitOf(on, comebackOf, bikeId)))
    throw refuseField('invalid-input', 'comebackOf', 'not-this-bikes');
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
