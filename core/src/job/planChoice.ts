import { brakesOf, visitOf } from './visit';
import { ENDS, type End } from '../ends';
import { doneWith, planAt } from '../plan/visit';
import type { FirstBleed } from '../fluid/bleedMethods';
import { suitsBrake, type ProcedureId } from '../procedure/procedures';
import { fault, type EntryBase, type Kind } from './entry';

/** What is to be done at each end, and how a joint that is opened is bled there. The last one stands; a change asks again. */
export interface PlanChoiceEntry extends EntryBase {
  kind: 'plan-choice';
  procedures: Record<End, ProcedureId[]>;
  bleed: Record<End, FirstBleed>;
  /** Procedures to be done once more, after they were done on this visit. */
  again: { end: End; procedure: ProcedureId }[];
  /** Whether the customer agreed to it, refused it, or is to be asked. */
  agreed: 'agreed' | 'not-asked';
  words: string;
}

export const planChoice: Kind<PlanChoiceEntry> = {
  kind: 'plan-choice',
  whose: 'anybody',
  fault: (job, entry) => {
    const { procedures, bleed } = entry;
    for (const end of ENDS) {
      const actuation = job.identified[end]?.sheet.body.brake.actuation;
      const procedure = actuation && procedures[end].find((id) => !suitsBrake(id, actuation));
      if (procedure) return fault('invalid-input', `procedures.${end}`, 'unsuited', { procedure });
    }
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
    planned: [...facts.planned, { ...choice, seq, by }],
  }),
};
