import { SYSTEM } from '../evidence/touch';
import { ACTUATIONS, type Actuation } from '../kit/actuation';
import { isFor, type BrakeKind } from '../kit/traits';
import type { BrakeState } from '../plan/state';
import {
  AFTER_A_FLUSH,
  AT_CALIPER_ALONE,
  BLEED_METHODS,
  bleedRule,
  FIRST_BLEEDS,
  FLUSHING,
  ofBleedProcedures,
  type BleedMethod,
  type FirstBleed,
} from '../fluid/bleedMethods';
import { stepRule, STEPS, type StepId } from './steps';

interface ProcedureOf<Id extends string> {
  /** What it usually takes on its own; a shop charges by it. Our choice [D]. */
  minutes: number;
  /** Procedures that do its work on their way: with one of them it is not recommended besides. */
  doneBy: readonly Id[];
  steps: readonly StepId[];
  /** Steps of it that are not begun before what is put on is known to fit, reckoned [P]. */
  fitFirst: readonly StepId[];
  /** Kinds of brake that have such work. */
  only: readonly Actuation[];
  /** What choosing it says of the brake: centring is asked for because it is not centred. */
  finds: Partial<BrakeState>;
  /** The kind of brake that it makes of another; null where it stays what it is. */
  makes: Actuation | null;
  /** Both ends are set up together. */
  bothEnds: boolean;
  /** Done so often that it is offered before anybody asks for all there is. Our choice [D]. */
  often: boolean;
}

const HYDRAULIC = ['hydraulic'] as const satisfies readonly Actuation[];
/** Brakes with fluid in them, wherever it is. */
const WET = ['hydraulic', 'cable-pulled-hydraulic'] as const satisfies readonly Actuation[];
const CABLE = ['cable', 'cable-pulled-hydraulic'] as const satisfies readonly Actuation[];
const NEW_ROTOR = [
  'rotor-off',
  'clean-hub-face',
  'new-rotor-on',
  'torque-rotor',
  'runout-check',
] as const;
/** The lever tells how much air there was, and how much is left. */
const TESTED = ['sponge-test-before', 'sponge-test'] as const;
/** The joint at the caliper, closed with what it takes there. */
const JOIN_AT_CALIPER = ['olive-at-caliper', 'new-banjo-seals', 'join-at-caliper'] as const;
/** What a new brake or caliper gets: pads of its own, never the old ones by default. */
const NEW_PADS = ['wind-back-adjusters', 'new-pads-in'] as const;
const REMAKE_AT_LEVER = ['open-at-lever', 'new-olive', 'join-at-lever'] as const;
const CUT_AND_JOIN = ['cut-hose', 'new-barb', 'new-olive', 'join-at-lever'] as const;

/** The procedures that flush. */
const FLUSHES = BLEED_METHODS.filter((method) => bleedRule(method).flushes).map(
  (method) => bleedRule(method).procedure,
);
/** A bleed that can begin and sends nothing through the whole brake: whatever flushes does more. */
const isTopUp = (method: BleedMethod) => bleedRule(method).begins && !bleedRule(method).flushes;

/**
 * Every procedure of the bench, in the order in which they follow when done one after the other: dirty before clean,
 * fluid before pads. Common practice [P].
 */
