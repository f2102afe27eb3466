import { InputError } from '../inputError';
import { once } from '../once';
import { CAUSE_IDS, causeRule, OFTEN, UNLESS_SAID, type Cause } from './causes';
import { NOTHING_LAID, type TroubleLaid } from './laid';
import {
  CHECK_IDS,
  checkRule,
  FORBIDS,
  SIGNS,
  type Check,
  type Evidence,
  type Sign,
} from './signs';

/** Priors and likelihoods of every cause: nothing in it is 0 or 1, for nothing is certain. */
export interface Table {
  prior: Readonly<Record<Cause, number>>;
  shows: Readonly<Record<Cause, Readonly<Record<Sign, number>>>>;
}
type Posterior = Readonly<Record<Cause, number>>;

/** How often a sign shows with none of the causes: it might be anything [D]. */
const WITH_NONE = OFTEN.seldom;

/** The table with what a shop lays down in it. */
export const tableOf = once((laid: TroubleLaid): Table => {
  const weightOf = (cause: Cause) => laid.weights[cause] ?? causeRule(cause).weight;
  const weights = CAUSE_IDS.reduce((sum, cause) => sum + weightOf(cause), 0);
  const each = <T>(of: (cause: Cause) => T) =>
    Object.fromEntries(CAUSE_IDS.map((cause) => [cause, of(cause)])) as Record<Cause, T>;
  return {
    prior: each((cause) => weightOf(cause) / weights),
    shows: each((cause) => {
      const { shows } = causeRule(cause);
      return Object.fromEntries(
        SIGNS.map((sign) => {
          const own = laid.shows[cause]?.[sign];
          const ships = cause === 'none' ? WITH_NONE : OFTEN[shows[sign] ?? UNLESS_SAID];
          return [sign, own ? OFTEN[own] : ships];
        }),
      ) as Record<Sign, number>;
    }),
  };
});

/** The table as it ships. */
export const USUAL_TABLE: Table = tableOf(NOTHING_LAID);

/** Strength of what ships, in outcomes of the shop's own that weigh as much [D]. */
const SHIPPED_STRENGTH = 10;

/** Of a cause that was found: how often a sign was seen, of how often it was looked for. */
export type Counts = Readonly<
  Partial<Record<Cause, Readonly<Partial<Record<Sign, { seen: number; looked: number }>>>>>
>;

/**
 * The table with the shop's own outcomes: each likelihood is the mean of a Beta distribution that begins with what ships [D].
 * Source [S]: Gelman et al., Bayesian Data Analysis, ch. 2.
 * @throws InputError `out-of-range` of counts that cannot be
 */
export function learned(counts: Counts, table: Table = USUAL_TABLE): Table {
  const shows = { ...table.shows };
  for (const [cause, signs] of Object.entries(counts) as [Cause, NonNullable<Counts[Cause]>][]) {
    const row = { ...shows[cause] };
    for (const [sign, { seen, looked }] of Object.entries(signs) as [
      Sign,
      { seen: number; looked: number },
    ][]) {
      if (!(seen >= 0 && looked >= seen)) throw new InputError('out-of-range', `${cause} ${sign}`);
      row[sign] = (SHIPPED_STRENGTH * row[sign] + seen) / (SHIPPED_STRENGTH + looked);
    }
    shows[cause] = row;
  }
  return { ...table, shows };
}

/**
 * What the evidence makes of every cause, one main cause at a time: prior times likelihoods, normalised; a sign that was seen
 * counts p, looked for and absent 1 − p, not looked for nothing. Source [S]: Bayes' rule, any text.
 * @throws InputError `out-of-range` of a prior or a likelihood that is 0 or 1: nothing is certain
 */
export function posterior(evidence: Evidence, table: Table = USUAL_TABLE): Posterior {
  const known = Object.entries(evidence) as [Sign, boolean][];
  // In logarithms: a dozen signs of 0.02 would sink below what a number holds.
  const logs = CAUSE_IDS.map((cause) => {
    let log = Math.log(certain(table.prior[cause], cause));
    for (const [sign, seen] of known) {
      const p = certain(table.shows[cause][sign], `${cause} ${sign}`);
      log += Math.log(seen ? p : 1 - p);
    }
    return log;
  });
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const sum = weights.reduce((total, each) => total + each, 0);
  return Object.fromEntries(CAUSE_IDS.map((cause, i) => [cause, weights[i]! / sum])) as Posterior;
}

