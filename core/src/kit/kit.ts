import type { Part } from '../ends';
import type { RotorDamage } from '../wear/rotor';
import type { Bedded, Compound } from './compound';

/** `found`: on the bike when it was first looked at. The others begin a new life and close the old one's. */
export const CONDITIONS_FITTED = ['found', 'new', 'used'] as const;
export type FittedAs = (typeof CONDITIONS_FITTED)[number];

/** What is known of a rotor or a pair of pads on its own, apart from the brake's sheet. */
export interface FittedPart {
  condition: FittedAs;
  description: string;
  compound: Compound | null;
  organicOnly: boolean;
  /** Null: as the brake's sheet says. */
  construction: 'one-piece' | 'two-piece' | null;
  /** Its own thickness when new, mm; null: as the sheet says, if it is of the sheet's construction. */
  newMm: number | null;
  stampedLimit: { limitMm: number; atLimitIsWorn: boolean | null } | null;
  /** The stamp read once more, mm, where it was asked for twice. */
  stampAgainMm?: number | null;
  /** Why a used part came off last time; null when nobody wrote it down or it was sound. */
  cameOffFor: RotorDamage | 'worn' | 'changed' | null;
}

export interface Fitting extends FittedPart {
  id: string;
  /** Its place in the order in which the shop took all entries. */
  seq: number;
  jobId: string;
  part: Part;
}

export interface Kit {
  rotor: Fitting | null;
  pads: Fitting | null;
  /** The compound the rotor carries the transfer layer of. */
  bedded: Bedded;
}

/**
 * What is fitted at one end after these fittings, and what its rotor is bedded with. Pads bed a rotor by being ridden:
 * those that were in when a visit began have done so, those of the visit itself have not yet.
 * @param fittings of one end, in order
 * @param jobId the visit in hand
 */
export function kitOf(fittings: readonly Fitting[], jobId: string): Kit {
  const last = (part: Part, among: readonly Fitting[]) =>
    among.filter((fitting) => fitting.part === part).at(-1) ?? null;
  const rotor = last('rotor', fittings);
  const before = fittings.filter((f) => f.jobId !== jobId || f.condition === 'found');
  const fresh = rotor !== null && rotor.jobId === jobId && rotor.condition !== 'found';
  const bedded: Bedded = fresh
    ? rotor.condition === 'new'
      ? 'none'
      : 'unknown'
    : (last('pads', before)?.compound ?? 'unknown');
  return { rotor, pads: last('pads', fittings), bedded };
}
