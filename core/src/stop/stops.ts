import { InputError, positive } from '../inputError';
import { randomOf } from '../random';

/** Standard gravity, m/s² [S: ISO 80000-3]. */
export const G = 9.80665;
/** Runs that are needed before anything is compared, and how many are asked for [P]. */
export const FEWEST_RUNS = 3;
export const RUNS_ASKED = 5;
/** What can be a stop: km/h and metres [D]. */
const PLAUSIBLE_STOP = {
  fromKmh: { least: 5, most: 80 },
  distanceM: { least: 0.5, most: 100 },
} as const;

/** One stop, from a speed to standing. */
export interface StopRun {
  fromKmh: number;
  distanceM: number;
  /** The wheel locked: it measured the tyre, and is left out. */
  locked: boolean;
}

const metresASecond = (kmh: number) => kmh / 3.6;

/**
 * Mean deceleration of a stop, v²/(2d).
 * @returns m/s²
 * @throws InputError `not-positive`, `out-of-range`
 * @example deceleration({ fromKmh: 25, distanceM: 7, locked: false }) // 3.44
 */
export function deceleration(run: StopRun): number {
  plausible(run);
  return metresASecond(run.fromKmh) ** 2 / (2 * run.distanceM);
}

/**
 * How far an even stop goes in a time: v·t/2.
 * @returns m
 * @throws InputError `not-positive`, `not-a-number`
 * @example distanceOfM(25, 2) // 6.94
 */
export const distanceOfM = (fromKmh: number, seconds: number): number =>
  (metresASecond(positive(fromKmh, 'fromKmh')) * positive(seconds, 'seconds')) / 2;

/** The distance of a stop as it would be from another speed: d·(v₀/v)². */
export function onEqualTerms(run: StopRun, fromKmh: number): number {
  plausible(run);
  return run.distanceM * (positive(fromKmh, 'fromKmh') / run.fromKmh) ** 2;
}

function plausible(run: StopRun): void {
  for (const field of ['fromKmh', 'distanceM'] as const) {
    const value = positive(run[field], field);
    const { least, most } = PLAUSIBLE_STOP[field];
    if (value < least || value > most) throw new InputError('out-of-range', field, { least, most });
  }
}

/** Middle of the values; the mean of the two middle ones of an even number. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** Resamples up to which all are gone through; beyond, so many are drawn, by a fixed seed [D]. */
const ALL_UP_TO = 100_000;
const DRAWN = 10_000;
const SEED = 8;
const TAIL = 0.025;

export interface Stops {
  /** Runs that count, the locked ones left out. */
  runs: number;
  locked: number;
  medianM: number;
  /** Longest less shortest, m. */
  spreadM: number;
  decelerationMs2: number;
}

export interface StopsCompared {
  /** The speed all are reckoned to, km/h: that of the first run before. */
  fromKmh: number;
  before: Stops;
  after: Stops;
  /** Difference of the medians, after less before, m; shorter is negative. */
  differenceM: number;
  /** 95 % percentile bootstrap interval of it, m. */
  fromM: number;
  toM: number;
  /** The interval leaves nought out. */
  shown: 'shorter' | 'longer' | 'none';
}

/**
 * What the stops before and after say, on equal terms: medians, and the difference with its 95 % percentile bootstrap interval, by
 * every resample where there are up to 100,000. Source [S] of the interval: Efron & Tibshirani, An Introduction to the Bootstrap, ch. 13.
 * @throws InputError `too-few-points` of fewer than three that count on a side, and as {@link deceleration}
 */
export function compareStops(before: readonly StopRun[], after: readonly StopRun[]): StopsCompared {
  const fromKmh = before[0]?.fromKmh ?? after[0]?.fromKmh ?? 0;
  const [was, is] = [stopsOf(before, fromKmh, 'before'), stopsOf(after, fromKmh, 'after')];
  const differences = resampled(was.metres, is.metres).sort((a, b) => a - b);
  const at = (share: number) =>
    differences[Math.min(differences.length - 1, Math.floor(share * differences.length))]!;
  const [fromM, toM] = [at(TAIL), at(1 - TAIL)];
  return {
    fromKmh,
    before: was.stops,
    after: is.stops,
    differenceM: is.stops.medianM - was.stops.medianM,
    fromM,
    toM,
    shown: toM < 0 ? 'shorter' : fromM > 0 ? 'longer' : 'none',
  };
}

