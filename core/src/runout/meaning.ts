import { harmonicFit, type HarmonicFit } from './harmonics';

/** A lone peak stands out by more than this, mm [D], and by three times the others' spread. */
const LONE_PEAK_MM = 0.05;
const LONE_PEAK_SPREADS = 3;
/** Fewest readings that can tell a lone peak from a wave. */
const LONE_PEAK_POINTS = 12;
/** Share of the harmonics' power from which one of them is the cause [D]. */
const RULING_SHARE = 0.6;
/** Below this much wobble its shape means nothing, mm [D]. */
const NOTHING_TO_EXPLAIN_MM = 0.05;
/** Power of harmonics that is nothing but the rounding of the fit, mm². */
const ROUNDING = 1e-18;

/** What the shape of a wobble says; clock positions with the valve at 12. */
export type RunoutMeaning =
  | { code: 'straight' }
  /** One place bent; `away`: bend it away from the indicator. */
  | { code: 'lone-peak'; oClock: number; heightMm: number; bend: 'away' | 'toward' }
  /** The whole rotor sits tilted: dirt or a burr under it, uneven bolts, a bent hub face. */
  | { code: 'tilted'; highAtOClock: number; amplitudeMm: number; tiltDegrees: number | null }
  /** Warped like a saddle by heat: two crests. */
  | { code: 'saddle'; crestsAtOClock: [number, number]; amplitudeMm: number }
  | { code: 'mixed'; crestAtOClock: number; heightMm: number };

interface Shape {
  meaning: RunoutMeaning;
  /** A peak may stand alone, and there are too few readings to say so. */
  morePointsWanted: boolean;
}

/**
 * What a turn of evenly spaced readings means, tried in this order: a lone peak, a tilt (first harmonic at 60 % of the
 * power), a saddle (second), otherwise mixed. Common practice [P] for the sense, our choice [D] for the thresholds.
 * @param readingsMm positive toward the indicator, the first with the valve at it, the wheel turned forward
 * @param radiusMm from the axle to the indicator, mm; null leaves the tilt without an angle
 * @throws InputError as harmonicFit
 */
export function runoutMeaning(readingsMm: readonly number[], radiusMm: number | null): Shape {
  const fit = harmonicFit(readingsMm);
  const n = readingsMm.length;
  if (Math.max(...readingsMm) - Math.min(...readingsMm) < NOTHING_TO_EXPLAIN_MM)
    return { meaning: { code: 'straight' }, morePointsWanted: false };

  const peak = standsAlone(readingsMm);
  if (peak !== null && n >= LONE_PEAK_POINTS)
    return { meaning: lonePeak(fit, peak, n), morePointsWanted: false };
  return {
    meaning: rulingWave(fit, readingsMm, radiusMm),
    morePointsWanted: peak !== null,
  };
}

/** The one reading that stands out against the median of the rest, or null. */
function standsAlone(readingsMm: readonly number[]): number | null {
  let found: number | null = null;
  let furthest = 0;
  readingsMm.forEach((reading, k) => {
    const rest = readingsMm.filter((_, other) => other !== k);
    const out = Math.abs(reading - median(rest));
    if (out > LONE_PEAK_MM && out > LONE_PEAK_SPREADS * spread(rest) && out > furthest) {
      found = k;
      furthest = out;
    }
  });
  return found;
}

/** The fit swallows (2H + 1)/n of a lone peak: what is left of it in the residual is scaled back up. */
function lonePeak({ residuals, harmonics }: HarmonicFit, k: number, n: number): RunoutMeaning {
  const swallowed = (2 * harmonics.length + 1) / n;
  const heightMm = residuals[k]! / (1 - swallowed);
  return {
    code: 'lone-peak',
    oClock: (12 * k) / n || 12,
    heightMm,
    bend: heightMm > 0 ? 'away' : 'toward',
  };
}

function rulingWave(
  { harmonics }: HarmonicFit,
  readingsMm: readonly number[],
  radiusMm: number | null,
): RunoutMeaning {
  const power = harmonics.reduce((sum, { amplitude }) => sum + amplitude ** 2, 0);
  const [first, second] = harmonics;
  const rules = (wave: { amplitude: number } | undefined) =>
    wave !== undefined && power > ROUNDING && wave.amplitude ** 2 / power >= RULING_SHARE;
  if (first && rules(first))
    return {
      code: 'tilted',
      highAtOClock: oClock(first.phase),
      amplitudeMm: first.amplitude,
      tiltDegrees:
        radiusMm === null ? null : (Math.atan(first.amplitude / radiusMm) * 180) / Math.PI,
    };
  if (second && rules(second)) {
    const crest = second.phase / 2;
    const [earlier, later] = [oClock(crest), oClock(crest + Math.PI)].sort((a, b) => a - b);
    return {
      code: 'saddle',
      crestsAtOClock: [earlier!, later!],
      amplitudeMm: second.amplitude,
    };
  }
  const middle = median(readingsMm);
  const crest = readingsMm.reduce(
    (best, reading, k) =>
      Math.abs(reading - middle) > Math.abs(readingsMm[best]! - middle) ? k : best,
    0,
  );
  return {
    code: 'mixed',
    crestAtOClock: (12 * crest) / readingsMm.length || 12,
    heightMm: readingsMm[crest]! - middle,
  };
}

/** Hours on the clock of an angle from the valve, radians; above 0, up to 12. */
function oClock(angle: number): number {
  const turns = angle / (2 * Math.PI);
  return 12 * (turns - Math.floor(turns)) || 12;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** Standard deviation of a few values. */
function spread(values: readonly number[]): number {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return Math.sqrt(squares / Math.max(1, values.length - 1));
}
