import type { End } from '../ends';

/** How far one end of a visit has come. */
export interface EndProgress {
  end: End;
  identified: boolean;
  /** The rider’s complaint asks for a check. */
  checkOpen: boolean;
  rotor: boolean;
  pads: boolean;
  /** A tightening was begun and is not through its passes. */
  boltsOpen: boolean;
  /** Work is planned there and not all of it done. */
  planOpen: boolean;
}

export type Step = 'plan' | 'identify' | 'trouble' | 'rotor' | 'pads' | 'rotor-bolts' | 'sign-off';

/**
 * What to do next on a visit, by the ends that have a disc: finish the bolts that were begun, then what is planned, then each end from identifying through what its
 * complaint asks for to measuring, in the order they are given; when nothing is left, sign off. A suggestion of the usual order [P]; nothing is compulsory.
 */
export function nextStep(progress: readonly EndProgress[]): {
  step: Step;
  end: End | null;
} {
  for (const { end, boltsOpen } of progress) if (boltsOpen) return { step: 'rotor-bolts', end };
  for (const { end, planOpen } of progress) if (planOpen) return { step: 'plan', end };
  for (const { end, identified, checkOpen, rotor, pads } of progress) {
    if (!identified) return { step: 'identify', end };
    if (checkOpen) return { step: 'trouble', end };
    if (!rotor) return { step: 'rotor', end };
    if (!pads) return { step: 'pads', end };
  }
  return { step: 'sign-off', end: null };
}
