import type { Part } from '../ends';
import type { RotorDamage } from '../wear/rotor';
import { hasMetal, type Bedded, type Compound } from './compound';

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

/**
 * A rotor or a pair of pads on its own: as it came on, with what was written of it since. `seq` is where it came on, `newest` where it was
 * last written of.
 */
export interface Individual extends Fitting {
  newest: number;
  /** Where pads were last written to have metal in them; null where they never were. */
  withMetal: number | null;
  /** Everything that was written of its construction; null for the sheet's. */
  constructions: readonly FittedPart['construction'][];
  /** Every reading of its stamp by what was written of it, oldest first. */
  stamps: { seq: number; limit: NonNullable<FittedPart['stampedLimit']>; againMm: number | null }[];
}

export interface Kit {
  rotor: Individual | null;
  pads: Individual | null;
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
  const rotor = individualsOf(fittings, 'rotor').at(-1) ?? null;
  const pads = individualsOf(fittings, 'pads');
  const fresh = rotor !== null && isFittedAt(rotor, jobId);
  const bedded: Bedded = fresh
    ? rotor.condition === 'new'
      ? 'none'
      : 'unknown'
    : (pads.findLast((each) => !isFittedAt(each, jobId))?.compound ?? 'unknown');
  return { rotor, pads: pads.at(-1) ?? null, bedded };
}

/**
 * Whether no pads with metal go on the rotor that is on: by its own mark; of one that was only found on the bike also by the brake's sheet,
 * which its not being marked does not answer [D].
 */
export function isOrganicOnly({ rotor }: Pick<Kit, 'rotor'>, sheetSays: boolean): boolean {
  if (rotor === null) return sheetSays;
  return rotor.organicOnly || (rotor.condition === 'found' && sheetSays);
}

const isFittedAt = (part: Fitting, jobId: string) =>
  part.jobId === jobId && part.condition !== 'found';

/** Each part of a kind that was on, in order. What is written down as found is the part that was on before: nobody fitted another [D]. */
function individualsOf(fittings: readonly Fitting[], part: Part): Individual[] {
  const all: Individual[] = [];
  for (const fitting of fittings) {
    if (fitting.part !== part) continue;
    const known = fitting.condition === 'found' ? all.pop() : undefined;
    all.push(known ? knownAnew(known, fitting) : beginning(fitting));
  }
  return all;
}

const stampsOf = ({ seq, stampedLimit: limit, stampAgainMm: againMm = null }: Fitting) =>
  limit ? [{ seq, limit, againMm }] : [];

const metalOf = ({ seq, compound }: Fitting) => (hasMetal(compound) ? seq : null);

const beginning = (fitting: Fitting): Individual => ({
  ...fitting,
  newest: fitting.seq,
  withMetal: metalOf(fitting),
  // What was only found on the bike may be what the sheet describes, whatever it looks like.
  constructions:
    fitting.condition === 'found' ? [null, fitting.construction] : [fitting.construction],
  stamps: stampsOf(fitting),
});

/** The larger of two thicknesses when new, where either is known: by it the less is left. */
const larger = (one: number | null, other: number | null) =>
  one === null || other === null ? (one ?? other) : Math.max(one, other);

/**
 * A part with what is seen of it anew: how it came on, why it came off last, and a mark for organic pads stay: writing it down once more
 * answers none of them [D].
 */
function knownAnew(known: Individual, found: Fitting): Individual {
  return {
    ...known,
    newest: found.seq,
    description: found.description,
    compound: found.compound ?? known.compound,
    withMetal: metalOf(found) ?? known.withMetal,
    constructions: [...known.constructions, found.construction],
    organicOnly: known.organicOnly || found.organicOnly,
    construction: found.construction ?? known.construction,
    newMm: larger(found.newMm, known.newMm),
    stampedLimit: found.stampedLimit ?? known.stampedLimit,
    cameOffFor: known.cameOffFor ?? found.cameOffFor,
    stamps: [...known.stamps, ...stampsOf(found)],
  };
}
