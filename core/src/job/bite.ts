import { changedSince, changesAt, type ChangedJob } from '../evidence/changes';
import type { Touch } from '../evidence/touch';
import type { End } from '../ends';
import type { EntryBase } from './entry';
import { tells, toldOf, type Told } from './told';

/** Whether the bite rose while a brake was bedded in: that it does is when it is done [P]. */
export interface BiteEntry extends EntryBase {
  kind: 'bite';
  end: End;
  rose: boolean;
}

declare module './told' {
  interface ToldEntries {
    bite: BiteEntry;
  }
}

export const bite = tells<BiteEntry>('bite', {
  whose: 'bench',
  registers: [],
  stays: ({ rose }) => !rose,
});

/** What can bring the bite that was missing: the faces cleaned, or other parts. */
const ANSWERS: readonly Touch[] = ['pad-face', 'rotor-face', 'pads', 'rotor'];

type BittenJob = ChangedJob & { told: readonly Told[] };

/**
 * Whether the bite was felt not to rise, and nothing answered it: more pulls or other faces, and after them a bite that rose. Feeling
 * it again with nothing done is no answer [D].
 */
export function isUnbitten(job: BittenJob, end: End): boolean {
  const felt = toldOf(job, 'bite', end);
  const missed = felt.filter(({ rose }) => !rose).at(-1);
  if (!missed) return false;
  const pulled = toldOf(job, 'bedding-pull', end).find(({ seq }) => seq > missed.seq)?.seq;
  const changed = changedSince(changesAt(job, end), missed.seq, ANSWERS)?.seq;
  return !felt.some(
    ({ rose, seq }) => rose && seq > Math.min(pulled ?? Infinity, changed ?? Infinity),
  );
}