function certain(p: number, field: string): number {
  if (!(p > 0 && p < 1)) throw new InputError('out-of-range', field, { p });
  return p;
}

/** Uncertainty over the causes, bits. Source [S]: Shannon 1948. */
export function entropyBits(of: readonly number[]): number {
  return of.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
}

/**
 * What a check is expected to tell, bits: the uncertainty now less what is left on average after it. Signs are taken as
 * independent given the cause. Source [S]: Cover & Thomas, Elements of Information Theory, ch. 2.
 */
export function gainBits(
  signs: readonly Sign[],
  evidence: Evidence,
  table: Table = USUAL_TABLE,
  now: Posterior = posterior(evidence, table),
): number {
  const open = signs.filter((sign) => evidence[sign] === undefined);
  if (open.length === 0) return 0;
  const chances = CAUSE_IDS.map((cause) => now[cause]);
  let after = 0;
  for (let outcome = 0; outcome < 1 << open.length; outcome++) {
    const joint = CAUSE_IDS.map((cause, at) => {
      let p = chances[at]!;
      for (let i = 0; i < open.length; i++) {
        const shows = table.shows[cause][open[i]!];
        p *= (outcome >> i) & 1 ? shows : 1 - shows;
      }
      return p;
    });
    const chance = joint.reduce((sum, p) => sum + p, 0);
    after += chance * entropyBits(joint.map((p) => p / chance));
  }
  return Math.max(0, entropyBits(chances) - after);
}

export interface NextCheck {
  check: Check;
  gainBits: number;
  bitsAMinute: number;
  /** It can show that the bike is not to be ridden, and comes first. */
  first: boolean;
}

/** A cause that forbids the ride is looked for first from this chance on [D]. */
const WORTH_RULING_OUT = 0.02;
/** Below this a cause is none that this brake can have. */
const POSSIBLE = 1e-6;
/** Checks that tell less than this are not worth their minutes, bits [D]. */
const WORTH_ASKING_BITS = 0.005;

/**
 * Checks that are still worth making, the next first: what could show that the bike is not to be ridden before all else, then by
 * information a minute [P]; ties by the order of the table.
 */
export function nextChecks(evidence: Evidence, table: Table = USUAL_TABLE): NextCheck[] {
  const now = posterior(evidence, table);
  return CHECK_IDS.map((check): NextCheck => {
    const { minutes, reveals, mayForbid, onceSeen } = checkRule(check);
    const bits = gainBits(reveals, evidence, table, now);
    const first =
      mayForbid &&
      bits > 0 &&
      CAUSE_IDS.some(
        (cause) =>
          causeRule(cause).forbids &&
          now[cause] >= (onceSeen.some((sign) => evidence[sign]) ? POSSIBLE : WORTH_RULING_OUT) &&
          reveals.some(
            (sign) => evidence[sign] === undefined && table.shows[cause][sign] >= OFTEN.often,
          ),
      );
    return { check, gainBits: bits, bitsAMinute: bits / minutes, first };
  })
    .filter(({ gainBits: bits, first }) => first || bits >= WORTH_ASKING_BITS)
    .sort((a, b) => Number(b.first) - Number(a.first) || b.bitsAMinute - a.bitsAMinute);
}

export interface Ranked {
  cause: Cause;
  chance: number;
  /** Known signs that speak for it, and against it, the strongest first. */
  pro: Sign[];
  con: Sign[];
}

/** From this ratio on, a sign speaks for a cause or against it [D]. */
const SPEAKS = 1.5;

