import { isRadialWithin, plausibleE } from '../mount/radial';
import type { End } from '../ends';
import { InputError } from '../inputError';
import { fault, type EntryBase } from './entry';
import { tells } from './told';

/** How far the pad's top lies inside the rotor's edge, measured with these washers under each side of the caliper. */
export interface RadialEntry extends EntryBase {
  kind: 'radial';
  end: End;
  /** mm; negative where it overhangs. */
  eMm: number;
  /** mm, of one side; the other has the same. */
  washersMm: number[];
}

declare module './told' {
  interface ToldEntries {
    radial: RadialEntry;
  }
}

export const radial = tells<RadialEntry>('radial', {
  whose: 'bench',
  registers: [],
  stays: ({ eMm }) => !isRadialWithin(eMm),
  fault: (_job, { eMm }) => {
    try {
      plausibleE(eMm);
      return null;
    } catch (error) {
      if (error instanceof InputError) return fault('reading-refused', 'eMm', error.code, { eMm });
      throw error;
    }
  },
});
