import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import { JobRecord } from '@hold-fast/contract/record';
import type { Amendment, SignOff } from '@hold-fast/contract/signOff';
import { duesOf } from '@hold-fast/core/due/due';
import { barsAtSigning, inspectedItems } from '@hold-fast/core/job/bars';
import { dayIn } from '@hold-fast/core/job/day';
import { recordOf } from '@hold-fast/core/job/record';
import { withhold } from '@hold-fast/core/job/withheld';
import type { Json } from '@hold-fast/core/seal/canonical';
import { sealLink } from '@hold-fast/core/seal/chain';
import { outcomesOf } from '@hold-fast/core/trouble/outcomes';
import { keepDues } from '../due/store';
import { checkPin } from '../platform/pin';
import { personById } from '../people/store';
import type { Tries } from '../platform/tries';
import { newToken } from '../platform/addresses';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { addRecord, addWithheld, holdHead } from '../records/store';
import { countOutcomes } from '../trouble/store';
import { changeJob } from './changeJob';
import { hangTakenBack, hangUnrepaired, noteRefusals } from './judgements';
import { openJobsOfBike } from './store';

/** A record as the link after the chain's last. */
const nextLink = (last: Awaited<ReturnType<typeof holdHead>>, record: Json) => ({
  number: last.number + 1,
  link: sealLink({ prev: last.head, record }),
  prev: last.head,
});

/**
 * Signs a job off and seals it. Everything is judged once more from what is stored before the rules look at it. One that is closed
 * with its bike not repaired passes nothing: all that is open hangs on the bike.
 * @throws Refusal `wrong-pin`, `sign-off-refused` with what bars it, `bike-here` with another open job of the bike, `job-sealed`,
 *   `not-found`.
 */
export async function signOff(
  shop: Shop,
  tries: Tries,
  person: Person,
  jobId: string,
  signed: SignOff,
): Promise<JobChange> {
  await checkPin(tries, await personById(shop.pool, person.id), signed.pin);

  const { pin: _, ...body } = signed;
  const registers = ['records', 'chain', 'dues'] as const;
  const write = { id: signed.id, body, personId: person.id, registers };
  return changeJob(shop, jobId, write, async ({ transaction, job, seq, read }) => {
    const at = shop.now();
    const bars = barsAtSigning(job, { toldOf: signed.toldOf, at: at.toISOString() });
    const { notRepaired } = signed;
    if (!notRepaired && bars.length > 0) throw new Refusal('sign-off-refused', { facts: { bars } });
    // Of a bike that was taken in twice before that was refused, one job is closed as not repaired: what it found hangs on the bike then.
    const here = notRepaired ? [] : await openJobsOfBike(transaction, job.bike.id);
    const other = here.find((open) => open.jobId !== jobId);
    if (other) throw new Refusal('bike-here', { facts: other });
    const last = await holdHead(transaction);
    const whole = recordOf(job, {
      number: last.number + 1,
      at: at.toISOString(),
      by: person.name,
      toldOf: signed.toldOf,
      notRepaired,
    });
    const { record, withheld } = withhold(whole, newToken());
    const { error } = JobRecord.safeParse(record);
    if (error)
      shop.log.error({ jobId, faults: error.issues }, 'a record is not as its format says');
    await noteRefusals(shop, transaction, job);
    // What was found and cured teaches; what left as it came was found by nobody's cure.
    if (!notRepaired) {
      const today = dayIn(job.rules.timeZone, at.toISOString());
      await keepDues(transaction, { id: jobId, bikeId: job.bike.id }, duesOf(job, today));
      await countOutcomes(
        transaction,
        job.rules.trouble.counting,
        outcomesOf(read.log.base, read.log.entries),
      );
    }
    if (notRepaired) await hangUnrepaired(transaction, job, bars, { at, seq });
    await addRecord(transaction, {
      id: signed.id,
      ...nextLink(last, record),
      jobId,
      at,
      personId: person.id,
      nth: 0,
    });
    await addWithheld(transaction, signed.id, withheld);
    return null;
  });
}

/**
 * Corrects a sealed record without touching it: the correction hangs in the same chain and points at it. What it takes back
 * hangs on the bike as a do-not-ride.
 * @throws Refusal `wrong-pin`, `not-found` when there is nothing sealed to correct, `nothing-to-decide` of what was not looked at.
 */
export async function amend(
  shop: Shop,
  tries: Tries,
  person: Person,
  jobId: string,
  amendment: Amendment,
): Promise<JobChange> {
  await checkPin(tries, await personById(shop.pool, person.id), amendment.pin);
  const { pin: _, ...body } = amendment;
  const write = {
    id: amendment.id,
    body,
    personId: person.id,
    whenSealed: true,
    registers: ['records', 'chain'],
  } as const;
  return changeJob(shop, jobId, write, async ({ transaction, job, seq }) => {
    if (!job.sealed) throw new Refusal('not-found');
    const items = inspectedItems(job);
    const { takesBack } = amendment;
    for (const { end, subject } of takesBack)
      if (!items.some((item) => item.end === end && item.subject === subject))
        throw new Refusal('nothing-to-decide');
    const at = shop.now();
    const last = await holdHead(transaction);
    const record = {
      format: 'hold-fast/amendment/2',
      amends: job.sealed.seal,
      amendsNumber: job.sealed.number,
      jobId,
      number: last.number + 1,
      words: amendment.words,
      takesBack: takesBack.map(({ end, subject }) => ({ end, subject })),
      at: at.toISOString(),
      by: person.name,
    };
    await addRecord(transaction, {
      id: amendment.id,
      ...nextLink(last, record),
      jobId,
      at,
      personId: person.id,
      nth: job.amended.length + 1,
    });
    await hangTakenBack(transaction, job, takesBack, { at, seq });
    return null;
  });
}
