import { InputError, positive } from '../inputError';

/** Schools of bedding in; a shop rule chooses. Common practice [P]. */
export const BEDDING_SCHOOLS = ['ten-pulls', 'two-runs'] as const;
export type BeddingSchool = (typeof BEDDING_SCHOOLS)[number];
/** Even pulls that bed a brake in [P]; two runs of a hill take about as many each [D]. */
export const PULLS: Readonly<Record<BeddingSchool, number>> = { 'ten-pulls': 10, 'two-runs': 20 };

/** Speeds of a usual pull, km/h [P]: from a moderate speed to a walk, never to a stop. */
export const USUAL_PULL = { fromKmh: 25, toKmh: 5 } as const;
/** What a pull can be, km/h [D]: from a ride's speed down to a walk, not to a stop. */
export const PLAUSIBLE_PULL = {
  fromKmh: { least: 5, most: 60 },
  toKmh: { least: 1, most: 50 },
} as const;
/** Mass of bike and rider where nobody weighed them, kg [D]. */
export const USUAL_MASS_KG = 95;

/**
 * Energy one pull turns into heat, J: ½·m·(v₁² − v₂²).
 * @param massKg bike and rider
 * @throws InputError `not-slower` when it does not slow down, `negative` for a speed
 * @example pullEnergyJ(100, 25, 5) // 2315
 */
export function pullEnergyJ(massKg: number, fromKmh: number, toKmh: number): number {
  if (toKmh < 0) throw new InputError('negative', 'toKmh', { toKmh });
  if (fromKmh <= toKmh) throw new InputError('not-slower', 'fromKmh', { fromKmh, toKmh });
  return 0.5 * positive(massKg, 'mass') * ((fromKmh / 3.6) ** 2 - (toKmh / 3.6) ** 2);
}

/** Whether two speeds, km/h, are a pull: each plausible, and slower after it than before. */
export function isPull(fromKmh: number, toKmh: number): boolean {
  const { fromKmh: from, toKmh: to } = PLAUSIBLE_PULL;
  return (
    fromKmh >= from.least &&
    fromKmh <= from.most &&
    toKmh >= to.least &&
    toKmh <= to.most &&
    toKmh < fromKmh
  );
}

/** How the witness ring looks after bedding in. */
export const WITNESS_RINGS = ['even', 'patchy', 'off-the-edge'] as const;
export type WitnessRing = (typeof WITNESS_RINGS)[number];
