import { visitOf } from './visit';
import type { End } from '../ends';
import { backFault, doFault, skipFault } from '../plan/visit';
import { stepRule, type StepId } from '../procedure/steps';
import { isNotRidden } from '../evidence/notRidden';
import { fault, type EntryBase, type Kind } from './entry';

/** A step of the plan done, or left out with a reason; or the last one that stands taken back, after a slip of the hand. */
export interface PlanStepEntry extends EntryBase {
  kind: 'plan-step';
  step: StepId | 'wash-hands';
  /** Null for what belongs to the whole bike. */
  end: End | null;
  outcome: 'done' | 'skipped' | 'taken-back';
  reason: string;
  /** The step before it as whoever did it saw; null for the first. Two phones cannot do the same step twice. */
  after: string | null;
}

/** Steps that put a rider's weight or speed on the brake. */
const isTried = (step: StepId) =>
  (stepRule(step).acts ?? []).some(
    (act) => act === 'stand-test' || act === 'rides' || act === 'one-ride',
  );

const FAULTS = { done: doFault, skipped: skipFault, 'taken-back': backFault } as const;

export const planStep: Kind<PlanStepEntry> = {
  kind: 'plan-step',
  whose: 'bench',
  fault: (job, { step, end, outcome, reason, after }) => {
    if ((job.stepped.at(-1)?.id ?? null) !== after)
      return fault('step-overtaken', null, 'overtaken');
    const found = FAULTS[outcome](visitOf(job), step, end);
    if (found) return fault('step-refused', null, found.code, { ...found });
    if (outcome === 'done' && step !== 'wash-hands' && isTried(step) && isNotRidden(job))
      return fault('step-refused', null, 'do-not-ride', { code: 'do-not-ride' });
    return outcome === 'skipped' && reason === '' ? fault('step-refused', 'reason', 'empty') : null;
  },
  add: (facts, { kind: _kind, ...stepped }, _known, { seq, by }) => ({
    ...facts,
    stepped: [...facts.stepped, { ...stepped, seq, by }],
  }),
};
