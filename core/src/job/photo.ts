import type { End } from '../ends';
import { AREAS } from '../inspection/findings';
import { fault, type EntryBase, type Kept, type Kind } from './entry';

/** What a picture is of: one area of a brake, or the bike as it came in, with what was damaged already. */
export const PHOTO_AREAS = [...AREAS, 'as-it-came-in'] as const;
export type PhotoArea = (typeof PHOTO_AREAS)[number];

/** A picture of what was found; the picture itself is kept beside, by its hash. */
interface PhotoEntry extends EntryBase {
  kind: 'photo';
  /** Null of the bike as it came in. */
  end: End | null;
  area: PhotoArea;
  sha256: string;
}

declare module './job' {
  interface Facts {
    photos: Kept<PhotoEntry>[];
  }
}

export const photo: Kind<PhotoEntry> = {
  kind: 'photo',
  whose: 'bench',
  registers: [],
  fault: (_job, { end, area }) =>
    (end === null) === (area === 'as-it-came-in') ? null : fault('invalid-input', 'end', 'of-area'),
  add: (facts, { kind: _kind, ...taken }, _known, { by }) => ({
    ...facts,
    photos: [...facts.photos, { ...taken, by }],
  }),
};
