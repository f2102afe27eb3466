import type { End } from '../ends';
import { measurandRule } from '../measurand/measurands';
import { ruleOf } from '../inspection/findings';
import { isSameThing, type Thing } from '../inspection/inspected';
import { inspectEnd, type InspectedJob, type InspectionItem } from '../inspection/inspectEnd';

/** It came off, and nothing is written of what is on: neither words nor a signature ride on that [D]. */
const isOff = ({ lapsed }: InspectionItem) => lapsed?.by.code === 'taken-off';

/**
 * Whether a lead may accept an item as unproven. Wear, wobble and gaps, yes, also where they changed since they were proven; a lever only
 * where nothing but the sheet's facts is missing, and one that changed since is tested again; what is loose is tightened [D].
 */
export function isAcceptable(item: InspectionItem): boolean {
  const { judgement, found, lapsed, held } = item;
  if (isOff(item) || held.length > 0 || found.some((finding) => ruleOf(finding).notAccepted))
    return false;
  if (!judgement?.ok) return true;
  const accepted = measurandRule(judgement.measurand).acceptedWith;
  if (accepted === null) return true;
  const { word, reasons } = judgement.verdict;
  return (
    lapsed === null && word === 'unproven' && reasons.every(({ code }) => accepted.includes(code))
  );
}

/** Whether the customer may refuse to have it replaced: a brake that fails its lever test is not ridden out on a signature [D]. */
export function isRefusable(item: InspectionItem): boolean {
  const { subject, doNotRide } = item;
  return (
    !doNotRide && !isOff(item) && subject !== 'lever' && subject !== 'fluid' && subject !== 'leaks'
  );
}

/** A thing as it stands when somebody decides about it. */
interface Decidable {
  /** Null where it was not inspected. */
  item: InspectionItem | null;
  /** A do-not-ride of an earlier visit hangs on it. */
  tagged: boolean;
  /** At an earlier visit the customer would not have it replaced. */
  refusedBefore: boolean;
  /** The sheet that its end goes by was revised. */
  sheetRevised: boolean;
}

interface DecisionRule {
  /** Whether there is anything of it to decide. */
  open: (thing: Decidable) => boolean;
  /** Whether it is a lead's alone to decide. */
  takesLead: (thing: Decidable) => boolean;
}

const always = () => true;

/** What may be decided about a thing by words and a PIN, as it stands and not as it will [D]. */
const RULES = {
  'accepted-unproven': {
    open: ({ item }) => item?.word === 'unproven' && isAcceptable(item),
    takesLead: always,
  },
  /** It is asked for anew at each visit. */
  'customer-refused': {
    open: ({ item, refusedBefore }) =>
      refusedBefore || (item?.word === 'replace' && isRefusable(item)),
    takesLead: () => false,
  },
  /** It was measured, or seen: that can have been wrong; what nobody has looked at since is looked at first. A do-not-ride is not taken back by whoever found it. */
  'seen-wrong': {
    open: ({ item, tagged, refusedBefore }) =>
      tagged || (item !== null && (refusedBefore || item.held.length + item.found.length > 0)),
    takesLead: ({ item, tagged }) => tagged || (item?.doNotRide ?? false),
  },
  'kept-sheet': { open: ({ sheetRevised }) => sheetRevised, takesLead: always },
} as const satisfies Record<string, DecisionRule>;

export type DecisionKind = keyof typeof RULES;
export const DECISIONS = Object.keys(RULES) as [DecisionKind, ...DecisionKind[]];

interface DecidedJob extends InspectedJob {
  tags: readonly Thing[];
  againstAdvice: readonly Thing[];
  identified: InspectedJob['identified'] & Readonly<Record<End, { newerRevision: unknown } | null>>;
}

/** What may be decided about a thing now, with whether it takes a lead. */
export function decisionsOn(
  job: DecidedJob,
  thing: Thing,
): { decision: DecisionKind; takesLead: boolean }[] {
  const of: Decidable = {
    item: inspectEnd(job, thing.end).items.find((item) => isSameThing(item, thing)) ?? null,
    tagged: job.tags.some((tag) => isSameThing(tag, thing)),
    refusedBefore: job.againstAdvice.some((advice) => isSameThing(advice, thing)),
    sheetRevised: (job.identified[thing.end]?.newerRevision ?? null) !== null,
  };
  return DECISIONS.filter((decision) => RULES[decision].open(of)).map((decision) => ({
    decision,
    takesLead: RULES[decision].takesLead(of),
  }));
}
