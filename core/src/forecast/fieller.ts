import type { WeightedLine } from './weightedLine';

/** From here on the slope is too uncertain for inverse prediction: too early to say. */
const LARGEST_G = 0.2;

export interface Crossing {
  /** Where the line reaches the level, and the ends of the interval, in the unit of x. */
  at: number;
  early: number;
  late: number;
  /** (factor · SE of slope / slope)². */
  g: number;
}

/**
 * Where a line reaches a level, with the interval of inverse prediction for the line itself; null when g is
 * {@link LARGEST_G} or more.
 * Source [S]: Fieller 1954, J. R. Stat. Soc. B 16; Draper & Smith, inverse regression.
 * @param factor quantile the interval is wide by: z for known doubts, t for doubts taken from the residuals
 * @param scale by which the known variances are multiplied: 1 for known doubts
 */
export function crossing(
  line: WeightedLine,
  level: number,
  { factor, scale }: { factor: number; scale: number },
): Crossing | null {
  const { meanX, meanY, slope } = line;
  const ofSlope = line.varianceOfSlope * scale;
  const ofMean = line.varianceOfMean * scale;
  const g = (factor ** 2 * ofSlope) / slope ** 2;
  if (!(g < LARGEST_G)) return null;
  const run = (level - meanY) / slope;
  const half = (factor / Math.abs(slope)) * Math.sqrt(ofSlope * run ** 2 + (1 - g) * ofMean);
  return {
    at: meanX + run,
    early: meanX + (run - half) / (1 - g),
    late: meanX + (run + half) / (1 - g),
    g,
  };
}
