import type { Area } from '../inspection/findings';
import type { Measurand } from '../inspection/measurand';
import type { Touch } from './touch';

/** Opened, or its fluid moved: what was known of the air in it is known no more. */
export const SYSTEM: readonly Touch[] = [
  'opened-at-lever',
  'opened-at-caliper',
  'fluid',
  'joint',
  'hose',
  'lever-changed',
  'caliper-changed',
];
const SEAT: readonly Touch[] = ['rotor', 'rotor-seat', 'rotor-true', 'axle'];

/** What each measured proof lapses with [D]: then it says nothing of the brake as it is now. */
export const LAPSES: Readonly<Record<Measurand, readonly Touch[]>> = {
  rotor: ['rotor', 'rotor-face'],
  pads: ['pads', 'pad-face'],
  runout: SEAT,
  clearance: [...SEAT, 'caliper', 'caliper-changed', 'mount', 'pistons', 'pads'],
  lever: [...SYSTEM, 'pads', 'rotor', 'pistons', 'lever-place', 'lever-off', 'cable'],
  'mount-face': [],
};

/** What a look over an area lapses with: a part of it changed [D]. */
export const AREA_LAPSES: Readonly<Record<Area, readonly Touch[]>> = {
  rotor: ['rotor'],
  pads: ['pads'],
  caliper: ['caliper-changed'],
  leaks: ['joint', 'hose', 'caliper-changed', 'lever-changed'],
  hose: ['hose'],
  cable: ['cable'],
  fluid: ['fluid'],
  lever: ['lever-changed', 'lever-off'],
  bolts: [],
  mount: ['mount'],
};

/** Another individual of these: what was found on the old one stays with it. */
export const RENEWED_BY: Readonly<Partial<Record<Area, Touch>>> = {
  caliper: 'caliper-changed',
};

export const CUT_OFF_LAPSES: readonly Touch[] = [
  'opened-at-lever',
  'lever-off',
  'lever-changed',
  'throttle',
];
export const LEVER_SIDE_LAPSES: readonly Touch[] = ['lever-side'];
