import type { NoticeAtJob } from '../notice/notice';
import { rotorLimit } from '../inspection/standard';
import { atEachEnd, PARTS, type End, type Part, type SaidOfEnds } from '../ends';
import type { Outlook } from '../forecast/forecast';
import { outlookOf } from '../forecast/outlook';
import { NO_THIRD } from '../kit/bike';
import { NOTHING_MET, type Met } from '../fluid/met';
import { isSuperseded, judgeSitting, standardOf } from '../inspection/inspectEnd';
import { measurandRule } from '../measurand/measurands';
import { canonicalJson, type Json } from '../seal/canonical';
import { serviceDaysOf } from '../rules/shopRules';
import { flawsOfProof, type ProofFlaw } from '../torque/proof';
import { windowNow } from './tightening';
import { barsOf, inspectedItems } from './bars';
import { dayIn } from './day';
import type { Decided, Facts, Identified, Job, JobBase, Measured } from './job';
import { once } from '../once';
import { add, isBench, type Logged } from './kinds';
import { withWorkday } from './stay';
import { awayAfter } from './waits';

/** A job with what it was folded from, so that one more entry needs no fold of all that came before. */
export interface Folded {
  facts: Facts;
  /** The facts as each decision found them, by the decision's id. */
  before: ReadonlyMap<string, Facts>;
  job: Job;
}

/**
 * A job from what it began with and every entry since, in the order they were taken; entries that still wait are folded in
 * the same way. Everything it says is derived anew, so that two who hold the same entries say the same.
 */
export function fold(base: JobBase, entries: readonly Logged[]): Job {
  return foldAll(base, entries).job;
}

/** {@link fold}, with what the next entry is folded on. */
export function foldAll(base: JobBase, entries: readonly Logged[]): Folded {
  return judged(entries.reduce(step, { facts: begun(base), before: new Map() }));
}

/** A job with one more entry. */
export function foldOn({ facts, before }: Folded, logged: Logged, revision: number): Folded {
  return judged(step({ facts: { ...facts, revision }, before }, logged));
}

/** What a device kept from before there was a third brake, or from before earlier stamps, sheets and lots were told, says nothing of them. */
function asToldNow(base: JobBase): JobBase {
  const met: SaidOfEnds<Met> = base.metBefore;
  const modified: SaidOfEnds<boolean> = base.modifiedBefore;
  return {
    ...base,
    bike: { ...NO_THIRD, ...base.bike },
    metBefore: atEachEnd((end) => met[end] ?? NOTHING_MET),
    modifiedBefore: atEachEnd((end) => modified[end] ?? false),
    notices: base.notices.map((notice) => ({
      ...notice,
      broughtAt: (notice as Partial<NoticeAtJob>).broughtAt ?? 0,
    })),
    earlierBatches: (base as Partial<JobBase>).earlierBatches ?? [],
    stampedBefore: (base as Partial<JobBase>).stampedBefore ?? [],
    identifiedBefore: (base as Partial<JobBase>).identifiedBefore ?? {},
  };
}

function begun(base: JobBase): Facts {
  const told = asToldNow(base);
  return {
    ...told,
    identified: atEachEnd(() => null),
    measured: [],
    stamped: told.stampedBefore,
    lookedOver: [],
    photos: [],
    fittings: base.earlierFittings,
    tightened: [],
    filled: [],
    wasted: [],
    taken: [],
    told: [],
    takenBack: [],
    neverFitted: [],
    neverRepaired: [],
    away: [],
    workdays: [],
    bled: [],
    repaired: [],
    tested: [],
    decided: [],
    planned: [],
    stepped: [],
    edited: [],
    takenOff: [],
    byApprentice: [],
    worked: [],
  };
}

function step({ facts, before }: Omit<Folded, 'job'>, logged: Logged): Omit<Folded, 'job'> {
  const found =
    logged.entry.kind === 'decision' ? new Map([...before, [logged.entry.id, facts]]) : before;
  const { entry, seq, by, byApprentice } = logged;
  const added = add(facts, logged);
  return {
    facts: {
      ...added,
      ...(byApprentice ? { byApprentice: [...added.byApprentice, { id: entry.id, seq }] } : {}),
      ...(isBench(entry)
        ? {
            worked: [...added.worked, { by, at: entry.at }],
            away: awayAfter(added.away, entry, seq),
            workdays: withWorkday(added, entry, seq),
          }
        : {}),
    },
    before: found,
  };
}

