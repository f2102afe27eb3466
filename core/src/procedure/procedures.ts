import type { Actuation } from '../kit/actuation';
import type { BrakeState } from '../plan/state';
import {
  AFTER_A_FLUSH,
  bleedRule,
  FIRST_BLEEDS,
  FLUSHING,
  ofBleedProcedures,
  type FirstBleed,
} from '../fluid/bleedMethods';
import { STEPS, type StepId } from './steps';

interface ProcedureRule {
  steps: readonly StepId[];
  /** Left out for every kind of brake. */
  only?: readonly Actuation[];
  /** What choosing it says of the brake: centring is asked for because it is not centred. */
  finds?: Partial<BrakeState>;
  /** Both ends are set up together. */
  bothEnds?: true;
}

const HYDRAULIC = ['hydraulic'] as const satisfies readonly Actuation[];
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
const CUT_AND_JOIN = ['cut-hose', 'new-barb', 'new-olive', 'join-at-lever'] as const;

/**
 * Every procedure of the bench, in the order in which they follow when done one after the other: dirty before clean,
 * fluid before pads. Common practice [P].
 */
export const PROCEDURES = {
  inspect: { steps: ['inspect'] },
  'clean-caliper': { steps: ['clean-caliper'] },
  'clean-pads-and-rotor': { steps: ['clean-rotor', 'clean-pads', 'measure-after-cleaning'] },
  'dress-mount': { steps: ['dress-mount'], finds: { aligned: false } },
  'service-pistons': { steps: ['push-pistons-out', 'exercise-pistons'], only: HYDRAULIC },
  'fit-hydraulic': {
    steps: ['strip-brake', 'new-brake-on', ...CUT_AND_JOIN, 'set-levers'],
    only: HYDRAULIC,
  },
  'cable-to-hydraulic': {
    steps: [
      'stop-test-before',
      'strip-brake',
      'new-brake-on',
      ...CUT_AND_JOIN,
      'throttle-back',
      'set-levers',
      'stop-test-after',
    ],
  },
  'change-caliper': {
    steps: ['open-at-caliper', 'new-caliper-on', 'new-olive', 'join-at-caliper'],
    only: HYDRAULIC,
  },
  'renew-hose': {
    steps: [
      'open-at-lever',
      'open-at-caliper',
      'route-new-hose',
      ...CUT_AND_JOIN,
      'join-at-caliper',
    ],
    only: HYDRAULIC,
  },
  'renew-hose-inside': {
    steps: [
      'open-at-lever',
      'open-at-caliper',
      'bench-olive',
      'join-off-frame',
      'route-inside',
      ...CUT_AND_JOIN,
      'bearing-play',
    ],
    only: HYDRAULIC,
  },
  'lever-off-bar': { steps: ['peel-tape', 'lever-off-bar', 'lever-on-bar', 'wrap-tape'] },
  'shorten-hose': { steps: ['open-at-lever', ...CUT_AND_JOIN], only: HYDRAULIC },
  'remake-joint': { steps: ['open-at-lever', 'new-olive', 'join-at-lever'], only: HYDRAULIC },
  ...ofBleedProcedures((method) => ({
    steps: [...TESTED, ...bleedRule(method).after, method],
    only: HYDRAULIC,
  })),
  'go-up-a-size': {
    steps: [...NEW_ROTOR, 'adapter-on', 'radial-check', 'witness-ring'],
    finds: { aligned: false },
  },
  'change-rotor': { steps: NEW_ROTOR },
  'refit-rotor': {
    steps: ['rotor-off', 'clean-hub-face', 'rotor-on', 'torque-rotor', 'runout-check'],
  },
  'change-pads': { steps: ['wind-back-adjusters', 'new-pads-in'] },
  'renew-cable': {
    steps: ['cable-out', 'new-housing', 'new-cable-in', 'fixed-pad-gap', 'cable-slack'],
    only: CABLE,
  },
  'set-up-cable': { steps: ['fixed-pad-gap', 'cable-slack'], only: CABLE },
  'true-rotor': { steps: ['true-rotor', 'runout-check'] },
  align: { steps: [], finds: { aligned: false } },
  'set-levers': { steps: ['set-levers'], bothEnds: true },
  'bed-in': { steps: ['witness-ring'], finds: { bedded: false } },
  'final-check': { steps: ['careful-ride'] },
} as const satisfies Record<string, ProcedureRule>;

export type ProcedureId = keyof typeof PROCEDURES;
export const PROCEDURE_IDS = Object.keys(PROCEDURES) as ProcedureId[];

const RULES: Readonly<Record<ProcedureId, ProcedureRule>> = PROCEDURES;
export function procedureRule(id: ProcedureId): ProcedureRule {
  return RULES[id];
}

/** Whether a procedure can be done on a brake of this kind. */
export function suitsBrake(id: ProcedureId, actuation: Actuation): boolean {
  const only = procedureRule(id).only;
  return !only || only.includes(actuation);
}

/** What is replaced is not cleaned first. */
const REPLACED: readonly (readonly [StepId, StepId])[] = [
  ['clean-pads', 'new-pads-in'],
  ['clean-rotor', 'new-rotor-on'],
];

/**
 * The work one end needs for what was chosen there: every step once, a bleed where a joint is opened and none was
 * chosen, a careful ride at the end of everything, and a look at the witness ring where something is bedded in.
 * @param bleed how this brake is bled when nobody chose
 */
export function workFor(chosen: readonly ProcedureId[], bleed: FirstBleed): StepId[] {
  if (chosen.length === 0) return [];
  const work = new Set<StepId>(chosen.flatMap((id) => procedureRule(id).steps));
  for (const [old, renewed] of REPLACED) if (work.has(renewed)) work.delete(old);
  const opens = [...work].some((id) => (STEPS[id].sets as Partial<BrakeState>).system === 'opened');
  if (opens && !FIRST_BLEEDS.some((id) => work.has(id))) {
    work.add(bleed);
    work.add('sponge-test');
  }
  if (AFTER_A_FLUSH.some((id) => work.has(id)) && !FLUSHING.some((id) => work.has(id))) {
    for (const id of FIRST_BLEEDS) work.delete(id);
    work.add(bleedRule(bleed).flushes ? bleed : bleedRule(bleed).next);
  }
  if ([...work].some((id) => (STEPS[id].sets as Partial<BrakeState>).bedded === false))
    work.add('witness-ring');
  work.add('careful-ride');
  return [...work];
}
