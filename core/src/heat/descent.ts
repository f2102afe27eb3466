import { USUAL_ENDS, type UsualEnd } from '../ends';
import { InputError, positive } from '../inputError';
import { coolingWm2K } from './cooling';
import { powerDown, secondsDown, type Hill } from './hill';
import { solve } from './rungeKutta';

/** Rotor steel: specific heat J/kgK, density kg/m³ [S: Incropera, app. A, stainless], how well it radiates [M]. */
export const STEEL = { heatJkgK: 500, densityKgM3: 8000, emissivity: 0.5 } as const;
/** Stefan–Boltzmann constant, W/m²K⁴ [S: CODATA]. */
const SIGMA = 5.670374419e-8;
const KELVIN = 273.15;
/** How rotor, pads, air and fluid pass heat on, W/K, and what pads and fluid hold, J/K [D]. */
export const LUMPS = { rotorPad: 0.5, padAir: 0.2, padFluid: 0.1, padJK: 40, fluidJK: 6 } as const;
/** Where pads begin to fade, °C at the rotor: organic and metallic [M], what lies between them our choice [D]. */
export const FADES_FROM_C = { organic: 250, 'semi-metallic': 350, metallic: 400 } as const;
export type HeatCompound = keyof typeof FADES_FROM_C;
/** Height of a track, mm, where nobody measured it [D]. */
export const USUAL_TRACK_MM = 15.5;
/** Sizes of rotors that are held against each other, mm [P]. */
const ROTOR_SIZES_MM = [140, 160, 180, 203, 220] as const;
/** Braked in pulses: so long on and so long off, s; twice the power while on [D]. */
const PULSE_S = { on: 4, off: 4 } as const;

export interface HeatedRotor {
  sizeMm: number;
  /** Height of its track, mm, and its thickness, mm. */
  trackMm: number;
  thickMm: number;
}

/** Mass of a track, kg. @example trackMassKg({ sizeMm: 203, trackMm: 15.5, thickMm: 1.8 }) // 0.131 */
export const trackMassKg = (rotor: HeatedRotor): number =>
  STEEL.densityKgM3 * faceM2(rotor) * (rotor.thickMm / 1000);

/** One face of a track, m². */
function faceM2({ sizeMm, trackMm }: HeatedRotor): number {
  const [outer, inner] = [sizeMm / 1000, (sizeMm - 2 * trackMm) / 1000];
  return (Math.PI / 4) * (outer ** 2 - inner ** 2);
}

/** How heat leaves; parts can be turned off to hold the sum against what it must come to. */
interface HeatPaths {
  air: boolean;
  radiation: boolean;
  pads: boolean;
}
const ALL: HeatPaths = { air: true, radiation: true, pads: true };

export interface HeatRun {
  rotor: HeatedRotor;
  /** What comes in at a time, W. */
  powerW: (seconds: number) => number;
  seconds: number;
  speedKmh: number;
  airC: number;
  /** How hot it is when it begins; as the air where nothing is said. */
  start?: Lumps;
  paths?: HeatPaths;
  /** The shortest time for which the power stays the same, s: no step goes over it unseen. */
  shortestS?: number;
}

/** The three things that heat each other, °C: rotor, pads with caliper, fluid. */
export interface Lumps {
  rotorC: number;
  padC: number;
  fluidC: number;
}

interface Heated {
  /** Over the run. */
  over: ({ seconds: number } & Lumps)[];
  peak: Lumps;
  /** What came in and what left, J; the rest is in the lumps. */
  inJ: number;
  outJ: number;
  storedJ: number;
}

const SAMPLES = 120;
/** Of stretches that are passed in less, several are taken in one step; what came in is counted all the same. */
const SHORTEST_LOOK_S = 1;

/**
 * How hot one end gets: rotor, pads with caliper, and fluid as three lumps, all braking heat into the rotor. An estimate to hold
 * set-ups against each other, never a promise.
 */
