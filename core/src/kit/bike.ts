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

/** Brakes that one lever works together: its fluid, its air and its cable are those of both. */
export const SHARED_LEVERS = ['none', 'front-rear', 'front-third', 'rear-third'] as const;
export type SharedLever = (typeof SHARED_LEVERS)[number];

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
