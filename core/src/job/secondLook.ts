import { ENDS, type End } from '../ends';
import { changesAt } from '../evidence/changes';
import { fault, type EntryBase } from './entry';
import type { Facts } from './job';
import { tells, never, toldOf } from './told';

/** That somebody else looked at what an apprentice did at one end, by name. */
export interface SecondLookEntry extends EntryBase {
  kind: 'second-look';
  end: End;
  /** What was looked at, or put right. */
  words: string;
}

declare module './told' {
  interface ToldEntries {
    'second-look': SecondLookEntry;
  }
}

export const secondLook = tells<SecondLookEntry, { byApprentice: boolean }>('second-look', {
  whose: 'bench',
  registers: [],
  fault: (_job, _entry, { byApprentice }) =>
    byApprentice ? fault('invalid-input', 'words', 'second-pair') : null,
  stays: never,
});

type WorkedJob = Pick<Facts, 'told' | 'byApprentice' | 'tightened'> &
  Parameters<typeof changesAt>[0];

/** Ends at which an apprentice worked, and nobody else has looked since. */
export function unseconded(job: WorkedJob): End[] {
  if (job.byApprentice.length === 0) return [];
  const theirs = new Map(job.byApprentice.map(({ id, seq }) => [id, seq]));
  const seqs = new Set(theirs.values());
  return ENDS.filter((end) => {
    const looked = toldOf(job, 'second-look', end).at(-1)?.seq ?? 0;
    const changed = changesAt(job, end).some(({ seq }) => seq > looked && seqs.has(seq));
    const turned = job.tightened.some(
      (each) => each.end === end && each.marks.some(({ id }) => (theirs.get(id) ?? 0) > looked),
    );
    return changed || turned;
  });
}
