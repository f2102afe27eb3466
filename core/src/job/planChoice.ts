import { brakesOf, visitOf } from './visit';
import { atEachEnd, ENDS, type End, type SaidOfEnds } from '../ends';
import { doneWith, planAt } from '../plan/visit';
import { FIRST_BLEEDS, type FirstBleed } from '../fluid/bleedMethods';
import { metAt, type WetJob } from '../evidence/wet';
import { otherFamilyIn } from '../fluid/met';
import { stepRule } from '../procedure/steps';
import { hasDisc } from '../kit/brakes';
import type { Job } from './job';
import { suitsBrake, workFor, type ProcedureId } from '../procedure/procedures';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

/** What is to be done at each end, and how a joint that is opened is bled there. The last one stands; a change asks again. */
export interface PlanChoiceEntry extends EntryBase {
  kind: 'plan-choice';
  procedures: SaidOfEnds<ProcedureId[]>;
  bleed: SaidOfEnds<FirstBleed>;
  /** Procedures to be done once more, after they were done on this visit. */
  again: { end: End; procedure: ProcedureId }[];
  /** Whether the customer agreed to it, refused it, or is to be asked. */
  agreed: 'agreed' | 'not-asked';
  words: string;
}

/**
 * Whether this work would put fluid into a brake that has met another family, without every part that met it being renewed: it is
 * refused before a wheel is out.
 */
export function isFilledOver(
  job: Pick<Job, 'identified' | 'metBefore'> & WetJob,
  end: End,
  chosen: readonly ProcedureId[],
  bleed: FirstBleed,
): boolean {
  const family = job.identified[end]?.sheet.body.fluid?.fluid.family;
  const other = family && otherFamilyIn(metAt(job.metBefore[end], job, end), family);
  if (!other) return false;
  const work = workFor(chosen, bleed, brakesOf(job)[end]);
  const cures = new Set(work.flatMap((step) => stepRule(step).cures));
  const fills = FIRST_BLEEDS.some((way) => work.includes(way));
  const renewed = { lever: cures.has('reseal-lever'), caliper: cures.has('reseal-caliper') };
  return fills && other.parts.some((part) => part !== 'hose' && !renewed[part]);
}

/** A choice made where nobody knew of a third brake is one of no work at it. */
const atAllEnds = ({ procedures, bleed }: Pick<PlanChoiceEntry, 'procedures' | 'bleed'>) => ({
  procedures: atEachEnd((end) => procedures[end] ?? []),
  bleed: atEachEnd((end) => bleed[end] ?? 'push-up'),
});

/** What was chosen to be done, and what the customer said to it. */
export interface Planned extends Omit<Kept<PlanChoiceEntry>, 'procedures' | 'bleed'> {
  seq: number;
  procedures: Record<End, ProcedureId[]>;
  bleed: Record<End, FirstBleed>;
}

declare module './job' {
  interface Facts {
    /** Every choice of work, the last one standing. */
    planned: Planned[];
  }
}

export const planChoice: Kind<PlanChoiceEntry> = {
  kind: 'plan-choice',
  whose: 'anybody',
  registers: [],
  fault: (job, entry) => {
    const { procedures, bleed } = atAllEnds(entry);
    const left = ENDS.find((end) => procedures[end].length > 0 && !hasDisc(job.bike, end));
    if (left) return fault('invalid-input', `procedures.${left}`, 'no-disc');
    for (const end of ENDS) {
      if (procedures[end].length === 0) continue;
      const sheet = job.identified[end]?.sheet.body;
      // What kind of brake it is decides which work there is: of one that nobody identified none is planned.
      if (!sheet) return fault('invalid-input', `procedures.${end}`, 'not-identified');
      const procedure = procedures[end].find((id) => !suitsBrake(id, sheet.brake.actuation));
      if (procedure) return fault('invalid-input', `procedures.${end}`, 'unsuited', { procedure });
    }
    for (const end of ENDS)
      if (isFilledOver(job, end, procedures[end], bleed[end]))
        return fault('invalid-input', `procedures.${end}`, 'other-family-inside');
    const visit = visitOf(job);
    const early = entry.again.some(
      ({ end, procedure }) =>
        !procedures[end].includes(procedure) || !doneWith(visit, end).includes(procedure),
    );
    if (early) return fault('invalid-input', 'again', 'not-done-yet');
    const again = entry.again.map((each) => ({ ...each, after: visit.steps.length }));
    const after = {
      ...visit,
      chosen: { procedures, bleed, brakes: brakesOf(job) },
      again: [...visit.again, ...again],
    };
    return planAt(after) === null ? fault('invalid-input', 'procedures', 'no-plan') : null;
  },
  add: (facts, { kind: _kind, ...choice }, _known, { seq, by }) => ({
    ...facts,
    planned: [...facts.planned, { ...choice, ...atAllEnds(choice), seq, by }],
  }),
};
