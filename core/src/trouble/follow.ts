import type { End } from '../ends';
import type { Job } from '../job/job';
import { ENDS } from '../ends';
import { nextChecks, USUAL_TABLE, type Table } from './engine';
import { causesFound, evidenceAt, tableAt } from './evidence';
import type { Check } from './signs';

/** A check that tells less a minute is left to the mechanic’s own order, bits [D]. */
const WORTH_FOLLOWING = 0.05;

/**
 * The check that a complaint asks for next at an end, or null: nobody complains, nobody has said which brake it is, its cause was
 * found, the work is planned, or nothing tells enough.
 */
export function checkAskedFor(
  job: Omit<Job, 'bars'>,
  end: End,
  table: Table = USUAL_TABLE,
): Check | null {
  if (job.symptoms.length === 0 || !job.identified[end] || job.planned.length > 0) return null;
  if (ENDS.some((each) => causesFound(job, each).length > 0)) return null;
  const [next] = nextChecks(evidenceAt(job, end), tableAt(job, end, table));
  return next && (next.first || next.bitsAMinute >= WORTH_FOLLOWING) ? next.check : null;
}
