import type { End } from '../ends';
import type { BleedMethod } from '../fluid/bleedMethods';
import type { Bubbles } from '../fluid/bleedRun';
import type { EntryBase, Kind } from './entry';
import { tells } from './told';

/** One cycle of a bleed, as it was seen; mL. */
export interface BleedCycleEntry extends EntryBase {
  kind: 'bleed-cycle';
  end: End;
  method: BleedMethod;
  bubbles: Bubbles;
  colour: string;
  ml: number;
}

declare module './told' {
  interface ToldEntries {
    'bleed-cycle': BleedCycleEntry;
  }
}

declare module './job' {
  interface Facts {
    /** Every cycle of a bleed, those taken back too: they were seen. */
    bled: { seq: number; end: End; bubbles: Bubbles }[];
  }
}

const told = tells<BleedCycleEntry>('bleed-cycle', 'bench', []);

export const bleedCycle: Kind<BleedCycleEntry> = {
  ...told,
  add: (facts, entry, known, place) => {
    const { end, bubbles } = entry;
    const after = told.add(facts, entry, known, place);
    return { ...after, bled: [...after.bled, { seq: place.seq, end, bubbles }] };
  },
};
