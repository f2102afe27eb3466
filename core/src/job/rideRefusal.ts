import type { End } from '../ends';
import { openFasteners } from '../evidence/fastenings';
import { isNotRidden } from '../evidence/notRidden';
import { endsOf, leversOf } from '../kit/brakes';
import type { FastenerId } from '../torque/fasteners';
import { leverUntestedAt } from './bars';
import { isStandOpen, provenTest } from './handOver';
import type { Job } from './job';

/** Why nobody of the shop rides a bike yet. */
export type RideRefusal =
  | { code: 'do-not-ride' }
  /** The customer does not want it ridden by the shop. */
  | { code: 'may-not-ride' }
  /** Loosened, or what it holds put on, and not brought to its torque since. */
  | { code: 'bolt-open'; end: End; fastener: FastenerId }
  /** The system was opened, and no number of its lever was taken since. */
  | { code: 'lever-untested'; end: End }
  /** Worked at or tightened and not tried since, or it touched when it was. */
  | { code: 'stand-untested'; end: End }
  /** Nobody saw this lever cut the motor. */
  | { code: 'cut-off-untested'; end: End };

/** The first fastener at these ends that was not brought to its torque since it was loosened; null where there is none. */
export function looseBolt(job: Omit<Job, 'bars'>, ends: readonly End[]): RideRefusal | null {
  const open = ends
    .flatMap((end) => openFasteners(job, end))
    .find(({ flaws }) => flaws.includes('passes-open'));
  return open ? { code: 'bolt-open', end: open.end, fastener: open.fastener } : null;
}

/**
 * Why a bike is not ridden, or null, by everything recorded on its job: a do-not-ride, torque before the stand test and
 * that before any ride, at whichever brake; a lever that nobody tested, and each lever's cut-off before the ride [P].
 */
export function rideRefusal(job: Omit<Job, 'bars'>): RideRefusal | null {
  if (isNotRidden(job)) return { code: 'do-not-ride' };
  if (job.mayRide === false) return { code: 'may-not-ride' };
  const ends = endsOf(job.bike);
  const open = looseBolt(job, ends);
  if (open) return open;
  const untested = ends.find((end) => leverUntestedAt(job, end));
  if (untested) return { code: 'lever-untested', end: untested };
  const untried = ends.find((end) => isStandOpen(job, end));
  if (untried) return { code: 'stand-untested', end: untried };
  const uncut = job.bike.motor
    ? leversOf(job.bike).find((end) => provenTest(job, 'cut-off', end) !== 'passed')
    : undefined;
  return uncut ? { code: 'cut-off-untested', end: uncut } : null;
}
