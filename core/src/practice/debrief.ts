import { cureOf } from '../inspection/findings';
import { recommendedBy } from '../inspection/judge';
import { WORKS, worksOn, type Work } from '../inspection/work';
import { isFor } from '../kit/traits';
import type { Measurand } from '../measurand/measurand';
import { CAUSE_IDS, causeRule, type Cause } from '../trouble/causes';
import { nextChecks, ranking, unexplained, without } from '../trouble/engine';
import {
  BENCH_SIGNS,
  checkRule,
  FORBIDS,
  type BenchSign,
  type Check,
  type Evidence,
  type Sign,
} from '../trouble/signs';
import type { Word } from '../wear/verdict';
import type { PracticeCase } from './cases';
import { checksOn, evidenceAfter, lookAt, wornOut } from './look';

/** What somebody did at a practice brake. */
export interface PracticeRun {
  /** In the order they were made. */
  checks: readonly Check[];
  /** How what was measured was judged, the first time. */
  judged: Readonly<Partial<Record<Measurand, Word>>>;
  named: readonly Cause[];
  works: readonly Work[];
  ended: 'signed' | 'held-back' | null;
  taps: number;
}

export const NOTHING_DONE: PracticeRun = {
  checks: [],
  judged: {},
  named: [],
  works: [],
  ended: null,
  taps: 0,
};

/** Minutes at the bench that the checks took. */
export const minutesOf = (checks: readonly Check[]): number =>
  checks.reduce((sum, check) => sum + checkRule(check).minutes, 0);

/** The work that what is truly wrong needs. */
export function workNeeded(of: PracticeCase): Work[] {
  const needed = [
    ...of.causes.flatMap((cause) => causeRule(cause).cure),
    ...(of.leakAt ? cureOf(of.leakAt, of.actuation) : []),
    ...wornOut(of, of.seed).map((part): Work =>
      part === 'pads' ? 'replace-pads' : 'replace-rotor',
    ),
  ];
  return worksOn(needed, of.actuation);
}

/** Whether the bike must not be ridden as it truly is. */
export const isForbidden = (of: PracticeCase): boolean =>
  of.causes.some((cause) => causeRule(cause).forbids) ||
  of.there.some((sign) => FORBIDS.includes(sign)) ||
  of.complaint.some((symptom) => FORBIDS.includes(symptom));

/** Causes that a brake of its kind cannot have. */
const impossibleOn = ({ actuation }: PracticeCase): Cause[] =>
  CAUSE_IDS.filter((cause) => !isFor(causeRule(cause).on, { actuation, banjo: false }));

/** The way that the engine would have gone: its checks, and the causes it would have found by them. */
export function engineWay(of: PracticeCase): { checks: Check[]; causes: Cause[] } {
  const impossible = impossibleOn(of);
  const possible = checksOn(of);
  const checks: Check[] = [];
  const causes: Cause[] = [];
  for (;;) {
    const evidence = evidenceAfter(of, of.seed, checks);
    const found = foundBy(evidence, [...impossible, ...causes], causes);
    if (found) {
      causes.push(found);
      continue;
    }
    const left = unexplained(evidence, causes);
    if (causes.length > 0 && !Object.values(left).includes(true)) break;
    const next = nextChecks(left, without([...impossible, ...causes])).find(
      ({ check }) => possible.includes(check) && !checks.includes(check),
    );
    // One cause was found: what it leaves over is worth a check that tells enough.
    if (causes.length > 0 && next && !next.first && next.bitsAMinute < WORTH_A_SECOND) break;
    if (!next) break;
    checks.push(next.check);
  }
  return { checks, causes };
}

/** A cause that was shown: by a sign that takes the bike off the road, or by its own sign while it leads. */
function foundBy(
  evidence: Evidence,
  out: readonly Cause[],
  causes: readonly Cause[],
): Cause | undefined {
  const isShown = (cause: Cause, sign: Sign) =>
    evidence[sign] === true && causeRule(cause).shows[sign] === 'always';
  const open = CAUSE_IDS.filter((cause) => cause !== 'none' && !out.includes(cause));
  const forbidden = open.find(
    (cause) => causeRule(cause).forbids && FORBIDS.some((sign) => isShown(cause, sign)),
  );
  if (forbidden) return forbidden;
  const [lead] = ranking(unexplained(evidence, causes), without(out));
  return lead &&
    lead.chance >= SURE_FROM &&
    open.includes(lead.cause) &&
    (provenBy(lead.cause).length === 0 || provenBy(lead.cause).some((sign) => evidence[sign]))
    ? lead.cause
    : undefined;
}

