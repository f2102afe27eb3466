import type { End } from '../ends';
import type { Area } from '../inspection/findings';
import type { EntryBase, Kind } from './entry';

/** A picture of what was found in one area; the picture itself is kept beside, by its hash. */
export interface PhotoEntry extends EntryBase {
  kind: 'photo';
  end: End;
  area: Area;
  sha256: string;
}

export const photo: Kind<PhotoEntry> = {
  kind: 'photo',
  whose: 'bench',
  add: (facts, { kind: _kind, ...taken }, _known, { by }) => ({
    ...facts,
    photos: [...facts.photos, { ...taken, by }],
  }),
};
