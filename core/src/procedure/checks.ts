import type { FastenedBrake } from './hold';

export interface CheckedBrake extends FastenedBrake {
  motor: boolean;
}

interface CheckRule {
  /** Every bolt is ticked whenever an end was worked on; the rest after a step whose row names it. */
  after: 'any-work' | 'what-touched-it';
  /** A brake may have been made without it: never a bolt, a joint or what is felt [D]. */
  mayBeAbsent: boolean;
  /** Brakes that have it. */
  on: (brake: CheckedBrake) => boolean;
}

const EVERY_BRAKE = () => true;
const HAS_FLUID = ({ actuation }: CheckedBrake) => actuation !== 'cable';
const HAS_HOSE = ({ actuation }: CheckedBrake) => actuation === 'hydraulic';
const HAS_CABLE = ({ actuation }: CheckedBrake) => actuation !== 'hydraulic';

/** What is ticked by name before a bike leaves: bolts, caps and clips, and what the hand feels. Common practice [P]. */
const RULES = {
  'caliper-bolts': { after: 'any-work', mayBeAbsent: false, on: EVERY_BRAKE },
  'rotor-bolts': { after: 'any-work', mayBeAbsent: false, on: ({ hold }) => hold === 'six-bolt' },
  'rotor-lockring': {
    after: 'any-work',
    mayBeAbsent: false,
    on: ({ hold }) => hold === 'lockring',
  },
  'axle-seated': { after: 'what-touched-it', mayBeAbsent: false, on: EVERY_BRAKE },
  'lever-clamp': { after: 'any-work', mayBeAbsent: false, on: EVERY_BRAKE },
  'adapter-bolts': { after: 'any-work', mayBeAbsent: false, on: ({ mount }) => mount === 'is' },
  'pinch-bolt': { after: 'any-work', mayBeAbsent: false, on: HAS_CABLE },
  'bar-and-stem': { after: 'what-touched-it', mayBeAbsent: false, on: EVERY_BRAKE },
  'safety-clip': {
    after: 'what-touched-it',
    mayBeAbsent: true,
    on: ({ mount }) => mount === 'flat',
  },
  'pad-pin-clip': { after: 'what-touched-it', mayBeAbsent: true, on: EVERY_BRAKE },
  'pad-spring': { after: 'what-touched-it', mayBeAbsent: true, on: EVERY_BRAKE },
  'port-screw-o-ring': { after: 'what-touched-it', mayBeAbsent: false, on: HAS_FLUID },
  'nipple-shut-cap': { after: 'what-touched-it', mayBeAbsent: false, on: HAS_FLUID },
  'lever-hood': { after: 'what-touched-it', mayBeAbsent: true, on: EVERY_BRAKE },
  'hose-joint-dry': { after: 'what-touched-it', mayBeAbsent: false, on: HAS_HOSE },
  'hose-guides': { after: 'what-touched-it', mayBeAbsent: true, on: EVERY_BRAKE },
  'bar-turns-free': { after: 'what-touched-it', mayBeAbsent: false, on: EVERY_BRAKE },
  'cable-end-cap': { after: 'what-touched-it', mayBeAbsent: true, on: HAS_CABLE },
  'throttle-springs-back': {
    after: 'what-touched-it',
    mayBeAbsent: false,
    on: ({ motor }) => motor,
  },
  'sensor-gap': { after: 'what-touched-it', mayBeAbsent: true, on: ({ motor }) => motor },
  'no-drag': { after: 'any-work', mayBeAbsent: false, on: EVERY_BRAKE },
} as const satisfies Record<string, CheckRule>;

export type Check = keyof typeof RULES;
export const CHECKS = Object.keys(RULES) as Check[];

export function checkRule(check: Check): CheckRule {
  return RULES[check];
}
