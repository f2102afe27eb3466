import type { Area } from '../inspection/findings';
import type { Touch } from './touch';

/** What a look over an area lapses with: a part of it changed [D]. */
export const AREA_LAPSES: Readonly<Record<Area, readonly Touch[]>> = {
  rotor: ['rotor'],
  pads: ['pads'],
  caliper: ['caliper-changed'],
  leaks: ['joint', 'hose', 'hose-route', 'caliper-changed', 'lever-changed'],
  hose: ['hose', 'hose-route'],
  cable: ['cable'],
  fluid: ['fluid'],
  lever: ['lever-changed', 'lever-off'],
  bolts: [],
  mount: ['mount'],
  wheel: [],
};

/** Another individual of these: what was found on the old one stays with it. */
export const RENEWED_BY: Readonly<Record<Area, Touch | null>> = {
  // Rotor and pads are fitted as individuals, and their past goes with them.
  rotor: null,
  pads: null,
  caliper: 'caliper-changed',
  leaks: null,
  hose: null,
  cable: null,
  fluid: null,
  lever: null,
  bolts: null,
  mount: null,
  wheel: null,
};

export const CUT_OFF_LAPSES: readonly Touch[] = [
  'opened-at-lever',
  'lever-off',
  'lever-changed',
  'throttle',
];
export const LEVER_SIDE_LAPSES: readonly Touch[] = ['lever-side'];
/** What, done at two levers, can leave each working the other's brake [D]. */
export const CROSSED_BY: readonly Touch[] = [
  'lever-off',
  'lever-changed',
  'hose',
  'joint',
  'cable',
];
