import type { Family } from '../fluid/families';

/** A job as it stands on a mechanic's day. Times are minutes after midnight where the shop is; a later day's go on past 1440. */
export interface DayJob {
  id: string;
  /** What it is quoted at. */
  minutes: number;
  promisedAt: number;
  /** Families of fluid whose bleed kit it wants set up; empty where nothing is bled. */
  kits: readonly Family[];
}

export interface DayHours {
  opensAt: number;
  closesAt: number;
  /** What setting up the bleed kit of another family takes, minutes. */
  kitMinutes: number;
}

/** A job in its place on the day. */
interface Slot {
  id: string;
  /** Kits that are set up before it: none of these stood on the bench. */
  setsUp: readonly Family[];
  startsAt: number;
  endsAt: number;
  /** Done only after it was promised for, or after the shop has closed. */
  late: 'promise' | 'closing' | null;
}

interface LaidDay {
  slots: Slot[];
  /** How often a kit is set up. */
  setUps: number;
  /** Minutes by which jobs are done after they were promised, together. */
  lateMinutes: number;
}

/**
 * A day in the order given: one job after the other from opening on. A kit stands until that of another family is set up; of a
 * job that wants two, the last one stands after it.
 */
export function layOutDay(jobs: readonly DayJob[], hours: DayHours): LaidDay {
  const day: LaidDay = { slots: [], setUps: 0, lateMinutes: 0 };
  let at = hours.opensAt;
  let stands: Family | null = null;
  for (const [i, { id, minutes, promisedAt, kits }] of jobs.entries()) {
    const setsUp = kits.filter((kit) => kit !== stands);
    if (setsUp.length > 0) stands = lastKit(setsUp, jobs.slice(i + 1));
    const startsAt = at + setsUp.length * hours.kitMinutes;
    at = startsAt + minutes;
    day.setUps += setsUp.length;
    day.lateMinutes += Math.max(0, at - promisedAt);
    const late = at > promisedAt ? 'promise' : at > hours.closesAt ? 'closing' : null;
    day.slots.push({ id, setsUp, startsAt, endsAt: at, late });
  }
  return day;
}

/** Which of the kits a job sets up is best left standing: by the fewest set-ups after it, then the one wanted next. */
function lastKit(setsUp: readonly Family[], later: readonly DayJob[]): Family {
  const after = setsUp.map((kit) => fewestSetUps(kit, later));
  const fewest = setsUp.filter((_, i) => after[i] === Math.min(...after));
  const next = later.find(({ kits }) => kits.length > 0)?.kits;
  return next?.find((kit) => fewest.includes(kit)) ?? fewest.at(-1)!;
}

/** How often a kit is set up for jobs in their order at the least, with one standing before them. */
function fewestSetUps(stands: Family, jobs: readonly DayJob[]): number {
  let ways = new Map<Family, number>([[stands, 0]]);
  for (const { kits } of jobs) {
    const next: typeof ways = new Map();
    for (const [kit, setUps] of ways) {
      const setsUp = kits.filter((each) => each !== kit);
      for (const left of setsUp.length > 0 ? setsUp : [kit])
        next.set(left, Math.min(next.get(left) ?? Infinity, setUps + setsUp.length));
    }
    ways = next;
  }
  return Math.min(...ways.values());
}

/** Of so many jobs every order is weighed; a longer day is put together by its families [D]. */
export const WEIGHED = 10;

/**
 * The order we suggest: fewest set-ups of a kit, then fewest minutes late, then as promised. Up to {@link WEIGHED} jobs it is the
 * best of all orders; of more, families one after the other by their first promise, and what bleeds nothing where its promise is.
 */
export function suggestedOrder(jobs: readonly DayJob[], hours: DayHours): DayJob[] {
  const due = jobs.toSorted((a, b) => a.promisedAt - b.promisedAt || (a.id < b.id ? -1 : 1));
  return due.length <= WEIGHED ? bestOrder(due, hours) : byFamily(due);
}

interface Way {
  order: readonly number[];
  setUps: number;
  lateMinutes: number;
  /** Pairs of jobs of which the later promise comes first. */
  turned: number;
}

const isBetter = (a: Way, b: Way): boolean =>
  a.setUps !== b.setUps
    ? a.setUps < b.setUps
    : a.lateMinutes !== b.lateMinutes
      ? a.lateMinutes < b.lateMinutes
      : a.turned < b.turned;

/** The best order by what is done already and which kit stands: of two ways to the same, only the better can be part of it. */
function bestOrder(due: readonly DayJob[], hours: DayHours): DayJob[] {
  type Standing = Family | 'none';
  let ways = new Map<string, { done: number; stands: Standing; minutes: number; way: Way }>();
  const start: Way = { order: [], setUps: 0, lateMinutes: 0, turned: 0 };
  ways.set('0 none', { done: 0, stands: 'none', minutes: hours.opensAt, way: start });
  for (let count = 0; count < due.length; count++) {
    const next: typeof ways = new Map();
    for (const { done, stands, minutes, way } of ways.values())
      for (const [i, job] of due.entries()) {
        if (done & (1 << i)) continue;
        const setsUp = job.kits.filter((kit) => kit !== stands);
        const endsAt = minutes + setsUp.length * hours.kitMinutes + job.minutes;
        const reached: Way = {
          order: [...way.order, i],
          setUps: way.setUps + setsUp.length,
          lateMinutes: way.lateMinutes + Math.max(0, endsAt - job.promisedAt),
          turned: way.turned + due.filter((_, j) => j < i && !(done & (1 << j))).length,
        };
        for (const left of setsUp.length > 0 ? setsUp : [stands]) {
          const key = `${done | (1 << i)} ${left} ${reached.setUps}`;
          const known = next.get(key);
          if (!known || isBetter(reached, known.way))
            next.set(key, { done: done | (1 << i), stands: left, minutes: endsAt, way: reached });
        }
      }
    ways = next;
  }
  const best = [...ways.values()].reduce((a, b) => (isBetter(b.way, a.way) ? b : a));
  return best.way.order.map((i) => due[i]!);
}

function byFamily(due: readonly DayJob[]): DayJob[] {
  const keyOf = ({ kits }: DayJob) => kits.toSorted().join();
  const firstOf = new Map<string, number>();
  for (const job of due) if (!firstOf.has(keyOf(job))) firstOf.set(keyOf(job), job.promisedAt);
  const placeOf = (job: DayJob) =>
    job.kits.length === 0 ? job.promisedAt : firstOf.get(keyOf(job))!;
  return due.toSorted((a, b) => placeOf(a) - placeOf(b) || (keyOf(a) < keyOf(b) ? -1 : 1));
}
