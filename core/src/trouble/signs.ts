import { SYMPTOMS, type Symptom } from './symptoms';

/** What is looked for at the bench, besides what a rider complains of. */
export const BENCH_SIGNS = [
  'track-patchy',
  'parts-new',
  'oil-on-wipe',
  'wet-joint',
  'pads-shiny',
  'soft-after-bite',
  'pads-thin',
  'gaps-closed',
  'piston-lags',
  'gaps-unequal',
  'caliper-rocks',
  'runout',
  'tilted-runout',
  'rotor-loose',
  'pad-plays',
  'thickness-varies',
  'grit-seen',
  'fluid-old',
  'fluid-odd',
  'lever-set-wrong',
  'inner-rough',
  'bolt-moves',
] as const;
export type BenchSign = (typeof BENCH_SIGNS)[number];
/** Those that nothing in the inspection shows: they are told by whoever looked. */
export const TOLD_SIGNS = [
  'parts-new',
  'gaps-closed',
  'pad-plays',
  'lever-set-wrong',
] as const satisfies readonly BenchSign[];
export type ToldSign = (typeof TOLD_SIGNS)[number];
export const isTold = (sign: BenchSign): sign is ToldSign =>
  (TOLD_SIGNS as readonly BenchSign[]).includes(sign);
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

/** Seen, a sign takes the bike off the road at once, whatever the ranking: a leak, a sinking lever, wrong fluid, a loose rotor [P]. */
export const FORBIDS: readonly Sign[] = ['wet-joint', 'lever-sinks', 'fluid-odd', 'rotor-loose'];
