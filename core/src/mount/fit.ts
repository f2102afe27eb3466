import { InputError } from '../inputError';
import type { UsualEnd } from '../ends';

/** What a caliper is bolted to. */
export const MOUNTS = ['post', 'flat', 'is'] as const;
export type Mount = (typeof MOUNTS)[number];

/** What decides whether a rotor fits. Sizes are diameters, mm. */
export interface FitAsked {
  end: UsualEnd;
  /** The fork's or the frame's mount, the rotor it takes with no adapter, and the sizes its maker allows; null where unknown. */
  mount: Mount;
  nativeMm: number;
  smallestMm: number | null;
  largestMm: number | null;
  /** The face of the caliper, and how many pistons it has. */
  caliper: { face: 'post' | 'flat'; pistons: number };
  hub: 'six-bolt' | 'lockring';
  rotor: { sizeMm: number; hold: 'six-bolt' | 'lockring'; construction: 'one-piece' | 'two-piece' };
}

export type FitRefusal =
  /** Whatever bolts on, it is never over what fork or frame allow, nor under. */
  | { code: 'over-largest'; mostMm: number }
  | { code: 'under-smallest'; leastMm: number }
  /** A rotor of six bolts on a splined hub, or the other way round. */
  | { code: 'other-hub' }
  /** The caliper's face is not one of this mount's. */
  | { code: 'other-face' }
  /** No adapter and washers make this step. */
  | { code: 'no-stack' };

/** What is minded of a rotor that fits. */
export type FitFlag =
  /** Nobody knows the largest size that is allowed: the maker is asked before it is ridden. */
  | 'largest-unknown'
  /** Rivets of a two-piece rotor beside a caliper of four pistons: room is looked at by hand. */
  | 'rivet-room'
  /** An adapter's arrow, and the size printed on a plate, are looked at. */
  | 'up-mark'
  | 'printed-size';

/** What goes between mount and caliper, from the mount outward. */
export interface Stack {
  /** An adapter, by the step it makes, mm of diameter; an IS adapter by its twin at the other end. Null for none. */
  adapter: { code: 'step' | 'is' | 'plate'; forMm: number; twinMm: number | null } | null;
  /** Washers under each side, mm. */
  washersMm: number[];
}

export type Fit =
  | { fits: false; because: FitRefusal }
  | {
      fits: true;
      stack: Stack;
      /** How far the caliper moves outward, mm: half of what the rotor grows by. */
      outwardMm: number;
      flags: FitFlag[];
    };

/** Steps that adapters of a post mount make, mm of diameter: to the next sizes [P]. */
const POST_STEPS = [20, 40, 60] as const;
/** Sizes that a flat mount takes with its plates; straight on where none is wanted [P]. */
const FLAT_PLATES: Readonly<Record<UsualEnd, readonly number[]>> = {
  front: [140, 160, 180],
  rear: [160, 180],
};
/** Sizes that IS adapters are made for at the front; at the rear each serves the next size down [M]. */
const IS_FRONT = [160, 180, 200, 220] as const;
const IS_TWIN_MM = 20;
/** A rotor of 203 on a stack made for 200: a washer of half the difference under each side [P]. */
const ODD_MM = 3;

/** Sizes that rotors are made in lie between these, mm of diameter [D]. */
export const ROTOR_SIZES_MM = { least: 100, most: 260 } as const;

/**
 * Holds the sizes of a fit against what is made, as they are written down: by a digit too many any rotor would be allowed.
 * @throws InputError `out-of-range` at `native`, `smallest`, `largest` or `rotor`
 */
export function plausibleSizes(asked: Omit<FitAsked, 'end'>): void {
  const { nativeMm: native, smallestMm: smallest, largestMm: largest } = asked;
  const { least, most } = ROTOR_SIZES_MM;
  for (const [field, mm] of Object.entries({
    native,
    smallest,
    largest,
    rotor: asked.rotor.sizeMm,
  }))
    if (mm !== null && !(mm >= least && mm <= most))
      throw new InputError('out-of-range', field, { least, most });
}

/**
 * Whether a rotor fits a fork or a frame, and what goes between. Common practice [P]; IS twins from memory [M].
 * @throws InputError `not-positive` of a size that is none, `sizes-reversed` of a largest under the smallest
 */
export function fitOf(asked: FitAsked): Fit {
  const { nativeMm, smallestMm, largestMm, rotor } = asked;
  for (const [field, value] of Object.entries({ native: nativeMm, size: rotor.sizeMm }))
    if (!(value > 0 && value < 400)) throw new InputError('not-positive', field, { value });
  if (smallestMm !== null && largestMm !== null && largestMm < smallestMm)
    throw new InputError('sizes-reversed', 'largest', { smallestMm, largestMm });
  const refused = (because: FitRefusal): Fit => ({ fits: false, because });
  if (largestMm !== null && rotor.sizeMm > largestMm)
    return refused({ code: 'over-largest', mostMm: largestMm });
  if (rotor.sizeMm < (smallestMm ?? nativeMm))
    return refused({ code: 'under-smallest', leastMm: smallestMm ?? nativeMm });
  if (asked.hub !== rotor.hold) return refused({ code: 'other-hub' });
  if ((asked.caliper.face === 'flat') !== (asked.mount === 'flat'))
    return refused({ code: 'other-face' });
  const stack = stackFor(asked);
  if (!stack) return refused({ code: 'no-stack' });
  const flags: FitFlag[] = [
    ...(largestMm === null ? (['largest-unknown'] as const) : []),
    ...(rotor.construction === 'two-piece' && asked.caliper.pistons >= 4
      ? (['rivet-room'] as const)
      : []),
    ...(stack.adapter ? (['up-mark'] as const) : []),
    ...(stack.adapter?.code === 'plate' ? (['printed-size'] as const) : []),
  ];
  return { fits: true, stack, outwardMm: (rotor.sizeMm - nativeMm) / 2, flags };
}

function stackFor({ end, mount, nativeMm, rotor }: FitAsked): Stack | null {
  const even = rotor.sizeMm % 10 === ODD_MM ? rotor.sizeMm - ODD_MM : rotor.sizeMm;
  const washersMm = even === rotor.sizeMm || rotor.sizeMm === nativeMm ? [] : [ODD_MM / 2];
  if (mount === 'is') {
    const forMm = end === 'front' ? even : even + IS_TWIN_MM;
    if (!(IS_FRONT as readonly number[]).includes(forMm)) return null;
    const twinMm = end === 'front' ? even - IS_TWIN_MM : even + IS_TWIN_MM;
    return { adapter: { code: 'is', forMm: even, twinMm }, washersMm };
  }
  if (rotor.sizeMm === nativeMm) return { adapter: null, washersMm: [] };
  if (mount === 'flat')
    return FLAT_PLATES[end].includes(rotor.sizeMm)
      ? { adapter: { code: 'plate', forMm: rotor.sizeMm, twinMm: null }, washersMm: [] }
      : null;
  if (even === nativeMm) return { adapter: null, washersMm };
  const step = even - nativeMm;
  return (POST_STEPS as readonly number[]).includes(step)
    ? { adapter: { code: 'step', forMm: step, twinMm: null }, washersMm }
    : null;
}

/** Height of a brake track, mm [D]: from its middle the pull is reckoned. */
const TRACK_MM = 14;

/**
 * How much more torque the same pull makes at the hub with another rotor, as a share: the pads pull at the middle of the track.
 * @example gainOf(160, 203) // 0.29
 */
export const gainOf = (fromMm: number, toMm: number): number =>
  (toMm - TRACK_MM) / (fromMm - TRACK_MM) - 1;