const PROCEDURES = {
  inspect: {
    minutes: 10,
    doneBy: [],
    steps: ['inspect'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'clean-caliper': {
    minutes: 10,
    doneBy: ['change-caliper', 'reseal-caliper'],
    steps: ['clean-caliper'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'straighten-fins': {
    minutes: 8,
    doneBy: ['change-pads'],
    steps: ['straighten-fins'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'strip-track': {
    minutes: 12,
    doneBy: [],
    steps: ['clean-rotor', 'measure-after-cleaning'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'clean-pads-and-rotor': {
    minutes: 15,
    doneBy: [],
    steps: ['clean-rotor', 'clean-pads', 'measure-after-cleaning'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'dress-mount': {
    minutes: 25,
    doneBy: [],
    steps: ['dress-mount'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { aligned: false },
    makes: null,
    bothEnds: false,
    often: false,
  },
  'service-pistons': {
    minutes: 20,
    doneBy: ['change-caliper', 'reseal-caliper'],
    steps: ['push-pistons-out', 'exercise-pistons'],
    fitFirst: [],
    only: WET,
    finds: {},
    makes: null,
    bothEnds: false,
    often: true,
  },
  'fit-hydraulic': {
    minutes: 60,
    doneBy: [],
    steps: ['strip-brake', 'new-brake-on', ...CUT_AND_JOIN, ...NEW_PADS, 'set-levers'],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'cable-to-hydraulic': {
    minutes: 90,
    doneBy: [],
    steps: [
      'stop-test-before',
      'strip-brake',
      'new-brake-on',
      ...CUT_AND_JOIN,
      ...NEW_PADS,
      'throttle-back',
      'set-levers',
      'stop-test-after',
    ],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: 'hydraulic',
    bothEnds: false,
    often: false,
  },
  'change-caliper': {
    minutes: 45,
    doneBy: [],
    steps: [
      'open-at-caliper',
      'new-caliper-on',
      ...JOIN_AT_CALIPER,
      'cable-out',
      'new-cable-caliper-on',
      'new-cable-in',
      ...NEW_PADS,
      'fixed-pad-gap',
      'cable-slack',
    ],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'change-lever': {
    minutes: 40,
    doneBy: [],
    steps: [
      'open-at-lever',
      'new-lever-on',
      'new-olive',
      'join-at-lever',
      'cable-out',
      'new-cable-lever-on',
      'new-cable-in',
      'set-levers',
      'cable-slack',
    ],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'reseal-caliper': {
    minutes: 60,
    doneBy: ['change-caliper'],
    steps: ['open-at-caliper', 'rebuild-caliper', ...JOIN_AT_CALIPER],
    fitFirst: [],
    only: WET,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'reseal-lever': {
    minutes: 55,
    doneBy: ['change-lever'],
    steps: [...REMAKE_AT_LEVER, 'rebuild-lever', 'set-levers'],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'renew-hose': {
    minutes: 45,
    doneBy: [],
    steps: [
      'open-at-lever',
      'open-at-caliper',
      'route-new-hose',
      ...CUT_AND_JOIN,
      ...JOIN_AT_CALIPER,
    ],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'renew-hose-inside': {
    minutes: 70,
    doneBy: [],
    steps: [
      'open-at-lever',
      'open-at-caliper',
      'olive-at-caliper',
      'new-banjo-seals',
      'join-off-frame',
      'route-inside',
      ...CUT_AND_JOIN,
      'bearing-play',
    ],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'lever-off-bar': {
    minutes: 20,
    doneBy: [],
    steps: ['peel-tape', 'lever-off-bar', 'lever-on-bar', 'wrap-tape'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'shorten-hose': {
    minutes: 30,
    doneBy: [],
    steps: ['open-at-lever', ...CUT_AND_JOIN],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'reroute-hose': {
    minutes: 10,
    doneBy: [],
    steps: ['reroute-hose'],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'remake-at-lever': {
    minutes: 25,
    doneBy: ['change-lever', 'reseal-lever', 'renew-hose', 'shorten-hose'],
    steps: REMAKE_AT_LEVER,
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'remake-at-caliper': {
    minutes: 35,
    doneBy: ['change-caliper', 'reseal-caliper', 'renew-hose'],
    steps: ['open-at-caliper', ...JOIN_AT_CALIPER],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'swap-sides': {
    minutes: 30,
    doneBy: [],
    steps: ['open-at-lever', 'hose-over', 'new-olive', 'join-at-lever'],
    fitFirst: [],
    only: HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: true,
    often: false,
  },
  ...ofBleedProcedures((method) => ({
    minutes: bleedRule(method).minutes,
    doneBy: isTopUp(method) ? FLUSHES : [],
    steps: [...TESTED, ...bleedRule(method).after, method],
    fitFirst: [],
    only: bleedRule(method).atCaliperAlone ? WET : HYDRAULIC,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  })),
  'go-up-a-size': {
    minutes: 25,
    doneBy: [],
    steps: [...NEW_ROTOR, 'adapter-on', 'radial-check', 'witness-ring'],
    fitFirst: ['rotor-off', 'adapter-on', 'new-rotor-on'],
    only: ACTUATIONS,
    finds: { aligned: false },
    makes: null,
    bothEnds: false,
    often: false,
  },
  'change-rotor': {
    minutes: 15,
    doneBy: [],
    steps: NEW_ROTOR,
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: true,
  },
  'refit-rotor': {
    minutes: 15,
    doneBy: ['change-rotor'],
    steps: ['rotor-off', 'clean-hub-face', 'rotor-on', 'torque-rotor', 'runout-check'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'radial-check': {
    minutes: 12,
    doneBy: [],
    steps: ['radial-check', 'washers-on', 'radial-check-after', 'witness-ring'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { aligned: false },
    makes: null,
    bothEnds: false,
    often: false,
  },
  'reset-pads': {
    minutes: 8,
    doneBy: ['change-pads'],
    steps: ['wind-back-adjusters'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'change-pads': {
    minutes: 12,
    doneBy: [],
    steps: ['wind-back-adjusters', 'new-pads-in'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: true,
  },
  'renew-cable': {
    minutes: 25,
    doneBy: [],
    steps: ['cable-out', 'new-housing', 'new-cable-in', 'fixed-pad-gap', 'cable-slack'],
    fitFirst: [],
    only: CABLE,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'set-up-cable': {
    minutes: 12,
    doneBy: ['renew-cable'],
    steps: ['fixed-pad-gap', 'cable-slack'],
    fitFirst: [],
    only: CABLE,
    finds: {},
    makes: null,
    bothEnds: false,
    often: true,
  },
  'true-rotor': {
    minutes: 12,
    doneBy: ['change-rotor'],
    steps: ['true-rotor', 'runout-check'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'adjust-hub': {
    minutes: 12,
    doneBy: [],
    steps: ['adjust-hub'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'tension-spokes': {
    minutes: 12,
    doneBy: [],
    steps: ['tension-spokes'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'seat-axle': {
    minutes: 3,
    doneBy: [],
    steps: ['seat-axle'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
  'tighten-bolts': {
    minutes: 10,
    doneBy: [],
    steps: ['retorque-bolts'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { aligned: false },
    makes: null,
    bothEnds: false,
    often: false,
  },
  'tighten-lever': {
    minutes: 4,
    doneBy: [],
    steps: [],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { leverClamp: 'loose' },
    makes: null,
    bothEnds: false,
    often: false,
  },
  align: {
    minutes: 8,
    doneBy: [],
    steps: [],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { aligned: false },
    makes: null,
    bothEnds: false,
    often: true,
  },
  'set-levers': {
    minutes: 10,
    doneBy: [],
    steps: ['set-levers'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: true,
    often: false,
  },
  'bed-in': {
    minutes: 12,
    doneBy: [],
    steps: ['witness-ring'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: { bedded: false },
    makes: null,
    bothEnds: false,
    often: false,
  },
  'final-check': {
    minutes: 10,
    doneBy: [],
    steps: ['careful-ride'],
    fitFirst: [],
    only: ACTUATIONS,
    finds: {},
    makes: null,
    bothEnds: false,
    often: false,
  },
} as const satisfies Record<string, ProcedureOf<string>>;

export type ProcedureId = keyof typeof PROCEDURES;
type ProcedureRule = ProcedureOf<ProcedureId>;
export const PROCEDURE_IDS = Object.keys(PROCEDURES) as ProcedureId[];

const RULES: Readonly<Record<ProcedureId, ProcedureRule>> = PROCEDURES;
export function procedureRule(id: ProcedureId): ProcedureRule {
  return RULES[id];
}

/** Whether a procedure can be done on a brake of this kind. */
export function suitsBrake(id: ProcedureId, actuation: Actuation): boolean {
  return procedureRule(id).only.includes(actuation);
}

/** The brake that what was chosen is for: as it will be, where another kind is put on. */
export function brakeFor(chosen: readonly ProcedureId[], brake: BrakeKind): BrakeKind {
  const makes = chosen.flatMap((id) => procedureRule(id).makes ?? []).at(-1);
  return makes && makes !== brake.actuation ? { actuation: makes, banjo: false } : brake;
}

const setsOf = (id: StepId) => STEPS[id].sets as Partial<BrakeState>;

/**
 * The work one end needs for what was chosen there: every step that its brake has, once; a bleed where a joint is opened and
 * none was chosen, which where nothing but the lever's end was opened is a top-up first [P]; a careful ride at the end of
 * everything, and a look at the witness ring where something is bedded in.
 * @param bleed how this brake is flushed when nobody chose
 */
export function workFor(
  chosen: readonly ProcedureId[],
  bleed: FirstBleed,
  brake: BrakeKind,
): StepId[] {
  if (chosen.length === 0) return [];
  const steps = chosen.flatMap((id) => procedureRule(id).steps);
  const work = new Set<StepId>(steps.filter((id) => isFor(stepRule(id).on, brake)));
  for (const id of work) for (const needless of stepRule(id).insteadOf) work.delete(needless);
  const way = brake.actuation === 'hydraulic' ? bleed : AT_CALIPER_ALONE;
  const opens = [...work].some((id) => setsOf(id).system === 'opened');
  const drains = [...work].some((id) => setsOf(id).drained);
  const flushes = () => FLUSHING.some((id) => work.has(id));
  if (opens && !FIRST_BLEEDS.some((id) => work.has(id))) work.add(drains ? way : 'top-up');
  // A system that was touched is not tried before its lever's number.
  const touched = [...work].some((id) =>
    stepRule(id).touches.some((each) => SYSTEM.includes(each)),
  );
  if (touched && brake.actuation !== 'cable') work.add('sponge-test');
  if ((drains || AFTER_A_FLUSH.some((id) => work.has(id))) && !flushes()) {
    for (const id of FIRST_BLEEDS) work.delete(id);
    work.add(bleedRule(way).flushes ? way : bleedRule(way).next);
  }
  if ([...work].some((id) => setsOf(id).bedded === false)) work.add('witness-ring');
  work.add('careful-ride');
  return [...work];
}
