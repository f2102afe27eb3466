import { differenceInMilliseconds } from 'date-fns/differenceInMilliseconds';
import { parseISO } from 'date-fns/parseISO';

/** A pause longer than this is no work: somebody was called away, ms [D]. */
const PAUSE_MS = 15 * 60_000;

/** That somebody wrote something down at the bench, ISO 8601. */
export interface Worked {
  by: string;
  at: string;
}

/** A stretch somebody worked without a long pause, from their first entry to their last, ISO 8601. */
interface HandsOn {
  by: string;
  from: string;
  to: string;
}

/** The stretches that what was written down shows: an entry goes on with the last of whoever made it, or begins another. */
export const handsOn = (worked: readonly Worked[]): HandsOn[] =>
  worked.reduce<HandsOn[]>((stretches, { by, at }) => {
    const last = stretches.findLast((each) => each.by === by);
    const pause = last ? msFrom(last.to, at) : Infinity;
    if (!last || pause > PAUSE_MS) return [...stretches, { by, from: at, to: at }];
    // An entry that arrives late was made within the stretch, or a little before it.
    const grown = { ...last, from: min(last.from, at), to: pause > 0 ? at : last.to };
    return stretches.map((each) => (each === last ? grown : each));
  }, []);

const msFrom = (from: string, to: string) => differenceInMilliseconds(parseISO(to), parseISO(from));
const min = (one: string, other: string) => (msFrom(one, other) < 0 ? other : one);

/** Minutes at the bench that entries show, each stretch a minute at least, whole minutes. */
export function minutesTaken(worked: readonly Worked[]): number {
  return handsOn(worked).reduce(
    (sum, { from, to }) => sum + Math.max(1, Math.round(msFrom(from, to) / 60_000)),
    0,
  );
}
