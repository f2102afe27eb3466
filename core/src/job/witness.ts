import type { WitnessRing } from '../bedding/pulls';
import type { End } from '../ends';
import type { EntryBase } from './entry';
import { tells } from './told';

/** How the witness ring looks. */
export interface WitnessEntry extends EntryBase {
  kind: 'witness';
  end: End;
  ring: WitnessRing;
}

declare module './told' {
  interface ToldEntries {
    witness: WitnessEntry;
  }
}

export const witness = tells<WitnessEntry>('witness', {
  whose: 'bench',
  registers: [],
  stays: ({ ring }) => ring === 'off-the-edge',
});