/** Runs of one side on equal terms. */
export function stopsOf(
  runs: readonly StopRun[],
  fromKmh: number,
  field = 'runs',
): { metres: number[]; stops: Stops } {
  const counting = runs.filter(({ locked }) => !locked);
  runs.forEach(plausible);
  if (counting.length < FEWEST_RUNS)
    throw new InputError('too-few-points', field, { have: counting.length, need: FEWEST_RUNS });
  const metres = counting.map((run) => onEqualTerms(run, fromKmh));
  const medianM = median(metres);
  return {
    metres,
    stops: {
      runs: counting.length,
      locked: runs.length - counting.length,
      medianM,
      spreadM: Math.max(...metres) - Math.min(...metres),
      decelerationMs2: metresASecond(fromKmh) ** 2 / (2 * medianM),
    },
  };
}

/** Differences of the medians over resamples of both sides, each as large as it was. */
function resampled(before: readonly number[], after: readonly number[]): number[] {
  const all = before.length ** before.length * after.length ** after.length;
  if (all <= ALL_UP_TO) {
    const [was, is] = [mediansOfAll(before), mediansOfAll(after)];
    return is.flatMap((each) => was.map((other) => each - other));
  }
  const random = randomOf(SEED);
  const draw = (of: readonly number[]) => of.map(() => of[Math.floor(random() * of.length)]!);
  return Array.from({ length: DRAWN }, () => median(draw(after)) - median(draw(before)));
}

/** The median of every resample there is. */
function mediansOfAll(values: readonly number[]): number[] {
  const n = values.length;
  return Array.from({ length: n ** n }, (_, index) => {
    let left = index;
    return median(
      values.map(() => {
        const one = values[left % n]!;
        left = Math.floor(left / n);
        return one;
      }),
    );
  });
}

/** Where bike and rider have their weight: metres, seen from the side. */
export interface Balance {
  wheelbaseM: number;
  /** Centre of mass ahead of the rear contact, and above the ground. */
  aheadM: number;
  highM: number;
  /** Slope, degrees; downhill positive. */
  slopeDegrees: number;
}

/**
 * Share of the load on the front wheel while braking, 0 to 1. It is the share of the braking only where both tyres grip alike.
 * @param decelerationG deceleration by g, 0 or more
 * @example frontShare({ wheelbaseM: 1.15, aheadM: 0.55, highM: 1.1, slopeDegrees: 0 }, 0.25) // 0.717
 */
export function frontShare(balance: Balance, decelerationG: number): number {
  const { wheelbaseM, aheadM, highM, slope } = readBalance(balance);
  const share =
    (aheadM * Math.cos(slope) + (decelerationG + Math.sin(slope)) * highM) /
    (wheelbaseM * Math.cos(slope));
  return Math.max(0, Math.min(1, share));
}

/** Deceleration by g at which the rear wheel lifts. */
export function tipsAtG(balance: Balance): number {
  const { wheelbaseM, aheadM, highM, slope } = readBalance(balance);
  return (Math.cos(slope) * (wheelbaseM - aheadM)) / highM - Math.sin(slope);
}

function readBalance({ wheelbaseM, aheadM, highM, slopeDegrees }: Balance) {
  positive(wheelbaseM, 'wheelbaseM');
  positive(highM, 'highM');
  if (!(aheadM > 0 && aheadM < wheelbaseM))
    throw new InputError('out-of-range', 'aheadM', { least: 0, most: wheelbaseM });
  if (!(Math.abs(slopeDegrees) < 45))
    throw new InputError('out-of-range', 'slopeDegrees', { least: -45, most: 45 });
  return { wheelbaseM, aheadM, highM, slope: (slopeDegrees * Math.PI) / 180 };
}
