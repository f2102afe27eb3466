import type { End } from '../ends';
import type { LeverSpec, LeverVerdict } from './lever';

/** So many sound brakes of a kind before anything is learned of them [D]. */
export const BRAKES_TO_LEARN = 5;

type LeverFacts = Pick<LeverSpec, 'ratio' | 'boreMm'>;

/** A lever as it was measured last at a visit that was signed off. */
export interface SignedLever {
  bikeId: string;
  end: End;
  /** What its sheet said of the lever then: what was pushed was worked out by it. */
  facts: LeverFacts;
  verdict: Pick<LeverVerdict, 'signs' | 'air'>;
}

export interface LearnedGive {
  /** Brakes that were good. */
  brakes: number;
  /** mL at the standard pull; null until there are enough of them. */
  ownGiveMl: number | null;
}

/**
 * A kind of brake's own give, as this shop's good ones of it showed: the least that any of them pushed after the bite, each brake by the
 * last it was measured. Air can only add to what is pushed, so the least of several hides no more air than the best of them held [D].
 * What was worked out by another ratio or bore than the sheet says now teaches nothing.
 * @param levers the newest first
 * @param facts as the sheet says them now
 */
export function learnedGive(levers: readonly SignedLever[], facts: LeverFacts): LearnedGive {
  const last = levers.filter(
    ({ bikeId, end }, at) =>
      levers.findIndex((each) => each.bikeId === bikeId && each.end === end) === at,
  );
  const same = (then: LeverFacts) => then.ratio === facts.ratio && then.boreMm === facts.boreMm;
  const pushed = last.flatMap(({ facts: then, verdict: { signs, air } }) =>
    same(then) && signs.length === 0 && air !== null ? [air.pushedMl] : [],
  );
  const learned = pushed.length >= BRAKES_TO_LEARN;
  // Rounded down, for the same reason.
  return {
    brakes: pushed.length,
    ownGiveMl: learned ? Math.floor(Math.min(...pushed) * 1000) / 1000 : null,
  };
}
