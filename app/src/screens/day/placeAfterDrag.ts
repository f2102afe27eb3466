import type { Workday } from '@hold-fast/contract/day';

type Place = { day: string; personId: string; before: string | null } | null;

/**
 * Where a job goes that is set down over another or over a list: before the other, or after it where it came from above in the
 * same list; in a list, last. Null takes its place away; `stays` where nothing changes.
 */
export function placeAfterDrag(
  { day, mechanics, unplaced }: Workday,
  jobId: string,
  over: string,
): Place | 'stays' {
  if (jobId === over) return 'stays';
  const holds = (jobs: readonly { jobId: string }[], id: string) =>
    jobs.findIndex((each) => each.jobId === id);
  const isFree = holds(unplaced, jobId) >= 0;
  const target = mechanics.find(({ id, jobs }) => id === over || holds(jobs, over) >= 0);
  if (!target) return isFree ? 'stays' : null;
  const [from, to] = [holds(target.jobs, jobId), holds(target.jobs, over)];
  if (to < 0) {
    const isLast = from >= 0 && from === target.jobs.length - 1;
    return isLast ? 'stays' : { day, personId: target.id, before: null };
  }
  const before = from >= 0 && from < to ? (target.jobs[to + 1]?.jobId ?? null) : over;
  return { day, personId: target.id, before };
}
