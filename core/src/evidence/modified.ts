import type { End } from '../ends';
import type { Deviation, DeviationChoice } from '../deviation/deviations';

/** What of a job says that a structural part was modified. */
export interface ModifiedJob {
  /** By what earlier visits wrote down; it stays, whatever is measured of it later. */
  modifiedBefore: Readonly<Record<End, boolean>>;
  told: readonly {
    kind: string;
    seq: number;
    end?: End;
    deviation?: Deviation;
    choice?: DeviationChoice;
  }[];
}

/** Whether a decision about a deviation leaves a structural part modified. */
export const leavesModified = (deviation: Deviation, choice: DeviationChoice): boolean =>
  choice === 'modified-adapter' || (deviation === 'modified-part' && choice !== 'warranty-part');

/**
 * Since when the mount of an end counts as modified, in the order of everything written; nought from an earlier visit, null
 * where it does not. Such a part is never marked as holding again [D].
 */
export function modifiedSince({ modifiedBefore, told }: ModifiedJob, end: End): number | null {
  if (modifiedBefore[end]) return 0;
  const found = told.find(
    (each) =>
      each.kind === 'deviation' &&
      each.end === end &&
      each.deviation !== undefined &&
      each.choice !== undefined &&
      leavesModified(each.deviation, each.choice),
  );
  return found?.seq ?? null;
}
