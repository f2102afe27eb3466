import type { End } from '../ends';

/** The same answer for the same job and end, worked out once: a job never changes, what is added makes another one. */
export function onceAnEnd<J extends object, T>(
  of: (job: J, end: End) => T,
): (job: J, end: End) => T {
  const known = new WeakMap<J, Partial<Record<End, { answer: T }>>>();
  return (job, end) => {
    const ends = known.get(job) ?? {};
    known.set(job, ends);
    ends[end] ??= { answer: of(job, end) };
    return ends[end].answer;
  };
}
