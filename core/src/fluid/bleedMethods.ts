import type { StepId } from '../procedure/steps';

interface BleedMethodRule {
  /** The procedure that does it by itself. */
  procedure: string;
  /** Ways that are gone through ahead of it in that procedure. */
  after: readonly StepId[];
  /** It sends fluid through the whole brake; what does not, and is no beginning, only helps once that was done. */
  flushes: boolean;
  /** A bleed can begin with it. */
  begins: boolean;
  /** It can be done where all of the fluid is in the caliper, which a cable pulls. */
  atCaliperAlone: boolean;
  /** What is tried where the lever did not prove good after it [P]. */
  next: StepId;
  /** What it usually takes on its own, with the lever's tests; a shop charges by it [D]. */
  minutes: number;
}

/** Every way to bleed, by the step that does it, in the order the log names them. Common practice [P]. */
const METHODS = {
  'push-up': {
    procedure: 'bleed-push-up',
    after: [],
    flushes: true,
    begins: true,
    atCaliperAlone: true,
    next: 'caliper-burp',
    minutes: 25,
  },
  'gravity-down': {
    procedure: 'bleed-gravity',
    after: [],
    flushes: true,
    begins: true,
    atCaliperAlone: false,
    next: 'caliper-burp',
    minutes: 20,
  },
  'two-syringes': {
    procedure: 'bleed-two-syringes',
    after: [],
    flushes: true,
    begins: true,
    atCaliperAlone: false,
    next: 'caliper-burp',
    minutes: 25,
  },
  'top-up': {
    procedure: 'top-up',
    after: [],
    flushes: false,
    begins: true,
    atCaliperAlone: false,
    next: 'push-up',
    minutes: 12,
  },
  'caliper-burp': {
    procedure: 'bleed-burp',
    after: [],
    flushes: false,
    begins: false,
    atCaliperAlone: false,
    next: 'lever-tilt',
    minutes: 30,
  },
  'lever-tilt': {
    procedure: 'bleed-tilt',
    after: ['caliper-burp'],
    flushes: false,
    begins: false,
    atCaliperAlone: false,
    next: 'push-up',
    minutes: 35,
  },
} as const satisfies Partial<Record<StepId, BleedMethodRule>>;

type Methods = typeof METHODS;
export type BleedMethod = keyof Methods;
/** The procedures that bleed and do nothing else. */
type BleedProcedure = Methods[BleedMethod]['procedure'];
/** A way that a bleed can begin with. */
export type FirstBleed = {
  [M in BleedMethod]: Methods[M]['begins'] extends true ? M : never;
}[BleedMethod];

export const BLEED_METHODS = Object.keys(METHODS) as BleedMethod[];

export function bleedRule(method: BleedMethod): Methods[BleedMethod] {
  return METHODS[method];
}

export const isBleedMethod = (step: StepId): step is BleedMethod => step in METHODS;

export const FIRST_BLEEDS = BLEED_METHODS.filter(
  (method): method is FirstBleed => METHODS[method].begins,
);
/** How a brake is flushed whose fluid is all in the caliper. */
export const AT_CALIPER_ALONE = BLEED_METHODS.find(
  (method): method is FirstBleed => METHODS[method].atCaliperAlone,
)!;
/** Those that send fluid through the whole brake. */
export const FLUSHING: readonly StepId[] = BLEED_METHODS.filter((each) => METHODS[each].flushes);
/** What only helps once fluid went through the whole brake. */
export const AFTER_A_FLUSH: readonly StepId[] = BLEED_METHODS.filter(
  (each) => !METHODS[each].flushes && !METHODS[each].begins,
);

/** Something of each procedure that bleeds. */
export function ofBleedProcedures<T>(
  something: (method: BleedMethod) => T,
): Record<BleedProcedure, T> {
  return Object.fromEntries(
    BLEED_METHODS.map((method) => [METHODS[method].procedure, something(method)]),
  ) as Record<BleedProcedure, T>;
}
