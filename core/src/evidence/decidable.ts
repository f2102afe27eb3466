import { measurandRule } from '../measurand/measurands';
import { ruleOf } from '../inspection/findings';
import type { InspectionItem } from '../inspection/inspectEnd';

/**
 * Whether a lead may accept an item as unproven. Wear and wobble, yes; a lever only where nothing but the sheet's facts is
 * missing; what changed since it was proven is looked at again instead, and what is loose is tightened [D].
 */
export function isAcceptable({ judgement, found, lapsed, held }: InspectionItem): boolean {
  if (held.length > 0 || found.some((finding) => ruleOf(finding).notAccepted)) return false;
  if (!judgement?.ok) return true;
  const accepted = measurandRule(judgement.measurand).acceptedWith;
  if (accepted === null) return true;
  const { word, reasons } = judgement.verdict;
  return (
    lapsed === null && word === 'unproven' && reasons.every(({ code }) => accepted.includes(code))
  );
}

/** Whether the customer may refuse to have it replaced: a brake that fails its lever test is not ridden out on a signature [D]. */
export function isRefusable({ subject, doNotRide }: InspectionItem): boolean {
  return !doNotRide && subject !== 'lever' && subject !== 'fluid' && subject !== 'leaks';
}
