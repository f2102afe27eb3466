import { fold } from './fold';
import type { Place } from './entry';
import type { Job, JobBase } from './job';
import type { KnownOf, Logged, SentEntry, SentKind } from './kinds';

/** An entry that the server does not have yet, with what the registers said when it was made. */
export interface WaitingEntry {
  entry: SentEntry;
  known: KnownOf<SentKind>;
}

/**
 * A job as it will be once the server has what still waits: shown at once, judged at once, by the server's own computation.
 * What waits comes after all that is there, in the order it waits; what arrived meanwhile counts once.
 * @param who made what waits
 */
export function withWaiting(
  { base, entries }: { base: JobBase; entries: readonly Logged[] },
  waiting: readonly WaitingEntry[],
  who: Omit<Place, 'seq'>,
): Job {
  const there = new Set(entries.map(({ entry }) => entry.id));
  const last = entries.at(-1)?.seq ?? 0;
  const theirs = waiting.filter(({ entry }) => !there.has(entry.id));
  return fold(base, [
    ...entries,
    ...theirs.map(({ entry, known }, i) => ({ entry, known, seq: last + 1 + i, ...who }) as Logged),
  ]);
}
