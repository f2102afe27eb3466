import { ENDS, USUAL_ENDS, type End, type UsualEnd } from '../ends';
import type { Bike, BrakeType, Material, NO_THIRD, SharedLever, ThirdPlace } from './bike';

// What a bike's page says of its brakes, asked end by end.

const AXLE_OF: Readonly<Record<ThirdPlace, UsualEnd>> = {
  'right-front': 'front',
  'right-rear': 'rear',
  'second-rear': 'rear',
};

/** The side an end is on where two wheels share an axle, as the rider sees it; null where it is the only one there. */
export function sideOf(
  { thirdBrake, thirdPlace }: Pick<Bike, 'thirdBrake' | 'thirdPlace'>,
  end: End,
): 'left' | 'right' | null {
  if (thirdBrake === 'none' || thirdPlace === 'second-rear') return null;
  if (end === 'third') return 'right';
  return AXLE_OF[thirdPlace] === end ? 'left' : null;
}

const SHARED_BY: Readonly<Record<SharedLever, readonly End[]>> = {
  none: [],
  'front-rear': ['front', 'rear'],
  'front-third': ['front', 'third'],
  'rear-third': ['rear', 'third'],
};

/** What is written of a third brake and a shared lever: nothing of a bike that has neither. */
export const saidOfThird = ({
  thirdBrake,
  thirdPlace,
  sharedLever,
}: Pick<Bike, keyof typeof NO_THIRD>): Partial<Pick<Bike, keyof typeof NO_THIRD>> => ({
  ...(thirdBrake === 'none' ? {} : { thirdBrake, thirdPlace }),
  ...(sharedLever === 'none' ? {} : { sharedLever }),
});

const BRAKE_OF = {
  front: 'frontBrake',
  rear: 'rearBrake',
  third: 'thirdBrake',
} as const satisfies Record<End, keyof Bike>;
/** What brakes the wheel at an end. */
export const brakeTypeAt = (bike: Braked, end: End): BrakeType => bike[BRAKE_OF[end]];
type Braked = Pick<Bike, (typeof BRAKE_OF)[End]>;
/** Whether an end has a brake that is judged here. */
export const hasDisc = (bike: Braked, end: End): boolean => brakeTypeAt(bike, end) === 'disc';
/** The ends a bike has: the usual two, whatever brakes them, and a third only where there is one. */
export const endsOf = (bike: Pick<Bike, 'thirdBrake'>): readonly End[] =>
  bike.thirdBrake === 'none' ? USUAL_ENDS : ENDS;

/** Of the ends a bike has, those with a brake that is judged here. */
export const discsOf = (bike: Braked): readonly End[] =>
  endsOf(bike).filter((end) => hasDisc(bike, end));

/** The axle an end's measures go by: a mount, a hose and a stand know a front and a rear. */
export const axleOf = ({ thirdPlace }: Pick<Bike, 'thirdPlace'>, end: End): UsualEnd =>
  end === 'third' ? AXLE_OF[thirdPlace] : end;

/** The ends whose brakes the lever of this one works, itself among them. */
export function onOneLever(
  { sharedLever, thirdBrake }: Pick<Bike, 'sharedLever' | 'thirdBrake'>,
  end: End,
): readonly End[] {
  const shared = SHARED_BY[sharedLever];
  const there = endsOf({ thirdBrake });
  return shared.includes(end) && shared.every((each) => there.includes(each)) ? shared : [end];
}

/** An end for each lever of a bike. */
export const leversOf = (bike: Pick<Bike, 'sharedLever' | 'thirdBrake'>): readonly End[] =>
  endsOf(bike).filter((end) => onOneLever(bike, end)[0] === end);

const MATERIAL_OF = { front: 'forkMaterial', rear: 'frameMaterial' } as const satisfies Record<
  UsualEnd,
  keyof Bike
>;
/** What the mount of an end is made of; null while nobody said. */
export const mountMaterial = (
  bike: Pick<Bike, 'forkMaterial' | 'frameMaterial' | 'thirdPlace'>,
  end: End,
): Material | null => bike[MATERIAL_OF[axleOf(bike, end)]];

type AskedBike = Pick<
  Bike,
  | 'motor'
  | 'frontBrake'
  | 'rearBrake'
  | 'thirdBrake'
  | 'thirdPlace'
  | 'sharedLever'
  | 'forkMaterial'
  | 'frameMaterial'
>;

/** Whether two say the same of which brakes one lever works; a lever that would work a brake that is not there works none. */
const sameLevers = (one: AskedBike, other: AskedBike): boolean =>
  ENDS.every((end) => onOneLever(one, end).join() === onOneLever(other, end).join());

/** Which field of a bike asks for each end's brake. */
export const BRAKE_FIELD = {
  front: 'frontBrake',
  rear: 'rearBrake',
  third: 'thirdBrake',
} as const satisfies Record<End, keyof Bike>;

/**
 * What of a correction makes less be asked of a bike, the first of it; null where nothing does. Without a motor nobody tries its
 * cut-offs, a brake that is no disc is left alone, of brakes on one lever each answers for the other's air while the lever is tried
 * once, and what is not carbon may be filed. That takes a lead [D].
 */
export function easedBy(was: AskedBike, became: AskedBike): keyof AskedBike | null {
  if (was.motor && !became.motor) return 'motor';
  const gone = ENDS.find((end) => hasDisc(was, end) && !hasDisc(became, end));
  if (gone) return BRAKE_FIELD[gone];
  if (!sameLevers(was, became))
    return was.sharedLever === became.sharedLever ? 'thirdBrake' : 'sharedLever';
  const filed = ENDS.find(
    (end) => mountMaterial(was, end) === 'carbon' && mountMaterial(became, end) !== 'carbon',
  );
  if (!filed) return null;
  const axle = axleOf(was, filed);
  return axle === axleOf(became, filed) ? MATERIAL_OF[axle] : 'thirdPlace';
}
