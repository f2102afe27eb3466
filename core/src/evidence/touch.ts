/** What of a brake work can change. What was proven of it before then proves nothing any more. */
export const TOUCHES = [
  /** Another rotor, or other pads. */
  'rotor',
  'pads',
  /** Their faces abraded. */
  'rotor-face',
  'pad-face',
  /** The rotor off its seat, or what holds it loose. */
  'rotor-seat',
  'rotor-true',
  'axle',
  /** The caliper loose, moved or taken off. */
  'caliper',
  'caliper-changed',
  'mount',
  'pistons',
  'opened-at-lever',
  'opened-at-caliper',
  'fluid',
  'joint',
  'hose',
  /** Led another way, and not opened. */
  'hose-route',
  /** The lever moved on its bar, off it, or another one. */
  'lever-place',
  'lever-off',
  'lever-changed',
  /** Another brake that the lever works takes another travel now. */
  'lever-travel',
  'throttle',
  'cable',
  /** Which lever works which brake, as it is written down. */
  'lever-side',
  /** Out of the shop: ridden, and in anybody's hands. */
  'away',
] as const;
export type Touch = (typeof TOUCHES)[number];

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
/** What brakes on one lever share. */
export const OF_THE_LEVER: readonly Touch[] = [
  'opened-at-lever',
  'opened-at-caliper',
  'fluid',
  'joint',
  'hose',
  'lever-place',
  'lever-off',
  'lever-changed',
  'throttle',
  'cable',
];
/** What at one brake of a lever changes how far it goes at all of them. */
export const OF_ITS_TRAVEL: readonly Touch[] = ['pads', 'rotor', 'pistons', 'caliper-changed'];
/** What the rotor sits on and turns with. */
export const SEAT: readonly Touch[] = ['rotor', 'rotor-seat', 'rotor-true', 'axle'];
