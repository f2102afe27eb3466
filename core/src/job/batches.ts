import type { End, Part } from '../ends';
import { kitAt } from '../inspection/inspectEnd';
import { batchesPutIn, type BatchedJob } from '../stock/batches';
import type { Job } from './job';

/**
 * The makers' batches that the part on now may be of: what was put in at its place at the visit it came on at and since, or before this
 * visit where nobody wrote that it came on. What is taken at a visit says nothing of the part that is on when it begins: it is for the
 * next one [D].
 */
export function batchesOn(
  job: BatchedJob & Pick<Job, 'earlierBatches'> & Parameters<typeof kitAt>[0],
  end: End,
  part: Part,
): string[] {
  const own = kitAt(job, end)[part];
  const on = own?.condition === 'found' ? null : own;
  const putIn = [
    ...job.earlierBatches.filter(
      ({ jobId, seq }) => on === null || jobId === on.jobId || seq > on.seq,
    ),
    ...(on?.jobId === job.id ? batchesPutIn(job) : []),
  ].filter((each) => each.end === end && each.part === part);
  return [...new Set(putIn.map(({ batch }) => batch))];
}
