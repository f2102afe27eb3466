import type { End, Part } from '../ends';
import { FITTING, type Work } from '../inspection/work';

/** What of a job says which work was said to be done, and was not. */
export interface NeverDoneJob {
  neverFitted: readonly { takenBack: number; end: End; part: Part }[];
  neverRepaired: readonly { takenBack: number; end: End; work: Work }[];
}

interface NeverDone {
  /** Where it was taken back, in the order of everything written: up to there it was taken for done. */
  seq: number;
  end: End;
  work: Work;
  by: { code: 'fitted'; part: Part } | { code: 'repaired'; work: Work };
}

/** Work that was said to be done by a slip of the hand, and taken back: what it would have touched is proven anew [D]. */
export const neverDone = ({ neverFitted, neverRepaired }: NeverDoneJob): NeverDone[] => [
  ...neverFitted.map(({ takenBack, end, part }): NeverDone => ({
    seq: takenBack,
    end,
    work: FITTING[part],
    by: { code: 'fitted', part },
  })),
  ...neverRepaired.map(({ takenBack, end, work }): NeverDone => ({
    seq: takenBack,
    end,
    work,
    by: { code: 'repaired', work },
  })),
];
