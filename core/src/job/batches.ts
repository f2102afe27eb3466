import type { End, Part } from '../ends';
import { kitAt } from '../inspection/inspectEnd';
import type { Job } from './job';

/**
 * The makers' batches that the part on now may be of: what was taken off the shelf for its place at the visit it came on at and since,
 * or before this visit where nobody wrote that it came on; of a used part what it was of before too. What is taken at a visit says
 * nothing of the part that is on when it begins: it is for the next one [D].
 */
export function batchesOn(
  job: Pick<Job, 'id' | 'fittings' | 'taken' | 'earlierTaken'> & Parameters<typeof kitAt>[0],
  end: End,
  part: Part,
): string[] {
  const own = kitAt(job, end)[part];
  const on = own?.condition === 'found' ? null : own;
  const fitting = job.fittings.find(({ id }) => id === on?.id);
  const taken = [
    ...job.earlierTaken.filter(
      ({ jobId, seq }) => on === null || jobId === on.jobId || seq > on.seq,
    ),
    ...(on?.jobId === job.id ? job.taken : []),
  ].filter((each) => each.end === end && each.part === part);
  const batches = [...(fitting?.batches ?? []), ...taken.map(({ batch }) => batch)];
  return [...new Set(batches)].filter((batch) => batch !== '');
}
