import { ruleOf } from '../inspection/findings';
import type { InspectionItem } from '../inspection/inspectEnd';

/** What of a lever a lead may accept: the sheet is silent, and everything that was asked of the lever was read and is good [D]. */
const FACTS_ONLY: readonly string[] = [
  'lever-facts-unknown',
  'lever-facts-from-memory',
  'give-assumed',
];

/**
 * Whether a lead may accept an item as unproven. Wear and wobble, yes; a lever only where nothing but the sheet's facts is
 * missing; what changed since it was proven is looked at again instead, and what is loose is tightened [D].
 */
export function isAcceptable({ judgement, found, lapsed, held }: InspectionItem): boolean {
  if (held.length > 0 || found.some((finding) => ruleOf(finding).notAccepted)) return false;
  if (judgement?.ok !== true || judgement.part !== 'lever') return true;
  return (
    lapsed === null &&
    judgement.word === 'unproven' &&
    judgement.lever.reasons.every(({ code }) => FACTS_ONLY.includes(code))
  );
}

/** Whether the customer may refuse to have it replaced: a brake that fails its lever test is not ridden out on a signature [D]. */
export function isRefusable({ subject, doNotRide }: InspectionItem): boolean {
  return !doNotRide && subject !== 'lever' && subject !== 'fluid' && subject !== 'leaks';
}
