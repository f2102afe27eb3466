import {
  heatOf,
  STEEL,
  trackMassKg,
  USUAL_TRACK_MM,
  type HeatedRotor,
  type Lumps,
} from '../heat/descent';
import { pullEnergyJ } from './pulls';

/** Air that a shop beds in in, where nobody measured it, °C [D]. */
export const AIR_C = 20;
/** Likely rotor temperature past which it is let cool: under the fade of organic pads, about 250 °C [M]; 200 is our choice [D]. */
export const COOL_FROM_C = 200;
/** How hard a pull is, m/s²: an even one, short of locking [D]. */
const PULL_MS2 = 3;
/** Thickness of a rotor whose sheet says nothing, mm [D]. */
const USUAL_THICK_MM = 1.8;
/** After so long without a pull a rotor is as cold as the air, s [D]: by the model itself, within a degree. */
const COLD_AFTER_S = 3600;
/** So long it is let cool at most before it is asked again, s [D]. */
const LONGEST_COOLING_S = 600;

/** A pull as it was counted: at its end. */
interface TimedPull {
  /** Milliseconds since the epoch. */
  atMs: number;
  fromKmh: number;
  toKmh: number;
}

/** The rotor that is bedded in, by what is known of it. */
export const beddedRotor = (sizeMm: number, newMm: number | null): HeatedRotor => ({
  sizeMm,
  trackMm: USUAL_TRACK_MM,
  thickMm: newMm ?? USUAL_THICK_MM,
});

/**
 * How hot one end likely is while it is bedded in, by the model of a hill: each pull's energy goes into the rotor while it lasts, and
 * the ride between them cools it. Nothing is shared with the other end: each is bedded in by itself [P]. An estimate that says when to
 * let it cool, never a measurement.
 * @param massKg bike and rider
 * @param pulls in the order they were made
 */
export function beddingHeat(
  rotor: HeatedRotor,
  massKg: number,
  pulls: readonly TimedPull[],
  nowMs: number,
): Lumps {
  const warm = pulls.slice(
    pulls.findLastIndex(
      ({ atMs }, i) => (pulls[i + 1]?.atMs ?? nowMs) - atMs > COLD_AFTER_S * 1000,
    ) + 1,
  );
  const first = warm[0];
  if (!first) return { rotorC: AIR_C, padC: AIR_C, fluidC: AIR_C };
  const began = first.atMs / 1000 - lastsS(first);
  const heats = warm.map((pull) => {
    const endS = pull.atMs / 1000 - began;
    const startS = endS - lastsS(pull);
    return { startS, endS, watts: pullEnergyJ(massKg, pull.fromKmh, pull.toKmh) / lastsS(pull) };
  });
  return heatOf({
    rotor,
    powerW: (time) =>
      heats.reduce(
        (sum, { startS, endS, watts }) => (time >= startS && time < endS ? sum + watts : sum),
        0,
      ),
    seconds: Math.max(nowMs / 1000, warm.at(-1)!.atMs / 1000) - began,
    speedKmh: meanKmh(warm.at(-1)!),
    airC: AIR_C,
    shortestS: Math.min(...warm.map(lastsS)) / 4,
  }).over.at(-1)!;
}

/** How long a pull lasts, s. */
const lastsS = ({ fromKmh, toKmh }: Pick<TimedPull, 'fromKmh' | 'toKmh'>): number =>
  (fromKmh - toKmh) / 3.6 / PULL_MS2;

const meanKmh = ({ fromKmh, toKmh }: Pick<TimedPull, 'fromKmh' | 'toKmh'>): number =>
  (fromKmh + toKmh) / 2;

/** Seconds to ride on without braking until another such pull stays under {@link COOL_FROM_C}; 0 when it does now. */
export function coolFor(
  rotor: HeatedRotor,
  massKg: number,
  now: Lumps,
  next: Pick<TimedPull, 'fromKmh' | 'toKmh'>,
): number {
  const rise =
    pullEnergyJ(massKg, next.fromKmh, next.toKmh) / (trackMassKg(rotor) * STEEL.heatJkgK);
  const may = COOL_FROM_C - rise;
  if (now.rotorC <= may) return 0;
  const { over } = heatOf({
    rotor,
    powerW: () => 0,
    seconds: LONGEST_COOLING_S,
    speedKmh: next.fromKmh,
    airC: AIR_C,
    start: now,
  });
  return Math.ceil(over.find(({ rotorC }) => rotorC <= may)?.seconds ?? LONGEST_COOLING_S);
}