// What is worked out of a job while it is judged stays known of it: its own fields are added to it one by one, and nothing reads
// one before it is there. What bars its sign-off is asked for less often than a job is folded: it is worked out when it is.
function judged({ facts, before }: Omit<Folded, 'job'>): Folded {
  const held = judgedOf(facts);
  const items = facts.decided.length > 0 ? inspectedItems(held) : [];
  const decided = facts.decided.map((made): Decided => {
    const then = itemsOf(before.get(made.id)!);
    const itemOf = (among: typeof items) =>
      among.find(({ end, subject }) => end === made.end && subject === made.subject);
    const [was, is] = [itemOf(then), itemOf(items)];
    const same =
      was !== undefined &&
      is !== undefined &&
      canonicalJson(was as unknown as Json) === canonicalJson(is as unknown as Json);
    return { ...made, stands: same && made.rulesVersion === facts.rulesVersion };
  });
  const job = Object.assign(held, { decided });
  return { facts, before, job: Object.defineProperty(job as Job, 'bars', BARS) };
}

const barsToAll = once((job: Job) => barsOf(job, 'all'));
const BARS = {
  enumerable: true,
  get(this: Job): Job['bars'] {
    return barsToAll(this);
  },
};

/** What was found of the facts that a decision met. */
const itemsOf = once((facts: Facts) => inspectedItems(judgedOf(facts)));

type BeforeDecisions = Omit<Job, 'decided' | 'bars'> & Pick<Facts, 'decided'>;

function judgedOf(facts: Facts): BeforeDecisions {
  const outlooks = outlooksOf(facts);
  const judging = { ...facts, outlooks };
  const measured = facts.measured.map((sitting): Measured => {
    const superseded = isSuperseded(sitting, facts);
    const judgement = judgeSitting(judging, sitting);
    const verdict = judgement && {
      sheetRevisionId: facts.identified[sitting.end]!.sheet.id,
      rule: measurandRule(sitting.part).version,
      judgement,
    };
    return asBefore({ ...sitting, superseded, verdict }, sitting);
  });
  return Object.assign(judging, {
    identified: atEachEnd((end) => identifiedAt(judging, end)),
    measured,
    tightened: facts.tightened.map((each) => ({
      ...each,
      flaws: flawsNow(facts, each),
    })),
  });
}

const lastOf = once((_sitting: Facts['measured'][number]): { made?: Measured } => ({}));

/** What was made of a sitting before, while it is still the same: what was judged of it need not be judged again. */
function asBefore(made: Measured, sitting: Facts['measured'][number]): Measured {
  const last = lastOf(sitting);
  const { made: was } = last;
  if (
    was?.superseded === made.superseded &&
    was.verdict?.judgement === made.verdict?.judgement &&
    was.verdict?.sheetRevisionId === made.verdict?.sheetRevisionId
  )
    return was;
  last.made = made;
  return made;
}

/** What a tightening lacks, held against what the brake is now judged by. */
function flawsNow(facts: Facts, each: Facts['tightened'][number]): ProofFlaw[] {
  const window = windowNow(facts, each);
  const doneOn = dayIn(facts.rules.timeZone, each.at);
  const flaws = flawsOfProof({ ...each, window: window ?? each.window, doneOn });
  return window === null ? [...new Set([...flaws, 'setting-outside-window' as const])] : flaws;
}

function identifiedAt(job: Facts & Pick<Job, 'outlooks'>, end: End): Identified | null {
  const { newestSheets } = job;
  const found = job.identified[end];
  if (!found) return null;
  const { sheet } = found;
  const newest = newestSheets[sheet.sheetId];
  return {
    ...found,
    newerRevision: newest && newest.revision > sheet.revision ? newest : null,
    limit: rotorLimit(standardOf(job, end)!),
  };
}

/** What the parts that were on the bike when this visit began measured before it; one fitted at this visit has no past. */
function outlooksOf(facts: Facts): Record<End, Partial<Record<Part, Outlook>>> {
  const { bike, checkedIn, odometerKm, rules, fittings, earlierThickness } = facts;
  const of = (end: End): Partial<Record<Part, Outlook>> =>
    Object.fromEntries(
      PARTS.flatMap((part) => {
        const life = fittings.filter(
          (each) => each.end === end && each.part === part && each.condition !== 'found',
        ).length;
        const visits = earlierThickness.flatMap((each) =>
          each.end === end && each.part === part && each.life === life ? [each.visit] : [],
        );
        const outlook = outlookOf(visits, {
          day: dayIn(rules.timeZone, checkedIn.at),
          odometerKm,
          kmPerWeek: bike.kmPerWeek,
          serviceDays: serviceDaysOf(rules, part, bike),
        });
        return outlook ? [[part, outlook]] : [];
      }),
    );
  return atEachEnd(of);
}
