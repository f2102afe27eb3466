import { InputError, positive } from '../inputError';
import { G } from '../stop/stops';
import { plausibleRoad, stretchesOf, type Road } from './road';

/** What rolling and air take. */
interface Drag {
  rolling: number;
  cdAM2: number;
  airKgM3: number;
}
/** Rolling, air and their usual values: C_rr, CdA m², density of air kg/m³ [M]. */
const USUAL_DRAG: Drag = { rolling: 0.008, cdAM2: 0.5, airKgM3: 1.2 };
/** Who can be on it, and how fast [D]. */
const PLAUSIBLE_RIDE = {
  massKg: { least: 20, most: 400 },
  speedKmh: { least: 3, most: 100 },
} as const;

/** Somebody riding at one speed. */
interface Ride {
  massKg: number;
  speedKmh: number;
}

/** A road that is ridden down at one speed. */
export interface Hill extends Ride {
  road: Road;
}

/**
 * Braking power that holds a speed on a grade: the slope's, less what rolling and air take; none where they take more.
 * @param gradePercent the tangent of the road's angle, positive downhill
 * @returns W
 */
export function brakingPowerW(
  { massKg, speedKmh }: Ride,
  gradePercent: number,
  drag: Drag = USUAL_DRAG,
): number {
  const angle = Math.atan(gradePercent / 100);
  const speed = speedKmh / 3.6;
  const slope = massKg * G * speed * Math.sin(angle);
  const rolling = drag.rolling * massKg * G * Math.cos(angle) * speed;
  const air = 0.5 * drag.airKgM3 * drag.cdAM2 * speed ** 3;
  return Math.max(0, slope - rolling - air);
}

/** How long it takes down, s. */
export const secondsDown = ({ road, speedKmh }: Hill): number =>
  (road.at(-1)!.alongM - road[0]!.alongM) / (speedKmh / 3.6);

/** A hill's braking power over time, W, and all of its energy, J. */
interface PowerDown {
  at: (seconds: number) => number;
  energyJ: number;
  /** The shortest time for which it stays the same, s. */
  shortestS: number;
}

/** What braking takes down a hill, stretch by stretch. */
export function powerDown(hill: Hill, drag: Drag = USUAL_DRAG): PowerDown {
  plausibleHill(hill);
  const speed = hill.speedKmh / 3.6;
  const start = hill.road[0]!.alongM;
  const parts = stretchesOf(hill.road).map(({ fromM, toM, gradePercent }) => ({
    untilS: (toM - start) / speed,
    seconds: (toM - fromM) / speed,
    watts: brakingPowerW(hill, gradePercent, drag),
  }));
  // Asked again and again at nearly the same time: it is looked for from where it was found last.
  let found = 0;
  return {
    at: (seconds) => {
      while (found > 0 && parts[found - 1]!.untilS > seconds) found -= 1;
      while (found < parts.length - 1 && parts[found]!.untilS <= seconds) found += 1;
      return parts[found]!.watts;
    },
    energyJ: parts.reduce((sum, { watts, seconds }) => sum + watts * seconds, 0),
    shortestS: Math.min(...parts.map(({ seconds }) => seconds)),
  };
}

/** @throws InputError `out-of-range`, `not-positive` or `not-a-number`, naming the field; and what its road throws */
function plausibleHill(hill: Hill): void {
  for (const field of ['massKg', 'speedKmh'] as const) {
    const value = positive(hill[field], field);
    const { least, most } = PLAUSIBLE_RIDE[field];
    if (value < least || value > most) throw new InputError('out-of-range', field, { least, most });
  }
  plausibleRoad(hill.road);
}
