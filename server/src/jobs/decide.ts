import { isLead } from '@hold-fast/contract/roles';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import type { Decision } from '@hold-fast/contract/signOff';
import { isAcceptable, isRefusable } from '@hold-fast/core/evidence/decidable';
import { inspectedItems } from '@hold-fast/core/job/bars';
import type { Job } from '@hold-fast/core/job/job';
import { checkPin } from '../platform/pin';
import { addPinTry, personByName } from '../people/store';
import type { Tries } from '../platform/tries';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { changeJob } from './changeJob';

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
