import { InputError } from '../inputError';

/** How much cable a lever draws, and how much a caliper wants: long or short; they must match [P]. */
export const CABLE_PULLS = ['long', 'short'] as const;
export type CablePull = (typeof CABLE_PULLS)[number];

/** Gap between rotor and the fixed pad of a one-sided caliper, set before the cable's slack, mm [M]: told, never judged by. */
export const FIXED_GAP_MM = { least: 0.1, most: 0.2 } as const;
/** How far barrel adjusters stand out to begin with, turns [P]. */
export const BARREL_TURNS_OUT = { least: 1, most: 2 } as const;
/** What can be a gap, and the way of an arm's end from rest to firm, mm [D]. */
const PLAUSIBLE_CABLE = {
  fixedGapMm: { least: 0, most: 3 },
  armMm: { least: 1, most: 80 },
} as const;

/** A cable brake as it was set up; null where nobody looked or measured. */
export interface CableSetUp {
  leverPull: CablePull | null;
  caliperPull: CablePull | null;
  fixedGapMm: number | null;
  /** How far the arm's end travels from rest to firm, mm. Wear is taken up at the pads: a longer way loses leverage [P]. */
  armMm: number | null;
}

export interface CableStands {
  /** Lever and caliper: whether they fit each other, or that it is not known. */
  pull: 'match' | 'mismatch' | 'unknown';
  /** The fixed pad's gap against the usual one; `rubs` at none at all. */
  gap: 'usual' | 'narrow' | 'wide' | 'rubs' | 'unknown';
}

/**
 * How a cable brake stands as it was set up. Common practice [P], the usual gap from memory [M].
 * @throws InputError `not-a-number` or `out-of-range` at `fixedGapMm` or `armMm`
 */
export function cableStands(setUp: CableSetUp): CableStands {
  for (const field of ['fixedGapMm', 'armMm'] as const) {
    const value = setUp[field];
    if (value === null) continue;
    if (!Number.isFinite(value)) throw new InputError('not-a-number', field);
    const { least, most } = PLAUSIBLE_CABLE[field];
    if (value < least || value > most) throw new InputError('out-of-range', field, { least, most });
  }
  const { leverPull, caliperPull, fixedGapMm } = setUp;
  return {
    pull:
      leverPull === null || caliperPull === null
        ? 'unknown'
        : leverPull === caliperPull
          ? 'match'
          : 'mismatch',
    gap: gapStands(fixedGapMm),
  };
}

function gapStands(gapMm: number | null): CableStands['gap'] {
  if (gapMm === null) return 'unknown';
  if (gapMm === 0) return 'rubs';
  if (gapMm < FIXED_GAP_MM.least) return 'narrow';
  return gapMm > FIXED_GAP_MM.most ? 'wide' : 'usual';
}