export function heatOf(run: HeatRun): Heated {
  const { rotor, powerW, seconds, airC, speedKmh, paths = ALL } = run;
  const from: Lumps = run.start ?? { rotorC: airC, padC: airC, fluidC: airC };
  const { shortestS = seconds } = run;
  for (const field of ['sizeMm', 'trackMm', 'thickMm'] as const) positive(rotor[field], field);
  if (2 * rotor.trackMm >= rotor.sizeMm)
    throw new InputError('out-of-range', 'trackMm', { least: 0, most: rotor.sizeMm / 2 });
  const area = 2 * faceM2(rotor);
  const capacity = trackMassKg(rotor) * STEEL.heatJkgK;
  const h = paths.air ? coolingWm2K(rotor.sizeMm, speedKmh) : 0;
  const glow = paths.radiation ? STEEL.emissivity * SIGMA * area : 0;
  const pads = paths.pads ? LUMPS : { ...LUMPS, rotorPad: 0, padAir: 0, padFluid: 0 };
  const airK = airC + KELVIN;
  const rates = (time: number, [rotorC, padC, fluidC]: readonly number[]) => {
    const power = powerW(time);
    const toAir = h * area * (rotorC! - airC) + glow * ((rotorC! + KELVIN) ** 4 - airK ** 4);
    const toPad = pads.rotorPad * (rotorC! - padC!);
    const padOut = pads.padAir * (padC! - airC);
    const toFluid = pads.padFluid * (padC! - fluidC!);
    return [
      (power - toAir - toPad) / capacity,
      (toPad - padOut - toFluid) / LUMPS.padJK,
      toFluid / LUMPS.fluidJK,
      power,
      toAir + padOut,
    ];
  };
  const start = [from.rotorC, from.padC, from.fluidC, 0, 0];
  const over: Heated['over'] = [{ seconds: 0, ...from }];
  const peak = { ...from };
  const every = seconds / SAMPLES;
  const end = solve(
    rates,
    start,
    0,
    seconds,
    {
      relative: 1e-7,
      absolute: 1e-6,
      longestStep: Math.max(Math.min(every, shortestS), SHORTEST_LOOK_S),
    },
    (time, [rotorC, padC, fluidC]) => {
      peak.rotorC = Math.max(peak.rotorC, rotorC!);
      peak.padC = Math.max(peak.padC, padC!);
      peak.fluidC = Math.max(peak.fluidC, fluidC!);
      if (time - over.at(-1)!.seconds >= every || time >= seconds)
        over.push({ seconds: time, rotorC: rotorC!, padC: padC!, fluidC: fluidC! });
    },
  );
  const storedJ =
    capacity * (end[0]! - from.rotorC) +
    LUMPS.padJK * (end[1]! - from.padC) +
    LUMPS.fluidJK * (end[2]! - from.fluidC);
  return { over, peak, inJ: end[3]!, outJ: end[4]!, storedJ };
}

/** A descent with both brakes. */
export interface Descent extends Hill {
  rotors: Readonly<Record<UsualEnd, HeatedRotor>>;
  /** Share of the braking in front, 0 to 1. */
  frontShare: number;
  braked: 'dragged' | 'pulsed';
  airC: number;
  compound: HeatCompound;
  /** Boiling point of the fluid as old as it is, °C; null where there is none, or nobody knows it. */
  boilsC: number | null;
}

export interface EndHeat extends Heated {
  /** °C to where the pads fade and to where the fluid boils; negative past it. */
  toFadeC: number;
  toBoilC: number | null;
}

const shareAt = ({ frontShare }: Descent, end: UsualEnd) =>
  end === 'front' ? frontShare : 1 - frontShare;

/** How hot both ends get down a hill. */
export const descentHeat = (descent: Descent): Record<UsualEnd, EndHeat> => ({
  front: endHeat(descent, 'front'),
  rear: endHeat(descent, 'rear'),
});

/** How hot one end gets down a hill. */
function endHeat(descent: Descent, end: UsualEnd): EndHeat {
  if (!(descent.frontShare >= 0 && descent.frontShare <= 1))
    throw new InputError('out-of-range', 'frontShare', { least: 0, most: 1 });
  const power = powerDown(descent);
  const share = shareAt(descent, end);
  const mean = (time: number) => power.at(time) * share;
  const period = PULSE_S.on + PULSE_S.off;
  const dragged = descent.braked === 'dragged';
  const heated = heatOf({
    rotor: descent.rotors[end],
    powerW: dragged
      ? mean
      : (time) => (time % period < PULSE_S.on ? (mean(time) * period) / PULSE_S.on : 0),
    seconds: secondsDown(descent),
    speedKmh: descent.speedKmh,
    airC: descent.airC,
    shortestS: dragged ? power.shortestS : Math.min(power.shortestS, PULSE_S.on / 4),
  });
  return {
    ...heated,
    toFadeC: FADES_FROM_C[descent.compound] - heated.peak.rotorC,
    toBoilC: descent.boilsC === null ? null : descent.boilsC - heated.peak.fluidC,
  };
}

/** The least margin of a descent, °C. */
export function leastMarginC(heat: Readonly<Record<UsualEnd, EndHeat>>): number {
  return Math.min(
    ...USUAL_ENDS.flatMap((end) => [heat[end].toFadeC, heat[end].toBoilC ?? Infinity]),
  );
}

