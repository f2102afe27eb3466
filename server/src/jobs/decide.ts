import { isLead } from '@hold-fast/contract/roles';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { Person } from '@hold-fast/contract/people';
import type { Decision } from '@hold-fast/contract/signOff';
import { decisionsOn } from '@hold-fast/core/evidence/decidable';
import { isSameThing } from '@hold-fast/core/inspection/inspected';
import { inspectedItems } from '@hold-fast/core/job/bars';
import { checkPin } from '../platform/pin';
import { addPinTry, personByName } from '../people/store';
import type { Tries } from '../platform/tries';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { changeJob } from './changeJob';

/**
 * Records what somebody decided about a thing. It counts for the verdict that stands now and for no later one.
 * @param asking who is signed in; the PIN may be that of another
 * @throws Refusal `wrong-pin`, `not-allowed` (it takes a lead), `nothing-to-decide`, `job-sealed`.
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
  const { pin: _, ...body } = decision;
  const write = { id: decision.id, body, personId: person!.id };
  return changeJob(shop, jobId, write, async ({ seq, job }) => {
    const { id, end, subject, words } = decision;
    const open = decisionsOn(job, decision).find((each) => each.decision === decision.decision);
    if (!open) {
      const item = inspectedItems(job).find((each) => isSameThing(each, decision));
      throw new Refusal('nothing-to-decide', { facts: { word: item?.word ?? null } });
    }
    if (open.takesLead && !byLead) throw new Refusal('not-allowed');
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
