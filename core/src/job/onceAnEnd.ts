import type { End } from '../ends';
import { once } from '../once';

/** The same answer for the same job and end, worked out once: a job never changes, what is added makes another one. */
export function onceAnEnd<J extends object, T>(
  of: (job: J, end: End) => T,
): (job: J, end: End) => T {
  const known = once((_job: J): Partial<Record<End, { answer: T }>> => ({}));
  return (job, end) => (known(job)[end] ??= { answer: of(job, end) }).answer;
}
