import { SYMPTOMS, symptomRule, type Symptom, type SymptomRule } from './symptoms';

/** What a sign at the bench is. */
interface BenchSignRule extends SymptomRule {
  /** Nothing in the inspection shows it: it is told by whoever looked. */
  told: boolean;
}

/** What is looked for at the bench, besides what a rider complains of. */
const BENCH = {
  'track-patchy': { told: false, forbids: false },
  'parts-new': { told: true, forbids: false },
  'oil-on-wipe': { told: false, forbids: false },
  'wet-joint': { told: false, forbids: true },
  'pads-shiny': { told: false, forbids: false },
  'soft-after-bite': { told: false, forbids: false },
  'pads-thin': { told: false, forbids: false },
  'gaps-closed': { told: true, forbids: false },
  'piston-lags': { told: false, forbids: false },
  'gaps-unequal': { told: false, forbids: false },
  'caliper-rocks': { told: false, forbids: false },
  'runout': { told: false, forbids: false },
  'tilted-runout': { told: false, forbids: false },
  'rotor-loose': { told: false, forbids: true },
  'pad-plays': { told: true, forbids: false },
  'thickness-varies': { told: false, forbids: false },
  'grit-seen': { told: false, forbids: false },
  'fluid-old': { told: false, forbids: false },
  'fluid-odd': { told: false, forbids: true },
  'lever-set-wrong': { told: true, forbids: false },
  'inner-rough': { told: false, forbids: false },
  'bolt-moves': { told: false, forbids: false },
} as const satisfies Record<string, BenchSignRule>;
export type BenchSign = keyof typeof BENCH;
export const BENCH_SIGNS = Object.keys(BENCH) as BenchSign[];
export type ToldSign = {
  [Of in BenchSign]: (typeof BENCH)[Of]['told'] extends true ? Of : never;
}[BenchSign];
export const isTold = (sign: BenchSign): sign is ToldSign => BENCH[sign].told;
export const TOLD_SIGNS = BENCH_SIGNS.filter(isTold);
export type Sign = Symptom | BenchSign;
export const SIGNS: readonly Sign[] = [...SYMPTOMS, ...BENCH_SIGNS];

/** What is known: seen, or looked for and absent. What nobody looked for is left out. */
export type Evidence = Readonly<Partial<Record<Sign, boolean>>>;

/** A check at the bench: what it shows, and what it takes. Minutes are the trade's own [P]. */
interface CheckRule {
  minutes: number;
  reveals: readonly BenchSign[];
  /** It can show that the bike is not to be ridden. */
  mayForbid: boolean;
  /** Once one of these was seen it comes before all else: oil came from somewhere [P]. */
  onceSeen: readonly Sign[];
}

export const CHECKS = {
  'light-on-track': {
    minutes: 1,
    reveals: ['track-patchy', 'parts-new'],
    mayForbid: false,
    onceSeen: [],
  },
  'wipe-and-smell': { minutes: 2, reveals: ['oil-on-wipe'], mayForbid: false, onceSeen: [] },
  'hold-and-tissue': {
    minutes: 3,
    reveals: ['wet-joint'],
    mayForbid: true,
    onceSeen: ['oil-on-wipe', 'oil-seen'],
  },
  'shine-on-pads': { minutes: 2, reveals: ['pads-shiny'], mayForbid: false, onceSeen: [] },
  'sponge-test': { minutes: 3, reveals: ['soft-after-bite'], mayForbid: false, onceSeen: [] },
  'measure-pads': { minutes: 3, reveals: ['pads-thin'], mayForbid: false, onceSeen: [] },
  'corner-gaps': {
    minutes: 2,
    reveals: ['gaps-closed', 'gaps-unequal'],
    mayForbid: false,
    onceSeen: [],
  },
  'slow-pull': { minutes: 3, reveals: ['piston-lags'], mayForbid: false, onceSeen: [] },
  'rock-and-feeler': { minutes: 4, reveals: ['caliper-rocks'], mayForbid: false, onceSeen: [] },
  'dial-sweep': {
    minutes: 3,
    reveals: ['runout', 'tilted-runout'],
    mayForbid: false,
    onceSeen: [],
  },
  'grip-and-rock': {
    minutes: 1,
    reveals: ['rotor-loose', 'pad-plays'],
    mayForbid: true,
    onceSeen: [],
  },
  'thickness-sweep': { minutes: 3, reveals: ['thickness-varies'], mayForbid: false, onceSeen: [] },
  'light-through': { minutes: 1, reveals: ['grit-seen'], mayForbid: false, onceSeen: [] },
  'look-at-fluid': {
    minutes: 3,
    reveals: ['fluid-odd', 'fluid-old'],
    mayForbid: true,
    onceSeen: [],
  },
  'measure-levers': { minutes: 3, reveals: ['lever-set-wrong'], mayForbid: false, onceSeen: [] },
  'feel-inner': { minutes: 3, reveals: ['inner-rough'], mayForbid: false, onceSeen: [] },
  'torque-check': { minutes: 2, reveals: ['bolt-moves'], mayForbid: true, onceSeen: [] },
} as const satisfies Record<string, CheckRule>;
export type Check = keyof typeof CHECKS;
export const CHECK_IDS = Object.keys(CHECKS) as Check[];
export const checkRule = (check: Check): CheckRule => CHECKS[check];

/** Those that, once seen, take the bike off the road at once, whatever the ranking. */
export const FORBIDS: readonly Sign[] = [
  ...SYMPTOMS.filter((symptom) => symptomRule(symptom).forbids),
  ...BENCH_SIGNS.filter((sign) => BENCH[sign].forbids),
];
