import type { BrakeState } from '../plan/state';

/** The ways one end's brake is looked at, each with what of it can be seen there. Our choice [D]. */
const PARTS_IN = {
  /** From the side: wheel, caliper, hose and lever. */
  whole: [
    'wheel',
    'axle',
    'spokes',
    'rotor-bolts',
    'caliper',
    'caliper-bolts',
    'hose',
    'joints',
    'lever',
    'clamp',
  ],
  /** The bike, for what is done on the ground or on the road. */
  bike: ['bike', 'headset'],
  /** Across the caliper, seen from above: the rotor's edge runs between the pads. */
  caliper: [
    'pads',
    'pistons',
    'fixed-pad',
    'slot',
    'block',
    'spacer',
    'caliper',
    'caliper-bolts',
    'lever',
  ],
  /** On the bench: the rotor's face and the pads'. */
  'laid-out': ['track', 'pads', 'fins'],
  /** The mount from the side, with what stands between it and the caliper. */
  mount: ['mount', 'adapter', 'washers', 'caliper', 'edge'],
  /** The rotor face on, with the hub behind it. */
  rotor: ['rotor', 'rotor-bolts', 'track', 'hub-face', 'hub', 'dial'],
  /** Along the bar: clamp, reservoir, port and blade. */
  lever: ['lever', 'clamp-bolts', 'cup', 'fluid', 'blade', 'reach', 'adjuster'],
  'drop-bar': ['tape', 'lever'],
  /** The whole bar from above. */
  bar: ['levers', 'hose'],
  throttle: ['throttle', 'end-washer'],
  'joint-at-lever': ['hose', 'nut', 'olive', 'barb'],
  'joint-at-caliper': ['hose', 'nut', 'olive', 'seals'],
  /** Lever, hose and caliper as one run of fluid. */
  bleed: ['cup', 'syringe', 'fluid', 'nipple', 'lever'],
  cable: ['cable', 'housing', 'pinch-bolt', 'barrel', 'lever'],
  'caliper-bore': ['seals'],
  'lever-bore': ['seals'],
} as const satisfies Record<string, readonly string[]>;

export type View = keyof typeof PARTS_IN;
export const VIEWS = Object.keys(PARTS_IN) as View[];
type PartIn<V extends View> = (typeof PARTS_IN)[V][number];
export type FigurePart = PartIn<View>;

/** How a part is moved or worked at. */
export const MOTIONS = [
  'out',
  'in',
  'off',
  'on',
  'loosen',
  'tighten',
  'pull',
  'push-home',
  'push-out',
  'to-and-fro',
  'wipe',
  'measure',
  'look',
  'cut',
  'press',
  'bend',
  'tilt',
  'centre',
  'file',
  'route',
  'over',
  'up',
  'down',
  'open-and-shut',
  'turn',
  'ride',
] as const;
export type Motion = (typeof MOTIONS)[number];

export interface Stroke<P extends FigurePart = FigurePart> {
  on: P;
  how: Motion;
}

/** How a step is drawn: where one looks, and what is inked there. */
export type StepFigure = {
  [V in View]: { view: V; strokes: readonly Stroke<PartIn<V>>[] };
}[View];

/** What of a brake's state a view shows: the drawing is the state. */
export const SEEN_IN = {
  whole: ['wheel', 'rotor', 'caliper', 'hoseAtCaliper', 'hoseAtLever', 'leverClamp', 'cable'],
  bike: ['wheel'],
  caliper: ['wheel', 'rotor', 'caliper', 'aligned', 'pads', 'between', 'pistons', 'pistonsClean'],
  'laid-out': ['pads', 'rotor'],
  mount: ['caliper', 'wheel', 'rotor'],
  rotor: ['rotor', 'rotorTorqued', 'bedded'],
  lever: ['leverClamp', 'port'],
  'drop-bar': ['tape', 'leverClamp'],
  bar: ['leverClamp', 'hoseAtLever'],
  throttle: ['leverClamp'],
  'joint-at-lever': ['hoseAtLever', 'sealAtLever', 'barb'],
  'joint-at-caliper': ['hoseAtCaliper', 'sealAtCaliper'],
  bleed: ['port', 'nipple', 'between', 'system', 'drained'],
  cable: ['cable'],
  'caliper-bore': ['caliper'],
  'lever-bore': ['leverClamp'],
} as const satisfies Record<View, readonly (keyof BrakeState)[]>;
/** What of a state can be seen at all; the rest is known, and not drawn. */
export type SeenKey = (typeof SEEN_IN)[View][number];
