import { isBefore } from 'date-fns/isBefore';
import { parseISO } from 'date-fns/parseISO';
import type { EntryBase } from './entry';
import type { Job } from './job';
import { tells, toldOf, type Told, type TellingKind } from './told';

/** What a job can wait for; `nothing` ends the wait [P]. */
export const WAITS_FOR = ['part', 'customer', 'maker', 'nothing'] as const;
type WaitsFor = (typeof WAITS_FOR)[number];

/** Days after which somebody is asked again, as they are offered [D]. */
export const ASK_AGAIN_IN_DAYS = [1, 3, 7, 14] as const;

/** That a job waits, for whom or what was asked, and when to ask again; or that it waits no more. */
export interface WaitsEntry extends EntryBase {
  kind: 'waits';
  for: WaitsFor;
  /** Who was asked, or what is to come; empty where it waits no more. */
  asked: string;
  /** `yyyy-mm-dd`; null where it waits no more. */
  askAgainOn: string | null;
  /** Whether the bike is out of the shop meanwhile; where it waits no more, whether it was. */
  away: boolean;
}

declare module './told' {
  interface ToldEntries {
    waits: WaitsEntry;
  }
}

declare module './job' {
  interface Facts {
    /** Where in the order the bike left the shop or came back. */
    away: { seq: number; at: string }[];
  }
}

const told = tells<WaitsEntry>('waits', {
  whose: 'anybody',
  registers: [],
  // A wait is over by another word on it; without one of them, two waits would be one that says where the bike was between them.
  stays: () => true,
});

/**
 * A bike that leaves while it waits is ridden: what was proven before falls then, and when it is back what was written meanwhile
 * falls too [D].
 */
export const waits: TellingKind<WaitsEntry> = {
  ...told,
  add: (facts, entry, known, place) => ({
    ...told.add(facts, entry, known, place),
    away:
      entry.away || waitOf(facts)?.away
        ? [...facts.away, { seq: place.seq, at: entry.at }]
        : facts.away,
  }),
};

/**
 * Where the bike was away, once the bench has written something. A phone without network tells late: what it wrote before the bike left,
 * or was back, is of the bike as it was then, and falls as if it had come in time; with it what came in between [D].
 * @param seq its place in the order, by when it came in
 */
export function awayAfter(away: Job['away'], { kind, at }: Written, seq: number): Job['away'] {
  const last = away.at(-1);
  // A picture proves nothing, and comes when there is room on the network.
  const late = last && kind !== 'photo' && isBefore(parseISO(at), parseISO(last.at));
  // After it, and before whatever comes next.
  return late ? [...away, { seq: seq + 1, at: last.at }] : away;
}
type Written = Pick<EntryBase, 'at'> & { kind: string };

/** What somebody who waits is waiting for. */
export interface Wait {
  for: Exclude<WaitsFor, 'nothing'>;
  asked: string;
  askAgainOn: string;
  away: boolean;
}

/** The wait that a last word on it comes to; null where it waits for nothing. */
export function waitIn(
  last: Pick<WaitsEntry, 'for' | 'asked' | 'askAgainOn' | 'away'> | null,
): Wait | null {
  return last && last.for !== 'nothing' && last.askAgainOn !== null
    ? { for: last.for, asked: last.asked, askAgainOn: last.askAgainOn, away: last.away }
    : null;
}

/** What a job waits for now, or null. */
export const waitOf = (job: { told: readonly Told[] }): Wait | null =>
  waitIn(toldOf(job, 'waits').at(-1) ?? null);
