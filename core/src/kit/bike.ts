import { ENDS, USUAL_ENDS, type End, type UsualEnd } from '../ends';

export const TERRAINS = ['flat', 'rolling', 'hilly', 'steep'] as const;

/** What a frame or a fork is made of: it decides what may be done to a mount face. */
export const MATERIALS = ['aluminium', 'steel', 'titanium', 'carbon'] as const;
export type Material = (typeof MATERIALS)[number];

/** What brakes a wheel. Only a disc is judged here; any other is named, and left alone. */
export const BRAKE_TYPES = ['disc', 'rim', 'drum', 'coaster', 'none'] as const;
export type BrakeType = (typeof BRAKE_TYPES)[number];

/** Where a third brake sits, and whose measures go for it: a trike's front is then the left one, its third the right. */
export const THIRD_PLACES = ['right-front', 'right-rear', 'second-rear'] as const;
export type ThirdPlace = (typeof THIRD_PLACES)[number];
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

/** Brakes that one lever works together: its fluid, its air and its cable are those of both. */
export const SHARED_LEVERS = ['none', 'front-rear', 'front-third', 'rear-third'] as const;
export type SharedLever = (typeof SHARED_LEVERS)[number];
const SHARED_BY: Readonly<Record<SharedLever, readonly End[]>> = {
  none: [],
  'front-rear': ['front', 'rear'],
  'front-third': ['front', 'third'],
  'rear-third': ['rear', 'third'],
};

/** A bike; how it is used decides how fast its brakes wear. */
export interface Bike {
  id: string;
  customerId: string;
  name: string;
  maker: string;
  serial: string;
  motor: boolean;
  /** Rider, bike and load, kg. */
  systemMassKg: number | null;
  terrain: (typeof TERRAINS)[number] | null;
  wet: boolean;
  kmPerWeek: number | null;
  /** Asked once; null while nobody did. */
  forkMaterial: Material | null;
  frameMaterial: Material | null;
  frontBrake: BrakeType;
  rearBrake: BrakeType;
  /** `none` on a bike of two brakes; where it sits says nothing then. */
  thirdBrake: BrakeType;
  thirdPlace: ThirdPlace;
  sharedLever: SharedLever;
  /** Brakes besides these, and what holds one shut: a parking latch. Empty for none. */
  furtherBrakes: string;
}

/** A bike of two brakes, each on its own lever. */
export const NO_THIRD = {
  thirdBrake: 'none',
  thirdPlace: 'right-front',
  sharedLever: 'none',
} as const satisfies Partial<Bike>;

/** What is written of a third brake and a shared lever: nothing of a bike that has neither. */
export const saidOfThird = ({
  thirdBrake,
  thirdPlace,
  sharedLever,
}: Pick<Bike, keyof typeof NO_THIRD>): Partial<Pick<Bike, keyof typeof NO_THIRD>> => ({
  ...(thirdBrake === 'none' ? {} : { thirdBrake, thirdPlace }),
  ...(sharedLever === 'none' ? {} : { sharedLever }),
});

/** A bike of which nobody said how it is used and what it is made of, with a disc at each end. */
export const USUAL_USE = {
  systemMassKg: null,
  terrain: null,
  wet: false,
  kmPerWeek: null,
  forkMaterial: null,
  frameMaterial: null,
  frontBrake: 'disc',
  rearBrake: 'disc',
  ...NO_THIRD,
  furtherBrakes: '',
} as const satisfies Partial<Bike>;

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

/**
 * Whether a correction makes less be asked of a bike: without a motor nobody tries its cut-offs, a brake that is no disc is left
 * alone, what is not carbon may be filed, and of two brakes on one lever each answers for the other's air, while one lever is
 * tried once. That takes a lead [D].
 */
export const easesBike = (was: AskedBike, became: AskedBike): boolean =>
  (was.motor && !became.motor) ||
  was.sharedLever !== became.sharedLever ||
  ENDS.some(
    (end) =>
      (hasDisc(was, end) && !hasDisc(became, end)) ||
      (mountMaterial(was, end) === 'carbon' && mountMaterial(became, end) !== 'carbon'),
  );
