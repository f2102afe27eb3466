import { isFor } from '../kit/traits';
import { randomOf } from '../random';
import { CAUSE_IDS, causeRule, OFTEN, type Cause } from '../trouble/causes';
import { USUAL_TABLE } from '../trouble/engine';
import { BENCH_SIGNS, type BenchSign } from '../trouble/signs';
import { SYMPTOMS } from '../trouble/symptoms';
import type { Trouble } from './hidden';

/** How hard a case is: one plain cause; signs that mislead, or nothing to be done; two causes, or numbers too near to tell. */
export const GRADES = [1, 2, 3] as const;
export type Grade = (typeof GRADES)[number];

interface CaseRow extends Omit<Trouble, 'there'> {
  grade: Grade;
  /** Signs besides what the causes nearly always show. */
  also?: readonly BenchSign[];
}

/** The cases that ship. Complaints and causes go together as the trade finds them [P]; the brakes are made up [D]. */
const ROWS = {
  'post-trike': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['squeal', 'weak'],
    causes: ['contaminated'],
  },
  'fresh-pads': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['squeal', 'weak'],
    causes: ['not-bedded'],
    also: ['parts-new'],
  },
  'pumped-lever': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['spongy', 'lever-changes'],
    causes: ['air'],
  },
  'long-lever': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['lever-to-bar'],
    causes: ['worn-pads'],
  },
  'once-a-turn': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['scrape'],
    causes: ['bent-rotor'],
  },
  'drags-since-pads': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['constant-drag'],
    causes: ['not-reset'],
  },
  'knock-when-rocked': {
    grade: 1,
    actuation: 'hydraulic',
    complaint: ['knock'],
    causes: ['loose-rotor'],
  },
  'heavy-cable': {
    grade: 1,
    actuation: 'cable',
    complaint: ['lever-to-bar', 'slow-return'],
    causes: ['cable'],
  },
  'oil-on-the-fork': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['oil-seen', 'lever-sinks'],
    causes: ['leak'],
    leakAt: 'leak-at-hose-nut',
  },
  'one-pad-works': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['one-sided', 'uneven-pads'],
    causes: ['sticking-piston'],
    also: ['gaps-unequal'],
  },
  'rubs-after-transport': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['constant-drag', 'scrape'],
    causes: ['off-centre'],
  },
  'faint-knock': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['knock'],
    causes: ['pads-with-play'],
  },
  'pulses-at-the-lights': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['pulsing'],
    causes: ['thickness-variation'],
  },
  'after-the-pass': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['weak', 'squeal'],
    causes: ['glazed'],
  },
  'new-rotor-scrapes': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['scrape'],
    causes: ['rotor-on-dirt'],
    also: ['runout', 'parts-new'],
  },
  'dog-hair': {
    grade: 2,
    actuation: 'hydraulic',
    complaint: ['scrape', 'constant-drag'],
    causes: ['grit'],
  },
  'long-and-soft': {
    grade: 3,
    actuation: 'hydraulic',
    complaint: ['lever-to-bar', 'spongy'],
    causes: ['worn-pads', 'air'],
  },
  'night-shift': {
    grade: 3,
    actuation: 'hydraulic',
    complaint: ['spongy'],
    causes: ['air'],
    near: ['pads', 'rotor'],
  },
  'swollen-seals': {
    grade: 3,
    actuation: 'hydraulic',
    complaint: ['slow-return'],
    causes: ['wrong-fluid'],
  },
  'cleaned-twice': {
    grade: 3,
    actuation: 'hydraulic',
    complaint: ['squeal', 'weak'],
    causes: ['contaminated', 'leak'],
    leakAt: 'leak-at-lever',
  },
} as const satisfies Readonly<Record<string, CaseRow>>;

export type CaseId = keyof typeof ROWS;
export const CASE_IDS = Object.keys(ROWS) as CaseId[];

export interface PracticeCase extends Trouble {
  grade: Grade;
  seed: number;
}

/** A case that ships. Its readings are the same for everybody. */
export function shippedCase(id: CaseId): PracticeCase {
  const row: CaseRow = ROWS[id];
  const { also = [], ...rest } = row;
  return { ...rest, there: signsOf(row.causes, also), seed: 1000 + CASE_IDS.indexOf(id) };
}

/** What nearly always shows with one of these causes, and what shows besides. */
function signsOf(causes: readonly Cause[], also: readonly BenchSign[]): BenchSign[] {
  return BENCH_SIGNS.filter(
    (sign) =>
      also.includes(sign) || causes.some((cause) => causeRule(cause).shows[sign] === 'always'),
  );
}

const LEAKS = [
  'leak-at-caliper',
  'leak-at-hose-nut',
  'leak-at-lever-nut',
  'leak-at-lever',
] as const;
/** So many drawn brakes in a hundred are pulled by a cable [D]. */
const CABLE_SHARE = 0.15;

/**
 * A case drawn from a seed: the same seed and grade give the same case. Causes come as often as the table has them, signs as often as
 * they show; what almost never shows with a cause is not drawn.
 */
export function drawnCase(seed: number, grade: Grade): PracticeCase {
  const random = randomOf(seed * 7 + grade);
  for (;;) {
    const actuation = random() < CABLE_SHARE ? 'cable' : 'hydraulic';
    const causes = drawCauses(random, actuation, grade === 3 ? 2 : 1);
    const shows = <S extends (typeof SYMPTOMS)[number] | BenchSign>(signs: readonly S[]) =>
      signs.filter((sign) =>
        causes.some((cause) => {
          const p = USUAL_TABLE.shows[cause][sign];
          const drawn = random();
          return p > OFTEN.never && drawn < p;
        }),
      );
    const complaint = shows(SYMPTOMS);
    const there = shows(BENCH_SIGNS);
    // Nobody brings a bike that does nothing odd, and a cause that leaves no trace teaches nothing.
    if (complaint.length === 0 || there.length === 0) continue;
    const near = grade === 3 && random() < 0.5 ? (['rotor'] as const) : [];
    const leakAt = LEAKS[Math.floor(random() * LEAKS.length)]!;
    return {
      grade,
      actuation,
      complaint,
      causes,
      // A rotor that is tilted wobbles.
      there: BENCH_SIGNS.filter(
        (sign) => there.includes(sign) || (sign === 'runout' && there.includes('tilted-runout')),
      ),
      ...(there.includes('wet-joint') ? { leakAt } : {}),
      near,
      seed,
    };
  }
}

function drawCauses(random: () => number, actuation: PracticeCase['actuation'], count: number) {
  const open = CAUSE_IDS.filter(
    (cause) => cause !== 'none' && isFor(causeRule(cause).on, { actuation, banjo: false }),
  );
  const drawn: Cause[] = [];
  while (drawn.length < count) {
    const left = open.filter((cause) => !drawn.includes(cause));
    let at = random() * left.reduce((sum, cause) => sum + causeRule(cause).weight, 0);
    drawn.push(left.find((cause) => (at -= causeRule(cause).weight) < 0) ?? left[0]!);
  }
  return drawn;
}

/** A case by its name in an address: one that ships, or `seed-grade` of one that is drawn; null of none. */
export function caseNamed(name: string): PracticeCase | null {
  if ((CASE_IDS as readonly string[]).includes(name)) return shippedCase(name as CaseId);
  const drawn = /^(\d{1,9})-([123])$/.exec(name);
  return drawn ? drawnCase(Number(drawn[1]), Number(drawn[2]) as Grade) : null;
}