/** One size of rotor in front or behind, the other end as it is. */
interface SizeHeat {
  end: UsualEnd;
  sizeMm: number;
  rotorC: number;
  toFadeC: number;
  toBoilC: number | null;
}

/** A descent, and what is asked about it. */
export interface HeatAsked {
  descent: Descent;
  /** Boiling point of the same fluid new, °C. */
  freshBoilsC: number | null;
  /** The largest rotor that fork and frame allow, mm. */
  largestMm: Readonly<Record<UsualEnd, number>>;
}

/** What comes of it. */
export interface Heating {
  heat: Record<UsualEnd, EndHeat>;
  sizes: SizeHeat[];
  helps: { change: Change; gainC: number }[];
}

/**
 * A descent as it is, with each size of rotor that the ends allow, and what would help it.
 * @param onRun told after each of its runs, for it can take a while
 */
export function reckonHeat(
  { descent, freshBoilsC, largestMm }: HeatAsked,
  onRun: (done: number, of: number) => void = () => undefined,
): Heating {
  const sizes = sizesOf(descent, largestMm);
  const changes = changesOf(descent, freshBoilsC, largestMm);
  const of = 1 + sizes.length + changes.length;
  let done = 0;
  const run = <T>(reckoned: T): T => {
    onRun(++done, of);
    return reckoned;
  };
  const heat = run(descentHeat(descent));
  return {
    heat,
    sizes: sizes.map(([end, sizeMm]) => run(withSize(descent, end, sizeMm))),
    helps: changes
      .map(([change, made]) => ({
        change,
        gainC: run(leastMarginC(descentHeat(made))) - leastMarginC(heat),
      }))
      .filter(({ gainC }) => gainC > 0.5)
      .sort((a, b) => b.gainC - a.gainC),
  };
}

/** Each size that an end allows, the one that is on among them. */
function sizesOf(descent: Descent, largestMm: HeatAsked['largestMm']): [UsualEnd, number][] {
  return USUAL_ENDS.flatMap((end) => {
    const on = descent.rotors[end].sizeMm;
    const sizes = new Set([...ROTOR_SIZES_MM, on]);
    return [...sizes]
      .filter((sizeMm) => sizeMm >= on - 25 && sizeMm <= Math.max(largestMm[end], on))
      .sort((a, b) => a - b)
      .map((sizeMm): [UsualEnd, number] => [end, sizeMm]);
  });
}

const sized = (descent: Descent, end: UsualEnd, sizeMm: number): Descent => ({
  ...descent,
  rotors: { ...descent.rotors, [end]: { ...descent.rotors[end], sizeMm } },
});

function withSize(descent: Descent, end: UsualEnd, sizeMm: number): SizeHeat {
  const { peak, toFadeC, toBoilC } = endHeat(sized(descent, end, sizeMm), end);
  return { end, sizeMm, rotorC: peak.rotorC, toFadeC, toBoilC };
}

/** What could be changed about a descent. */
export type Change =
  | { code: 'larger'; end: UsualEnd; sizeMm: number }
  | { code: 'metallic' }
  | { code: 'fresh-fluid'; boilsC: number }
  | { code: 'pulsed' }
  | { code: 'share'; frontShare: number };

/** How evenly a rider can brake at best, front share [D]. */
const EVEN_SHARE = 0.5;

/** Each change that could help a descent, made by itself. */
function changesOf(
  descent: Descent,
  freshBoilsC: number | null,
  largestMm: HeatAsked['largestMm'],
): [Change, Descent][] {
  const changes: [Change, Descent][] = [];
  for (const end of USUAL_ENDS) {
    const sizeMm = ROTOR_SIZES_MM.find(
      (size) => size > descent.rotors[end].sizeMm && size <= largestMm[end],
    );
    if (sizeMm) changes.push([{ code: 'larger', end, sizeMm }, sized(descent, end, sizeMm)]);
  }
  if (descent.compound !== 'metallic')
    changes.push([{ code: 'metallic' }, { ...descent, compound: 'metallic' }]);
  if (descent.boilsC !== null && freshBoilsC !== null && freshBoilsC > descent.boilsC)
    changes.push([
      { code: 'fresh-fluid', boilsC: freshBoilsC },
      { ...descent, boilsC: freshBoilsC },
    ]);
  if (descent.braked === 'dragged')
    changes.push([{ code: 'pulsed' }, { ...descent, braked: 'pulsed' }]);
  if (descent.frontShare !== EVEN_SHARE)
    changes.push([
      { code: 'share', frontShare: EVEN_SHARE },
      { ...descent, frontShare: EVEN_SHARE },
    ]);
  return changes;
}
