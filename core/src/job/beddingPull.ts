import { visitOf } from './visit';
import type { End } from '../ends';
import { beddingTooEarly } from '../plan/visit';
import { fault, type EntryBase } from './entry';
import type { Job } from './job';
import { rideRefusal, type RideRefusal } from './rideRefusal';
import { never, tells } from './told';

/** One pull of bedding in, km/h. */
export interface BeddingPullEntry extends EntryBase {
  kind: 'bedding-pull';
  end: End;
  fromKmh: number;
  toKmh: number;
}

declare module './told' {
  interface ToldEntries {
    'bedding-pull': BeddingPullEntry;
  }
}

/** Why a brake is not bedded in yet, or null: the bike is not ridden, or not with care since the work on it [P]. */
export function pullRefusal(
  job: Omit<Job, 'bars'>,
  end: End,
): RideRefusal | { code: 'rule'; rule: 8 } | null {
  const refusal = rideRefusal(job);
  if (refusal) return refusal;
  return beddingTooEarly(visitOf(job), end) ? { code: 'rule', rule: 8 } : null;
}

export const beddingPull = tells<BeddingPullEntry>('bedding-pull', {
  whose: 'bench',
  registers: [],
  stays: never,
  fault: (job, { end }) => {
    const refusal = pullRefusal(job, end);
    return refusal && fault('step-refused', null, refusal.code, { ...refusal });
  },
});
