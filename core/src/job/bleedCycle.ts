import type { End } from '../ends';
import type { BleedMethod } from '../fluid/bleedMethods';
import type { Bubbles } from '../fluid/bleedRun';
import type { EntryBase } from './entry';
import { never, tells, type TellingKind } from './told';

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
    /** Every cycle of a bleed, those taken back too: they were seen, and answer nothing. */
    bled: { id: string; seq: number; end: End; bubbles: Bubbles; takenBack?: true }[];
  }
}

const told = tells<BleedCycleEntry>('bleed-cycle', {
  whose: 'bench',
  registers: [],
  // What was seen of it is kept, taken back or not.
  stays: never,
});

export const bleedCycle: TellingKind<BleedCycleEntry> = {
  ...told,
  add: (facts, entry, known, place) => {
    const { id, end, bubbles } = entry;
    const after = told.add(facts, entry, known, place);
    return { ...after, bled: [...after.bled, { id, seq: place.seq, end, bubbles }] };
  },
};
