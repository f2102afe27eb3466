import { standingTrial } from '../evidence/trials';
import type { FastenedBrake } from './hold';
import type { StepId } from './steps';

/** What is ticked by name before a bike leaves: bolts, caps and clips, and what the hand feels. */
export const CHECKS = [
  'caliper-bolts',
  'rotor-bolts',
  'rotor-lockring',
  'axle-seated',
  'lever-clamp',
  'adapter-bolts',
  'pinch-bolt',
  'bar-and-stem',
  'safety-clip',
  'pad-pin-clip',
  'pad-spring',
  'port-screw-o-ring',
  'nipple-shut-cap',
  'lever-hood',
  'hose-joint-dry',
  'hose-guides',
  'bar-turns-free',
  'cable-end-cap',
  'throttle-springs-back',
  'sensor-gap',
  'no-drag',
] as const;
export type Check = (typeof CHECKS)[number];

interface CheckRule {
  /** Steps that touched it: it is ticked after the last of them. */
  touched: readonly StepId[] | 'any';
  when?: (brake: CheckedBrake) => boolean;
}

export interface CheckedBrake extends FastenedBrake {
  motor: boolean;
}

/** A step as it was done at one end, by its place in the order of everything written to the job. */
export interface DoneAt {
  seq: number;
  step: StepId;
}

const FLUID: readonly StepId[] = ['bleed-kit-on', 'bleed-kit-off', 'new-brake-on'];
const AT_LEVER: readonly StepId[] = [...FLUID, 'top-up-cup-on', 'top-up-cup-off', 'open-at-lever'];
const JOINTS: readonly StepId[] = ['join-at-lever', 'join-at-caliper', 'join-off-frame'];
const PADS: readonly StepId[] = ['pads-out', 'pads-back', 'new-pads-in'];
const LEVER: readonly StepId[] = [
  'lever-loosen',
  'lever-tighten',
  'lever-off-bar',
  'strip-brake',
  'new-brake-on',
  'bearing-play',
];
const HOSE: readonly StepId[] = ['route-new-hose', 'route-inside', 'new-brake-on', 'new-housing'];

/** When each has to be ticked: every bolt whenever an end was worked on, the rest where it was opened. Common practice [P]. */
const RULES: Readonly<Record<Check, CheckRule>> = {
  'caliper-bolts': { touched: 'any' },
  'rotor-bolts': { touched: 'any', when: ({ hold }) => hold === 'six-bolt' },
  'rotor-lockring': { touched: 'any', when: ({ hold }) => hold === 'lockring' },
  'axle-seated': { touched: ['wheel-out', 'wheel-in', 'adjust-hub', 'seat-axle'] },
  'lever-clamp': { touched: 'any' },
  'adapter-bolts': { touched: 'any', when: ({ mount }) => mount === 'is' },
  'pinch-bolt': { touched: 'any', when: ({ actuation }) => actuation !== 'hydraulic' },
  'bar-and-stem': { touched: LEVER },
  'safety-clip': {
    touched: ['caliper-loosen', 'caliper-off', 'torque-caliper'],
    when: ({ mount }) => mount === 'flat',
  },
  'pad-pin-clip': { touched: PADS },
  'pad-spring': { touched: PADS },
  'port-screw-o-ring': { touched: AT_LEVER },
  'nipple-shut-cap': { touched: FLUID },
  'lever-hood': { touched: AT_LEVER },
  'hose-joint-dry': { touched: JOINTS },
  'hose-guides': { touched: HOSE },
  'bar-turns-free': { touched: ['cut-hose', ...HOSE] },
  'cable-end-cap': { touched: ['new-cable-in'] },
  'throttle-springs-back': { touched: ['throttle-back'], when: ({ motor }) => motor },
  'sensor-gap': { touched: ['wheel-in', 'new-rotor-on'], when: ({ motor }) => motor },
  'no-drag': { touched: 'any' },
};

/** How a thing was found; some of them a brake may have none of. */
export const TICKS = ['passed', 'failed', 'not-fitted'] as const;
export type Tick = (typeof TICKS)[number];

/** What a brake may have been made without: never a bolt, a joint or what is felt [D]. */
const MAY_BE_ABSENT: readonly Check[] = [
  'safety-clip',
  'pad-pin-clip',
  'pad-spring',
  'lever-hood',
  'hose-guides',
  'cable-end-cap',
  'sensor-gap',
];
export const mayBeAbsent = (check: Check): boolean => MAY_BE_ABSENT.includes(check);

/** What was ticked, and by when. */
export interface Ticked {
  seq: number;
  check: Check;
  outcome: Tick;
  words: string;
}

/** Steps that only look, ride or wrap: they undo no tick, and ask for none. */
export const TOUCHES_NOTHING: readonly StepId[] = [
  'stop-test-before',
  'sponge-test-before',
  'bolt-check',
  'hard-pull',
  'stand-test',
  'careful-ride',
  'bed-in',
  'witness-ring',
  'stop-test-after',
  'sponge-test',
  'wrap-tape',
];

/**
 * What has to be ticked by name at one end for the work that was done there, each with how it stands; a tick counts when
 * it is later than the last step that touched the thing, and after one that failed when it says what was done about it. What was in order before the bike was last away is ticked anew.
 * @param away where in the order it last was, or 0
 */
export function checksFor(
  brake: CheckedBrake,
  done: readonly DoneAt[],
  ticked: readonly Ticked[],
  away: number,
): { check: Check; stands: 'open' | 'passed' | 'failed' }[] {
  const work = done.filter(({ step }) => !TOUCHES_NOTHING.includes(step));
  if (work.length === 0) return [];
  return CHECKS.flatMap((check) => {
    const { touched, when } = RULES[check];
    if (when && !when(brake)) return [];
    const by = touched === 'any' ? work : work.filter(({ step }) => touched.includes(step));
    const last = by.at(-1);
    if (!last) return [];
    const since = ticked.filter((each) => each.check === check && each.seq > last.seq);
    const tick = standingTrial(since, (_failed, passed) => !!passed.words);
    const lapsed = tick !== null && tick.outcome !== 'failed' && tick.seq < away;
    const outcome = tick === null || lapsed ? 'open' : tick.outcome;
    return [{ check, stands: outcome === 'not-fitted' ? 'passed' : outcome }];
  });
}
