import { changesAt, lapsedSince, saidSince } from '../evidence/changes';
import type { End, UsualEnd } from '../ends';
import { axleOf } from '../kit/brakes';
import { standingSitting } from '../inspection/inspectEnd';
import { measurandRule } from '../measurand/measurands';
import { backFault, doFault, skipFault, type StepFault } from '../plan/visit';
import { stepRule, type StepId, type StepNumber } from '../procedure/steps';
import { isBroughtToTorque } from '../evidence/fastenings';
import { isNotRidden } from '../evidence/notRidden';
import { doneByTorque } from '../procedure/fastened';
import { leverUntestedAt } from './bars';
import { fileFault } from './makerAnswer';
import type { Job } from './job';
import { looseBolt, rideRefusal, type RideRefusal } from './rideRefusal';
import { reckonedRefusal, type ReckonedRefusal } from './reckoned';
import { toldOf } from './told';
import { brakeAt, planOf, visitOf } from './visit';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

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

/** A step of the plan as it was recorded. */
export interface Stepped extends Kept<PlanStepEntry> {
  seq: number;
}

declare module './job' {
  interface Facts {
    stepped: Stepped[];
  }
}

/** Why a step is not done now, by the plan and by everything recorded on the job. */
export type StepRefusal =
  | StepFault
  | ReckonedRefusal
  | RideRefusal
  /** What the mount is of is not known, or it is carbon and its maker has not allowed it in writing. */
  | { code: 'material-unknown' | 'carbon-unanswered'; end: End; axle: UsualEnd }
  /** The number it asks for was not taken, or not after the work. */
  | { code: 'number-missing'; number: StepNumber };

/**
 * Why a step may not be said to be done, or null: what the plan says first; then no stand test under a do-not-ride, with a bolt loose
 * or a lever that nobody tested, and no ride that is refused; and what asks for a number or a torque is done by it, after the work [P].
 */
export function doRefusal(
  job: Omit<Job, 'bars'>,
  step: StepId | 'wash-hands',
  end: End | null,
): StepRefusal | null {
  const found = doFault(visitOf(job), step, end);
  if (found || step === 'wash-hands' || end === null) return found;
  const { acts, numbers } = stepRule(step);
  const unfiled = acts.includes('files-mount') ? fileFault(job, end) : null;
  if (unfiled) return { code: unfiled, end, axle: axleOf(job.bike, end) };
  const unreckoned = reckonedRefusal(job, step, end, planOf(job)?.procedures[end] ?? []);
  if (unreckoned) return unreckoned;
  const number = numbers.find((each) => !isTaken(job, end, step, each));
  if (number) return { code: 'number-missing', number };
  const fastener = doneByTorque(step, brakeAt(job, end)).find(
    (each) => !isBroughtToTorque(job, end, each),
  );
  if (fastener) return { code: 'bolt-open', end, fastener };
  if (acts.includes('rides')) return rideRefusal(job);
  const onStand = acts.includes('stand-test');
  if (!onStand && !acts.includes('one-ride')) return null;
  if (isNotRidden(job)) return { code: 'do-not-ride' };
  const open = onStand ? looseBolt(job, [end]) : null;
  return open ?? (leverUntestedAt(job, end) ? { code: 'lever-untested', end } : null);
}

/** Whether a number that a step asks for stands: taken at this visit, and nothing has changed since. */
function isTaken(job: Omit<Job, 'bars'>, end: End, step: StepId, number: StepNumber): boolean {
  const changes = changesAt(job, end);
  if (number === 'radial') {
    const last = toldOf(job, 'radial', end).at(-1);
    return last !== undefined && !lapsedSince(changes, last.seq, ['mount', 'rotor']);
  }
  const { lapses } = measurandRule(number);
  const sitting = standingSitting(job, end, number);
  // What nobody abraded need not be measured again.
  if (step === 'measure-after-cleaning' && !saidSince(changes, 0, lapses)) return true;
  return sitting !== null && !lapsedSince(changes, sitting.seq, lapses);
}

const FAULTS = { skipped: skipFault, 'taken-back': backFault } as const;

export const planStep: Kind<PlanStepEntry> = {
  kind: 'plan-step',
  whose: 'bench',
  registers: [],
  fault: (job, { step, end, outcome, reason, after }) => {
    if ((job.stepped.at(-1)?.id ?? null) !== after)
      return fault('step-overtaken', null, 'overtaken');
    const found =
      outcome === 'done' ? doRefusal(job, step, end) : FAULTS[outcome](visitOf(job), step, end);
    if (found) return fault('step-refused', null, found.code, { ...found });
    return outcome === 'skipped' && reason === '' ? fault('step-refused', 'reason', 'empty') : null;
  },
  add: (facts, { kind: _kind, ...stepped }, _known, { seq, by }) => ({
    ...facts,
    stepped: [...facts.stepped, { ...stepped, seq, by }],
  }),
};
