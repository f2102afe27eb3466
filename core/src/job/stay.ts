import { dayBegins, dayIn } from './day';
import { fault, type EntryBase } from './entry';
import type { Facts } from './job';
import { tells, toldOf, type TellingKind } from './told';

/**
 * Whether a bike stayed in the shop between two days of work that nobody wrote a wait for. One that went home for the night was ridden,
 * and whoever goes on in the morning need not be the one who let it go.
 */
export interface StayEntry extends EntryBase {
  kind: 'stay';
  /** The day of work since which it was asked, `yyyy-mm-dd` where the shop is; it is said up to the day it is written. */
  since: string;
  out: boolean;
  /**
   * The first day of work, `yyyy-mm-dd`, that was done after it was back; null where nothing was done since, and where it was never out.
   */
  backBefore: string | null;
}

declare module './told' {
  interface ToldEntries {
    stay: StayEntry;
  }
}

/** A day on which the bench wrote something, and where the last of it stands in the order. */
interface Workday {
  day: string;
  last: number;
}

declare module './job' {
  interface Facts {
    /** In no order: a phone without network tells late. */
    workdays: Workday[];
  }
}

const told = tells<StayEntry>('stay', {
  whose: 'anybody',
  registers: [],
  stays: ({ out }) => out,
  fault: (job, { at, since, backBefore }) => {
    const day = dayIn(job.rules.timeZone, at);
    if (since > day) return fault('invalid-input', 'since', 'unknown');
    return backBefore !== null && (backBefore <= since || backBefore > day)
      ? fault('invalid-input', 'backBefore', 'unknown')
      : null;
  },
});

/** One that was out is away, up to the work that was done after it was back: what was proven before falls [D]. */
export const stay: TellingKind<StayEntry> = {
  ...told,
  add: (facts, entry, known, place) => {
    const said = told.add(facts, entry, known, place);
    return entry.out ? { ...said, away: awayBy(said, entry, place.seq) } : said;
  },
};

function awayBy(facts: Facts, { at, backBefore }: StayEntry, seq: number): Facts['away'] {
  const before = facts.workdays.filter(({ day }) => backBefore !== null && day < backBefore);
  const mark =
    backBefore === null
      ? { seq, at }
      : {
          // After the last that was written till then, and before whatever comes next.
          seq: Math.max(0, ...before.map(({ last }) => last)) + 1,
          at: dayBegins(facts.rules.timeZone, backBefore),
        };
  return [...facts.away, mark].sort((a, b) => a.seq - b.seq);
}

/**
 * The days of work with one more entry that the bench wrote.
 * @param seq its place in the order, by when it came in
 */
export function withWorkday(
  { workdays, rules }: Pick<Facts, 'workdays' | 'rules'>,
  { kind, at }: Pick<EntryBase, 'at'> & { kind: string },
  seq: number,
): Workday[] {
  // A picture proves nothing.
  if (kind === 'photo') return workdays;
  const day = dayIn(rules.timeZone, at);
  return [...workdays.filter((each) => each.day !== day), { day, last: seq }];
}

type StayJob = Pick<Facts, 'workdays' | 'told' | 'away' | 'rules'>;

/** The days of work, in order. */
const workdaysOf = ({ workdays }: Pick<Facts, 'workdays'>): Workday[] =>
  [...workdays].sort((a, b) => (a.day < b.day ? -1 : 1));

/**
 * The first day of work, `yyyy-mm-dd`, after which nobody said where the bike was till it was worked on again, or till today; null where
 * all is said.
 * @param today where the shop is
 */
export function unsaidSince(job: StayJob, today: string): string | null {
  const days = workdaysOf(job);
  const unsaid = days.find((worked, i) => {
    const next = days[i + 1]?.day ?? today;
    return next > worked.day && !isSaid(job, worked, next);
  });
  return unsaid?.day ?? null;
}

/** The days of work after a day: it may have been back before any of them. */
export const workedAfter = (job: Pick<Facts, 'workdays'>, since: string): string[] =>
  workdaysOf(job).flatMap(({ day }) => (day > since ? [day] : []));

/** Whether it is said where the bike was between a day of work and a later day. */
function isSaid(job: StayJob, { day, last }: Workday, next: string): boolean {
  const dayOf = ({ at }: { at: string }) => dayIn(job.rules.timeZone, at);
  // Nothing that was written by then is a proof any more.
  if (job.away.some(({ seq }) => seq > last)) return true;
  if (toldOf(job, 'stay').some((said) => said.since <= day && next <= dayOf(said))) return true;
  // A wait says it from when it was written until it was over.
  const waits = toldOf(job, 'waits');
  return waits.some((over, i) => {
    const began = waits[i - 1];
    const stayed = over.for === 'nothing' && !over.away && began && !began.away;
    return stayed && began.for !== 'nothing' && dayOf(began) <= day && next <= dayOf(over);
  });
}
