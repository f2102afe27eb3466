import type { End } from '../ends';
import type { Family } from '../fluid/families';
import type { EntryBase, Kept, Kind } from './entry';

/** Drained fluid, mL, into the waste can of its family. */
export interface WasteEntry extends EntryBase {
  kind: 'waste';
  end: End;
  family: Family;
  ml: number;
}

declare module './job' {
  interface Facts {
    wasted: Kept<WasteEntry>[];
  }
}

export const waste: Kind<WasteEntry> = {
  kind: 'waste',
  whose: 'bench',
  registers: ['waste'],
  add: (facts, { kind: _kind, ...wasted }, _known, { by }) => ({
    ...facts,
    wasted: [...facts.wasted, { ...wasted, by }],
  }),
};
