import type { Job } from '@hold-fast/core/job/job';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import type { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import { JobRecord } from '@hold-fast/contract/record';
import { recordOf } from '@hold-fast/core/job/record';
import { withhold } from '@hold-fast/core/job/withheld';
import { sealLink } from '@hold-fast/core/seal/chain';
import { barsOf, inspectedItems } from '@hold-fast/core/job/bars';
import { changeJob } from '../jobs/jobBook';
import { openJobOfBike } from '../jobs/store';
import { hangTakenBack, hangUnrepaired, noteRefusals } from '../jobs/judgements';
import { duesOf } from '@hold-fast/core/due/due';
import { dayIn } from '@hold-fast/core/job/day';
import { keepDues } from '../due/store';
import { isAcceptable, isRefusable } from '@hold-fast/core/evidence/decidable';
import { outcomesOf } from '@hold-fast/core/trouble/outcomes';
import { newToken } from '../platform/addresses';
import { checkPin, isLead } from '../people/rules';
import { addPinTry, personById, personByName } from '../people/store';
import type { Tries } from '../people/tries';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { countOutcomes } from '../trouble/store';
import { addRecord, addWithheld, holdHead } from './store';

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
): Promise<JobChange> {
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
  const byLead = isLead(person!);
  const leadsOnly = decision.decision === 'accepted-unproven' || decision.decision === 'kept-sheet';
  if (leadsOnly && !byLead) throw new Refusal('not-allowed');

  const { pin: _, ...body } = decision;
  const write = { id: decision.id, body, personId: person!.id };
  return changeJob(shop, jobId, write, async ({ seq, job }) => {
    const { id, end, subject, words } = decision;
    refuseNothingToDecide(job, decision, byLead);
    return {
      entry: {
        kind: 'decision',
        id,
        at: shop.now().toISOString(),
        end,
        subject,
        decision: decision.decision,
        words,
        rulesVersion: job.rulesVersion,
        byLead,
        keeps: decision.decision === 'kept-sheet' ? job.identified[end]!.newerRevision!.id : null,
      },
      known: null,
      seq,
      by: person!.name,
    };
  });
}

/** @throws Refusal `nothing-to-decide` of what stands otherwise, `not-allowed` where it takes a lead */
function refuseNothingToDecide(
  job: Job,
  { decision, end, subject }: Pick<Decision, 'decision' | 'end' | 'subject'>,
  byLead: boolean,
): void {
  const item = inspectedItems(job).find((each) => each.end === end && each.subject === subject);
  const here = (each: { end: string; subject: string }) =>
    each.end === end && each.subject === subject;
  const nothing = () => new Refusal('nothing-to-decide', { facts: { word: item?.word ?? null } });
  switch (decision) {
    case 'accepted-unproven':
      if (item?.word !== 'unproven' || !isAcceptable(item)) throw nothing();
      return;
    case 'customer-refused':
      if (!(item?.word === 'replace' && isRefusable(item)) && !job.againstAdvice.some(here))
        throw nothing();
      return;
    case 'seen-wrong': {
      const tagged = job.tags.some(here);
      const answerable = item !== undefined && (item.held.length > 0 || item.found.length > 0);
      if (!answerable && !tagged && !job.againstAdvice.some(here)) throw nothing();
      if ((tagged || item?.doNotRide) && !byLead) throw new Refusal('not-allowed');
      return;
    }
    case 'kept-sheet':
      if (!job.identified[end]?.newerRevision) throw nothing();
  }
}

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
  const write = { id: signed.id, body, personId: person.id };
  return changeJob(shop, jobId, write, async ({ transaction, job, seq, read }) => {
    const bars = barsOf(job, signed.customerToldOfWatch);
    const { notRepaired } = signed;
    if (!notRepaired && bars.length > 0) throw new Refusal('sign-off-refused', { facts: { bars } });
    // Of a bike that was taken in twice before that was refused, one job is closed as not repaired: what it found hangs on the bike then.
    const other = notRepaired ? null : await openJobOfBike(transaction, job.bike.id, jobId);
    if (other) throw new Refusal('bike-here', { facts: other });
    const at = shop.now();
    const { head, number } = await holdHead(transaction);
    const whole = recordOf(job, {
      number: number + 1,
      at: at.toISOString(),
      by: person.name,
      customerToldOfWatch: signed.customerToldOfWatch,
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
      number: number + 1,
      jobId,
      link: sealLink({ prev: head, record }),
      prev: head,
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
  const write = { id: amendment.id, body, personId: person.id, whenSealed: true };
  return changeJob(shop, jobId, write, async ({ transaction, job, seq }) => {
    if (!job.sealed) throw new Refusal('not-found');
    const items = inspectedItems(job);
    const { takesBack } = amendment;
    for (const { end, subject } of takesBack)
      if (!items.some((item) => item.end === end && item.subject === subject))
        throw new Refusal('nothing-to-decide');
    const at = shop.now();
    const { head, number } = await holdHead(transaction);
    const record = {
      format: 'hold-fast/amendment/2',
      amends: job.sealed.seal,
      amendsNumber: job.sealed.number,
      jobId,
      number: number + 1,
      words: amendment.words,
      takesBack: takesBack.map(({ end, subject }) => ({ end, subject })),
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
    await hangTakenBack(transaction, job, takesBack, { at, seq });
    return null;
  });
}
