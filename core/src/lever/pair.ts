import { InputError } from '../inputError';

/** What is measured of both levers: clamp to grip end, blade tip to bar, where it bites, all mm; and the blade's angle, degrees. */
export const PAIR_MEASURES = ['clamp', 'reach', 'bite', 'angle'] as const;
export type PairMeasure = (typeof PAIR_MEASURES)[number];
export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** The two sides count as equal up to this, mm and degrees [D]. */
export const MOST_APART: Readonly<Record<PairMeasure, number>> = {
  clamp: 2,
  reach: 2,
  bite: 2,
  angle: 2,
};
/** What can be one, mm and degrees below level [D]. */
export const PLAUSIBLE_PAIR: Readonly<Record<PairMeasure, { least: number; most: number }>> = {
  clamp: { least: 0, most: 300 },
  reach: { least: 10, most: 150 },
  bite: { least: 0, most: 150 },
  angle: { least: -90, most: 90 },
};
/** Moving this moves that as well, so that is set after it: changing bite moves the blade [P]. */
export const SET_IN_ORDER: readonly PairMeasure[] = ['clamp', 'angle', 'bite', 'reach'];

export type Hand = Readonly<Partial<Record<PairMeasure, number>>>;

/** How one measure stands between the sides. */
export type PairStanding =
  /** Nobody measured it on both sides: nothing is said of it. */
  | 'not-measured'
  | 'equal'
  /** Further apart than the sides may be. */
  | 'apart'
  /** As far apart, and the rider asked for it. */
  | 'asked-for';

export interface PairDifference {
  measure: PairMeasure;
  standing: PairStanding;
  /** Right less left; null while it is not measured. */
  apart: number | null;
}

export interface PairOfLevers {
  differences: PairDifference[];
  /** What is to be evened, in the order it is done: whatever moves another comes before it. */
  toEven: PairMeasure[];
}

/**
 * Whether both levers sit alike. Equal within 2 mm and 2 degrees, our choice [D], unless the rider asked for a bias.
 * A blade that bites past its reach cannot be.
 * @param biased the measures the rider asked to differ
 * @throws InputError `not-a-number` or `implausible`, naming the side and measure; `beyond-reach`
 * @example pairOf({ reach: 70 }, { reach: 73 }, []).toEven // ['reach']
 */
export function pairOf(left: Hand, right: Hand, biased: readonly PairMeasure[]): PairOfLevers {
  for (const [side, hand] of [
    ['left', left],
    ['right', right],
  ] as const)
    plausibleHand(side, hand);
  const differences = PAIR_MEASURES.map((measure): PairDifference => {
    const [ofLeft, ofRight] = [left[measure], right[measure]];
    if (ofLeft === undefined || ofRight === undefined)
      return { measure, standing: 'not-measured', apart: null };
    // Hundredths: what a rule and a level show, and no binary remainder at the limit.
    const apart = Math.round((ofRight - ofLeft) * 100) / 100;
    if (Math.abs(apart) <= MOST_APART[measure]) return { measure, standing: 'equal', apart };
    return { measure, standing: biased.includes(measure) ? 'asked-for' : 'apart', apart };
  });
  return {
    differences,
    toEven: SET_IN_ORDER.filter((measure) =>
      differences.some((of) => of.measure === measure && of.standing === 'apart'),
    ),
  };
}

function plausibleHand(side: Side, hand: Hand): void {
  for (const measure of PAIR_MEASURES) {
    const value = hand[measure];
    if (value === undefined) continue;
    const field = `${side}-${measure}`;
    if (!Number.isFinite(value)) throw new InputError('not-a-number', field);
    const { least, most } = PLAUSIBLE_PAIR[measure];
    if (value < least || value > most) throw new InputError('out-of-range', field, { least, most });
  }
  if (hand.bite !== undefined && hand.reach !== undefined && hand.bite > hand.reach)
    throw new InputError('bite-past-bar', `${side}-bite`, {
      biteMm: hand.bite,
      reachMm: hand.reach,
    });
}