/** What is looked for at the bench and nearly always shows with a cause. */
const provenBy = (cause: Cause): BenchSign[] =>
  BENCH_SIGNS.filter((sign) => causeRule(cause).shows[sign] === 'always');

/** Once a cause was found, a check for another is worth its minutes from so many bits a minute on [D]. */
const WORTH_A_SECOND = 0.2;
/** From this chance on the engine takes a cause as found [D]. */
const SURE_FROM = 0.8;

/** What the engine would have looked at next after these checks; null where nothing is worth its minutes. */
function nextAfter(of: PracticeCase, checks: readonly Check[]): Check | null {
  const known = evidenceAfter(of, of.seed, checks);
  const possible = checksOn(of);
  return (
    nextChecks(known, without(impossibleOn(of))).find(
      ({ check }) => possible.includes(check) && !checks.includes(check),
    )?.check ?? null
  );
}

export interface Debrief {
  causes: { cause: Cause; how: 'named' | 'missed' | 'wrong' }[];
  /** What truly was to be seen: found, misread within the gauge's doubt, or never looked for. */
  signs: { sign: BenchSign; how: 'found' | 'misread' | 'not-looked' }[];
  judged: { measurand: Measurand; said: Word | null; rules: Word }[];
  works: { work: Work; how: 'planned' | 'missed' | 'beside' }[];
  /** It was signed though something is wrong that nobody was going to mend, and that takes it off the road or is past its limit. */
  signedWrong: boolean;
  /** It was held back, and nothing forbade it. */
  heldForNothing: boolean;
  minutes: number;
  taps: number;
  engine: { checks: Check[]; minutes: number };
  /** At each check that was made, what the engine would have looked at. */
  instead: { made: Check; engine: Check | null }[];
  standing: 'made-fast' | 'half-way' | 'adrift';
}

/** What was done, beside the truth. */
export function debrief(of: PracticeCase, run: PracticeRun): Debrief {
  const causes: Debrief['causes'] = [
    ...of.causes.map((cause) => ({
      cause,
      how: run.named.includes(cause) ? ('named' as const) : ('missed' as const),
    })),
    ...run.named
      .filter((cause) => !of.causes.includes(cause))
      .map((cause) => ({ cause, how: 'wrong' as const })),
  ];
  const evidence: Evidence = evidenceAfter(of, of.seed, run.checks);
  const signs = of.there.map((sign): Debrief['signs'][number] => ({
    sign,
    how:
      evidence[sign] === true
        ? 'found'
        : run.checks.some((check) => (checkRule(check).reveals as readonly string[]).includes(sign))
          ? 'misread'
          : 'not-looked',
  }));
  const looked = run.checks.map((check) => lookAt(of, of.seed, check));
  const judged = looked.flatMap(({ measured }) =>
    measured
      ? [
          {
            measurand: measured.measurand,
            said: run.judged[measured.measurand] ?? null,
            rules: measured.word,
          },
        ]
      : [],
  );
  const needed = workNeeded(of);
  // What a reading recommends was no mistake to plan, even where another work cures it.
  const allowed = looked.flatMap(({ measured }) => recommendedBy(measured?.judgement ?? null));
  const works: Debrief['works'] = WORKS.flatMap((work): Debrief['works'] => {
    const planned = run.works.includes(work);
    if (needed.includes(work)) return [{ work, how: planned ? 'planned' : 'missed' }];
    return planned && !allowed.includes(work) ? [{ work, how: 'beside' }] : [];
  });
  const signed = run.ended === 'signed';
  const missed = works.some(({ how }) => how === 'missed');
  const signedWrong =
    signed && missed && (isForbidden(of) || wornOut(of, of.seed).some((part) => needs(part, run)));
  const heldForNothing =
    run.ended === 'held-back' && !isForbidden(of) && wornOut(of, of.seed).length === 0;
  const allNamed = causes.every(({ how }) => how === 'named');
  const someNamed = causes.some(({ how }) => how === 'named');
  const engine = engineWay(of);
  return {
    causes,
    signs,
    judged,
    works,
    signedWrong,
    heldForNothing,
    minutes: minutesOf(run.checks),
    taps: run.taps,
    engine: { checks: engine.checks, minutes: minutesOf(engine.checks) },
    instead: run.checks.map((made, i) => ({ made, engine: nextAfter(of, run.checks.slice(0, i)) })),
    standing:
      signedWrong || !someNamed
        ? 'adrift'
        : allNamed &&
            !missed &&
            !heldForNothing &&
            judged.every(({ said, rules }) => said === rules)
          ? 'made-fast'
          : 'half-way',
  };
}

const needs = (part: 'pads' | 'rotor', run: PracticeRun) =>
  !run.works.includes(part === 'pads' ? 'replace-pads' : 'replace-rotor');
