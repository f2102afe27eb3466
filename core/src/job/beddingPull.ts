import { visitOf } from '@hold-fast/core/job/visit';
import type { End } from '../ends';
import { beddingTooEarly } from '../plan/visit';
import { isNotRidden } from '../evidence/notRidden';
import { fault, type EntryBase } from './entry';
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

export const beddingPull = tells<BeddingPullEntry>('bedding-pull', {
  whose: 'bench',
  registers: [],
  stays: never,
  fault: (job, { end }) => {
    if (isNotRidden(job))
      return fault('step-refused', null, 'do-not-ride', { code: 'do-not-ride' });
    return beddingTooEarly(visitOf(job), end)
      ? fault('step-refused', null, 'rule', { code: 'rule', rule: 8 })
      : null;
  },
});
