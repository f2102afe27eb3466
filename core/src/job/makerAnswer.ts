import type { End } from '../ends';
import { mountMaterial } from '../kit/brakes';
import { fault, type EntryBase } from './entry';
import type { Job } from './job';
import { tells, toldOf } from './told';

/** What a maker wrote back about a deviation, with the picture of the letter where there is one. */
export interface MakerAnswerEntry extends EntryBase {
  kind: 'maker-answer';
  end: End;
  /** The deviation the maker was asked about. */
  deviationId: string;
  /** Whether the maker allows what was asked. */
  allows: boolean;
  words: string;
  photoId: string | null;
}

declare module './told' {
  interface ToldEntries {
    'maker-answer': MakerAnswerEntry;
  }
}

export const makerAnswer = tells<MakerAnswerEntry>('maker-answer', {
  whose: 'bench',
  registers: [],
  stays: ({ allows }) => !allows,
  fault: (job, { end, deviationId, photoId }) => {
    const asked = toldOf(job, 'deviation', end).find(({ id }) => id === deviationId);
    if (asked?.choice !== 'ask-maker') return fault('invalid-input', 'deviationId', 'not-asked');
    return photoId === null || job.photos.some(({ id, end: at }) => id === photoId && at === end)
      ? null
      : fault('invalid-input', 'photoId', 'unknown');
  },
});

/**
 * Why the mount of an end may not be filed, or null: what it is of has to be known, and carbon never gets a file before the maker's
 * written word is attached [P].
 */
export function fileFault(
  job: Pick<Job, 'bike' | 'told'>,
  end: End,
): 'material-unknown' | 'carbon-unanswered' | null {
  const material = mountMaterial(job.bike, end);
  if (material === null) return 'material-unknown';
  const written = toldOf(job, 'maker-answer', end).at(-1);
  return material !== 'carbon' || (written?.allows === true && written.photoId !== null)
    ? null
    : 'carbon-unanswered';
}