/** The causes by their chance, each with the signs for and against it. */
export function ranking(evidence: Evidence, table: Table = USUAL_TABLE): Ranked[] {
  const now = posterior(evidence, table);
  const known = Object.entries(evidence) as [Sign, boolean][];
  return CAUSE_IDS.map((cause): Ranked => {
    const weighed = known.map(([sign, seen]) => {
      const here = likelihood(table, cause, sign, seen);
      const others = CAUSE_IDS.filter((each) => each !== cause);
      const share = others.reduce((sum, each) => sum + table.prior[each], 0);
      const there =
        others.reduce(
          (sum, each) => sum + table.prior[each] * likelihood(table, each, sign, seen),
          0,
        ) / share;
      return { sign, ratio: here / there };
    });
    const by = (sign: (ratio: number) => number) =>
      weighed
        .filter(({ ratio }) => sign(ratio) >= SPEAKS)
        .sort((a, b) => sign(b.ratio) - sign(a.ratio))
        .map((each) => each.sign);
    return { cause, chance: now[cause], pro: by((r) => r), con: by((r) => 1 / r) };
  }).sort((a, b) => b.chance - a.chance);
}

const likelihood = (table: Table, cause: Cause, sign: Sign, seen: boolean) =>
  seen ? table.shows[cause][sign] : 1 - table.shows[cause][sign];

/** What would put another cause first: a sign that nobody looked for, and what it would be. */
interface WouldChange {
  sign: Sign;
  seen: boolean;
  to: Cause;
}

/** What of a check's signs would put another cause first, the likeliest to come first. */
export function whatWouldChange(evidence: Evidence, table: Table = USUAL_TABLE): WouldChange[] {
  const now = posterior(evidence, table);
  const lead = leading(now);
  const found: (WouldChange & { chance: number })[] = [];
  for (const check of CHECK_IDS)
    for (const sign of checkRule(check).reveals) {
      if (evidence[sign] !== undefined) continue;
      for (const seen of [true, false]) {
        const to = leading(posterior({ ...evidence, [sign]: seen }, table));
        const chance = CAUSE_IDS.reduce(
          (sum, cause) => sum + now[cause] * likelihood(table, cause, sign, seen),
          0,
        );
        if (to !== lead) found.push({ sign, seen, to, chance });
      }
    }
  return found.sort((a, b) => b.chance - a.chance).map(({ chance: _chance, ...would }) => would);
}

const leading = (now: Posterior): Cause =>
  CAUSE_IDS.reduce((best, cause) => (now[cause] > now[best] ? cause : best));

/**
 * What a cause that was found leaves unexplained: two causes often share one complaint. What it shows often is taken as explained;
 * the rest is asked again, without it [P].
 */
export function unexplained(
  evidence: Evidence,
  found: readonly Cause[],
  table: Table = USUAL_TABLE,
): Evidence {
  const left = (Object.entries(evidence) as [Sign, boolean][]).filter(
    ([sign, seen]) =>
      !seen ||
      isTracedBack(sign, evidence) ||
      !found.some((cause) => table.shows[cause][sign] >= OFTEN.often),
  );
  return Object.fromEntries(left);
}

/** A sign that came from somewhere, while nobody has looked where: no cause explains it yet. */
const isTracedBack = (sign: Sign, evidence: Evidence): boolean =>
  CHECK_IDS.some((check) => {
    const { onceSeen, reveals } = checkRule(check);
    return onceSeen.includes(sign) && reveals.every((each) => evidence[each] === undefined);
  });

/** The table without the causes that were found already. */
export function without(found: readonly Cause[], table: Table = USUAL_TABLE): Table {
  if (found.length === 0) return table;
  const open = CAUSE_IDS.filter((cause) => !found.includes(cause));
  const sum = open.reduce((total, cause) => total + table.prior[cause], 0);
  const NEGLIGIBLE = 1e-9;
  const prior = Object.fromEntries(
    CAUSE_IDS.map((cause) => [
      cause,
      found.includes(cause) ? NEGLIGIBLE : table.prior[cause] / sum,
    ]),
  ) as Record<Cause, number>;
  return { ...table, prior };
}

/** Signs that were seen and take the bike off the road at once. */
export const forbiddenBy = (evidence: Evidence): Sign[] =>
  FORBIDS.filter((sign) => evidence[sign] === true);
