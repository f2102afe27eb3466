import type { End } from '../ends';

export const TERRAINS = ['flat', 'rolling', 'hilly', 'steep'] as const;

/** What a frame or a fork is made of: it decides what may be done to a mount face. */
export const MATERIALS = ['aluminium', 'steel', 'titanium', 'carbon'] as const;
export type Material = (typeof MATERIALS)[number];

/** What brakes a wheel. Only a disc is judged here; any other is named, and left alone. */
export const BRAKE_TYPES = ['disc', 'rim', 'drum', 'coaster', 'none'] as const;
export type BrakeType = (typeof BRAKE_TYPES)[number];

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
  /** Brakes besides these two, and what holds one shut: a third wheel's, a parking latch. Empty for none. */
  furtherBrakes: string;
}

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
  furtherBrakes: '',
} as const satisfies Partial<Bike>;

const BRAKE_OF = { front: 'frontBrake', rear: 'rearBrake' } as const satisfies Record<
  End,
  keyof Bike
>;
/** What brakes the wheel at an end. */
export const brakeTypeAt = (bike: Bike, end: End): BrakeType => bike[BRAKE_OF[end]];
/** Whether an end has a brake that is judged here. */
export const hasDisc = (bike: Bike, end: End): boolean => brakeTypeAt(bike, end) === 'disc';

const MATERIAL_OF = { front: 'forkMaterial', rear: 'frameMaterial' } as const satisfies Record<
  End,
  keyof Bike
>;
/** What the mount of an end is made of; null while nobody said. */
export const mountMaterial = (bike: Bike, end: End): Material | null => bike[MATERIAL_OF[end]];

type AskedBike = Pick<
  Bike,
  'motor' | 'frontBrake' | 'rearBrake' | 'forkMaterial' | 'frameMaterial'
>;

/**
 * Whether a correction makes less be asked of a bike: without a motor nobody tries its cut-offs, a brake that is no disc is left
 * alone, and what is not carbon may be filed. That takes a lead [D].
 */
export const easesBike = (was: AskedBike, became: AskedBike): boolean =>
  (was.motor && !became.motor) ||
  (['frontBrake', 'rearBrake'] as const).some(
    (at) => was[at] === 'disc' && became[at] !== 'disc',
  ) ||
  (['forkMaterial', 'frameMaterial'] as const).some(
    (of) => was[of] === 'carbon' && became[of] !== 'carbon',
  );
