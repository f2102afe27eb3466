import { InputError, positive } from '../inputError';
import { G } from '../stop/stops';

/** Rolling, air and their usual values: C_rr, CdA m², density of air kg/m³ [M]. */
export const USUAL_DRAG = { rolling: 0.008, cdAM2: 0.5, airKgM3: 1.2 } as const;
/** What can be a hill and a rider [D]. */
export const PLAUSIBLE_HILL = {
  massKg: { least: 20, most: 400 },
  gradePercent: { least: 0.5, most: 45 },
  lengthM: { least: 10, most: 50_000 },
  speedKmh: { least: 3, most: 100 },
} as const;

/** A hill of one grade, ridden down at one speed; the length is along the road. */
export interface Hill {
  massKg: number;
  gradePercent: number;
  lengthM: number;
  speedKmh: number;
}

/**
 * Braking power that holds a speed down a hill: the slope's, less what rolling and air take; none where they take more. A grade is
 * the tangent of its angle.
 * @returns W
 */
export function brakingPowerW(
  hill: Hill,
  drag: { rolling: number; cdAM2: number; airKgM3: number } = USUAL_DRAG,
): number {
  plausibleHill(hill);
  const angle = Math.atan(hill.gradePercent / 100);
  const speed = hill.speedKmh / 3.6;
  const slope = hill.massKg * G * speed * Math.sin(angle);
  const rolling = drag.rolling * hill.massKg * G * Math.cos(angle) * speed;
  const air = 0.5 * drag.airKgM3 * drag.cdAM2 * speed ** 3;
  return Math.max(0, slope - rolling - air);
}

/** How long it takes down, s. */
export const secondsDown = ({ lengthM, speedKmh }: Hill): number => lengthM / (speedKmh / 3.6);

/** @throws InputError `out-of-range`, `not-positive` or `not-a-number`, naming the field */
export function plausibleHill(hill: Hill): void {
  for (const field of ['massKg', 'gradePercent', 'lengthM', 'speedKmh'] as const) {
    const value = positive(hill[field], field);
    const { least, most } = PLAUSIBLE_HILL[field];
    if (value < least || value > most) throw new InputError('out-of-range', field, { least, most });
  }
}
