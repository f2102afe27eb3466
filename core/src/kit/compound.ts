/** Friction compounds. Read from the letter on the back (O or M) or a copper-coloured plate (metallic) [P]. */
export const COMPOUNDS = ['organic', 'semi-metallic', 'metallic', 'unknown'] as const;
export type Compound = (typeof COMPOUNDS)[number];

/** Whether a compound has metal in it. */
export const hasMetal = (compound: Compound | null): boolean =>
  compound === 'metallic' || compound === 'semi-metallic';

/** Which compound a rotor carries the transfer layer of; `none` for one that is new. */
export type Bedded = Compound | 'none';

/** What is done about a compound that the rotor was not bedded with; schools differ. */
export const REBEDDINGS = ['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const;
export type Rebedding = (typeof REBEDDINGS)[number];

type CompoundAdvice =
  /** The rotor is marked for organic pads only [M]. */
  | { code: 'refused'; why: 'organic-only' }
  /** Calls for a new rotor, or at least stripping and bedding in again; schools differ [P]. */
  | { code: 'change'; from: Bedded; to: Compound }
  | { code: 'same' }
  | { code: 'fresh' };

/**
 * What to say of pads of one compound on a rotor bedded with another. Unmarked means unknown, and unknown is treated as
 * a change [P]. On an organic-only rotor every compound with metal in it is refused.
 */
export function compoundAdvice(
  rotor: { organicOnly: boolean; bedded: Bedded },
  pads: Compound,
): CompoundAdvice {
  if (rotor.organicOnly && hasMetal(pads)) return { code: 'refused', why: 'organic-only' };
  if (rotor.organicOnly && pads === 'unknown')
    return { code: 'change', from: rotor.bedded, to: pads };
  if (rotor.bedded === 'none') return { code: 'fresh' };
  if (pads === 'unknown' || rotor.bedded !== pads)
    return { code: 'change', from: rotor.bedded, to: pads };
  return { code: 'same' };
}
