import type { End } from '../ends';
import type { Area, Finding } from '../inspection/findings';
import { inspectEnd, type InspectionItem } from '../inspection/inspectEnd';
import type { Judgement } from '../inspection/judge';
import type { Job } from '../job/job';
import { toldOf } from '../job/told';
import { brakesOf } from '../job/visit';
import { isFor } from '../kit/traits';
import type { Measurand } from '../measurand/measurand';
import type { Work } from '../inspection/work';
import { CAUSE_IDS, causeRule, type Cause } from './causes';
import { USUAL_TABLE, without, type Table } from './engine';
import {
  BENCH_SIGNS,
  isTold,
  type BenchSign,
  type Evidence,
  type Sign,
  type ToldSign,
} from './signs';

/** Where a sign comes from: what is found by looking, or what a measurement says. */
type ShownBy =
  | { by: 'look'; area: Area; findings: readonly Finding[] }
  | { by: 'measured'; measurand: Measurand };

const look = (area: Area, ...findings: Finding[]): ShownBy => ({ by: 'look', area, findings });
const measured = (measurand: Measurand): ShownBy => ({ by: 'measured', measurand });

export const SHOWN_BY: Readonly<Record<Exclude<BenchSign, ToldSign>, ShownBy>> = {
  'track-patchy': look('rotor', 'rotor-deposits'),
  'oil-on-wipe': look('pads', 'pads-soaked', 'pads-oil-mist'),
  'wet-joint': look(
    'leaks',
    'leak-at-caliper',
    'leak-at-banjo',
    'leak-at-hose-nut',
    'leak-at-lever-nut',
    'leak-at-lever',
  ),
  'pads-shiny': look('pads', 'pads-glazed'),
  'soft-after-bite': measured('lever'),
  'pads-thin': measured('pads'),
  'piston-lags': look('caliper', 'piston-sticking', 'one-pad-moves'),
  'gaps-unequal': measured('clearance'),
  'caliper-rocks': measured('mount-face'),
  runout: measured('runout'),
  'tilted-runout': measured('runout'),
  'rotor-loose': look('rotor', 'loose-rivets'),
  'thickness-varies': measured('rotor'),
  'grit-seen': look('caliper', 'grit-in-caliper'),
  'fluid-old': look('fluid', 'fluid-spent'),
  'fluid-odd': look('fluid', 'fluid-wrong'),
  'inner-rough': look('cable', 'cable-frayed', 'cable-kinked', 'cable-rusted', 'housing-split'),
  'bolt-moves': look('bolts', 'bolt-loose', 'bolt-missing'),
};

/**
 * What is known of a complaint at one end: what the rider said, what the inspection found, looked for or measured, and what was told.
 * A symptom nobody named was not looked for.
 */
export function evidenceAt(job: Omit<Job, 'bars'>, end: End): Evidence {
  const { items } = inspectEnd(job, end);
  const evidence: Partial<Record<Sign, boolean>> = {};
  for (const symptom of job.symptoms) evidence[symptom] = true;
  for (const sign of BENCH_SIGNS) {
    const known = isTold(sign) ? null : shown(job, end, items, sign);
    if (known !== null) evidence[sign] = known;
  }
  if (items.some(({ found }) => found.includes('slow-return'))) evidence['slow-return'] = true;
  for (const { sign, seen } of toldOf(job, 'sign', end)) evidence[sign] = seen;
  return evidence;
}

function shown(
  job: Omit<Job, 'bars'>,
  end: End,
  items: readonly InspectionItem[],
  sign: Exclude<BenchSign, ToldSign>,
): boolean | null {
  const by = SHOWN_BY[sign];
  if (by.by === 'look') {
    if (items.some(({ found }) => found.some((each) => by.findings.includes(each)))) return true;
    return job.lookedOver.some((each) => each.end === end && each.area === by.area) ? false : null;
  }
  const item = items.find(({ subject }) => subject === by.measurand);
  // What changed since proves nothing any more of how it came in.
  return item?.judgement && item.lapsed === null ? saidBy(sign, item.judgement) : null;
}

/** What a measurement says of a sign; null where it is not whole, or says nothing of it. */
export function saidBy(sign: BenchSign, judgement: Judgement): boolean | null {
  if (!judgement.ok) return null;
  switch (judgement.measurand) {
    case 'lever': {
      const { air } = judgement.verdict;
      return air?.readOut == null ? null : air.readOut !== 'sound';
    }
    case 'pads':
      return judgement.verdict.word === 'unproven' ? null : judgement.verdict.word === 'replace';
    case 'clearance': {
      const { cure } = judgement.verdict;
      return cure === null ? null : cure === 'centre' || cure === 'square';
    }
    case 'mount-face':
      return judgement.verdict.word === 'unproven' ? null : judgement.verdict.word === 'watch';
    case 'runout': {
      const { meaning, word } = judgement.verdict;
      if (meaning === null) return null;
      return sign === 'tilted-runout' ? meaning.code === 'tilted' : word !== 'holds';
    }
    case 'rotor':
      return judgement.verdict.variationMm === null ? null : judgement.verdict.pulsingExpected;
  }
}

/** Causes that were found at an end and not taken back. */
export const causesFound = (job: Pick<Job, 'told'>, end: End): Cause[] => [
  ...new Set(toldOf(job, 'cause', end).map(({ cause }) => cause)),
];

/** What cures the causes that were found at an end. */
export const curesAt = (job: Pick<Job, 'told'>, end: End): Work[] =>
  causesFound(job, end).flatMap((cause) => causeRule(cause).cure);

/** The table for the brake of an end: no hose leaks where there is none, and no cable frays. */
export function tableAt(job: Pick<Job, 'identified'>, end: End, table: Table = USUAL_TABLE): Table {
  const brake = brakesOf(job)[end];
  return without(
    CAUSE_IDS.filter((cause) => !isFor(causeRule(cause).on, brake)),
    table,
  );
}
