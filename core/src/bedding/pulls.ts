import { InputError, positive } from '../inputError';

/** Schools of bedding in; a shop rule chooses. Common practice [P]. */
export const BEDDING_SCHOOLS = ['ten-pulls', 'two-runs'] as const;
export type BeddingSchool = (typeof BEDDING_SCHOOLS)[number];
/** Even pulls that bed a brake in [P]; two runs of a hill take about as many each [D]. */
export const PULLS: Readonly<Record<BeddingSchool, number>> = { 'ten-pulls': 10, 'two-runs': 20 };

/** Speeds of a usual pull, km/h [P]: from a moderate speed to a walk, never to a stop. */
export const USUAL_PULL = { fromKmh: 25, toKmh: 5 } as const;
/** Mass of bike and rider where nobody weighed them, kg [D]. */
export const USUAL_MASS_KG = 95;

/** Stainless steel. Source [S]: Incropera, Fundamentals of Heat and Mass Transfer, app. A (AISI 304), rounded. */
const HEAT_J_PER_KG_K = 500;
const DENSITY_KG_PER_M3 = 8000;
/** Width of a track where none is known, mm [D]. */
const TRACK_WIDTH_MM = 15.5;
const THICKNESS_MM = 1.8;
/** Time in which a rotor that is ridden on loses most of its heat, s [D]. */
const COOLING_S = 60;
export const AIR_C = 20;
/** Likely rotor temperature past which it is let cool: under the fade of organic pads, about 250 °C [M]; 200 is our choice [D]. */
export const COOL_FROM_C = 200;

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

/**
 * Mass of a rotor's track, kg.
 * @example trackKg(203, 31 / 2) // 0.131
 */
export function trackKg(
  sizeMm: number,
  widthMm = TRACK_WIDTH_MM,
  thicknessMm = THICKNESS_MM,
): number {
  const outer = positive(sizeMm, 'size') / 1000;
  const inner = outer - (2 * widthMm) / 1000;
  return (Math.PI / 4) * (outer ** 2 - inner ** 2) * (thicknessMm / 1000) * DENSITY_KG_PER_M3;
}

/** A pull as it was counted. */
export interface Pull {
  /** Milliseconds since the epoch. */
  atMs: number;
  energyJ: number;
}

/**
 * Likely temperature of the rotor's track, °C: every pull's heat goes into it and leaves at an even rate. An estimate to
 * say when to let it cool, never a measurement.
 * @param pulls in the order they were made
 */
export function likelyRotorC(pulls: readonly Pull[], massKg: number, nowMs: number): number {
  return pulls.reduce((sum, { atMs, energyJ }) => {
    const age = Math.max(0, nowMs - atMs) / 1000;
    return (
      sum + (energyJ / (positive(massKg, 'mass') * HEAT_J_PER_KG_K)) * Math.exp(-age / COOLING_S)
    );
  }, AIR_C);
}

/** Seconds to ride on without braking until another such pull stays under {@link COOL_FROM_C}; 0 when it does now. */
export function coolFor(rotorC: number, nextPullJ: number, massKg: number): number {
  const room = COOL_FROM_C - AIR_C - nextPullJ / (positive(massKg, 'mass') * HEAT_J_PER_KG_K);
  const above = rotorC - AIR_C;
  if (above <= 0 || above <= room) return 0;
  if (room <= 0) return COOLING_S * 3;
  return Math.ceil(COOLING_S * Math.log(above / room));
}

/** How the witness ring looks after bedding in. */
export const WITNESS_RINGS = ['even', 'patchy', 'off-the-edge'] as const;
export type WitnessRing = (typeof WITNESS_RINGS)[number];
