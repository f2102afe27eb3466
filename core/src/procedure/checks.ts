import type { Touch } from '../evidence/touch';
import type { FastenedBrake } from './hold';

export interface CheckedBrake extends FastenedBrake {
  motor: boolean;
}

type After = 'any-work' | 'what-touched-it';

interface CheckRule {
  /** Every bolt is ticked whenever an end was worked on; the rest after a step whose row names it. */
  after: (brake: CheckedBrake) => After;
  /** A brake may have been made without it, by what of it was touched at this visit: never a bolt or a joint, nor what was put back [D]. */
  mayBeAbsent: (touched: readonly Touch[]) => boolean;
  /** Brakes that have it. */
  on: (brake: CheckedBrake) => boolean;
}

const ANY_WORK = (): After => 'any-work';
const WHAT_TOUCHED_IT = (): After => 'what-touched-it';
const ALWAYS_THERE = () => false;
const MAY_LACK = () => true;
const EVERY_BRAKE = () => true;
const HAS_FLUID = ({ actuation }: CheckedBrake) => actuation !== 'cable';
const HAS_HOSE = ({ actuation }: CheckedBrake) => actuation === 'hydraulic';
const HAS_CABLE = ({ actuation }: CheckedBrake) => actuation !== 'hydraulic';

/**
 * What is ticked by name before a bike leaves: bolts, caps and clips, and what the hand feels. Common practice [P]. In the order in which
 * the hand goes, from the wheel to the bar.
 */
const RULES = {
  'axle-seated': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
  'rotor-bolts': {
    after: ANY_WORK,
    mayBeAbsent: ALWAYS_THERE,
    on: ({ hold }) => hold === 'six-bolt',
  },
  'rotor-lockring': {
    after: ANY_WORK,
    mayBeAbsent: ALWAYS_THERE,
    on: ({ hold }) => hold === 'lockring',
  },
  'sensor-gap': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: ({ motor }) => motor },
  'caliper-bolts': { after: ANY_WORK, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
  // No other mount has to have one: there it is ticked where one was put on.
  'adapter-bolts': {
    after: ({ mount }) => (mount === 'is' ? 'any-work' : 'what-touched-it'),
    mayBeAbsent: ALWAYS_THERE,
    on: EVERY_BRAKE,
  },
  'safety-clip': {
    after: WHAT_TOUCHED_IT,
    mayBeAbsent: MAY_LACK,
    on: ({ mount }) => mount === 'flat',
  },
  'pad-pin-clip': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: EVERY_BRAKE },
  'pad-spring': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: EVERY_BRAKE },
  'nipple-shut-cap': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: HAS_FLUID },
  'pinch-bolt': { after: ANY_WORK, mayBeAbsent: ALWAYS_THERE, on: HAS_CABLE },
  'cable-end-cap': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: HAS_CABLE },
  'no-drag': { after: ANY_WORK, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
  'hose-joint-dry': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: HAS_HOSE },
  'hose-guides': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: EVERY_BRAKE },
  'port-screw-o-ring': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: HAS_FLUID },
  'lever-clamp': { after: ANY_WORK, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
  'lever-hood': { after: WHAT_TOUCHED_IT, mayBeAbsent: MAY_LACK, on: EVERY_BRAKE },
  'throttle-springs-back': {
    after: WHAT_TOUCHED_IT,
    mayBeAbsent: (touched) => !touched.includes('throttle'),
    on: ({ motor }) => motor,
  },
  'bar-and-stem': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
  'bar-turns-free': { after: WHAT_TOUCHED_IT, mayBeAbsent: ALWAYS_THERE, on: EVERY_BRAKE },
} as const satisfies Record<string, CheckRule>;

export type Check = keyof typeof RULES;
export const CHECKS = Object.keys(RULES) as Check[];

export function checkRule(check: Check): CheckRule {
  return RULES[check];
}
