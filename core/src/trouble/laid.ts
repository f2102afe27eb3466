import type { Cause, HowOften } from './causes';
import type { Sign } from './signs';

/** What a shop lays down of its causes and signs in place of what ships; what it says nothing of is as it ships. */
export interface TroubleLaid {
  /** How often a cause is behind a complaint, against the others. */
  weights: Readonly<Partial<Record<Cause, number>>>;
  /** How often a sign shows with a cause, in words: nothing is certain, so no word of them is 0 or 1. */
  shows: Readonly<Partial<Record<Cause, Readonly<Partial<Record<Sign, HowOften>>>>>>;
  /** How many times the counts of the shop's own outcomes were begun anew: those of before no longer count. */
  counting: number;
}

export const NOTHING_LAID: TroubleLaid = { weights: {}, shows: {}, counting: 0 };
/** Weights that a shop may lay down [D]. */
export const PLAUSIBLE_WEIGHT = { least: 1, most: 50 } as const;
