import { InputError } from '../inputError';

export interface LinePoint {
  x: number;
  y: number;
  /** Standard uncertainty of y (k = 1), in its unit; above zero. */
  sd: number;
}

export interface WeightedLine {
  /** Weighted means of x and y: the line passes through them. */
  meanX: number;
  meanY: number;
  slope: number;
  /** Variance of meanY and of the slope for known doubts; the two are independent. */
  varianceOfMean: number;
  varianceOfSlope: number;
  /** Σw·r²/(n − 2), by which the doubts would have to grow to explain the residuals; null below three points. */
  residualScale: number | null;
}

/**
 * Straight line by weighted least squares, w = 1/sd². Null when all x are equal.
 * Source [S]: Draper & Smith, Applied Regression Analysis, weighted least squares.
 * @throws InputError `too-few-points` below two points, `not-a-number`, `not-positive` for a doubt
 */
export function weightedLine(points: readonly LinePoint[]): WeightedLine | null {
  if (points.length < 2)
    throw new InputError('too-few-points', 'points', { have: points.length, need: 2 });
  for (const { x, y, sd } of points) {
    if (![x, y, sd].every(Number.isFinite)) throw new InputError('not-a-number', 'points');
    if (sd <= 0) throw new InputError('not-positive', 'doubt', { value: sd });
  }
  if (points.every(({ x }) => x === points[0]!.x)) return null;

  const weighted = points.map((point) => ({ ...point, w: 1 / point.sd ** 2 }));
  const sum = (of: (point: (typeof weighted)[number]) => number) =>
    weighted.reduce((total, point) => total + of(point), 0);
  const weight = sum(({ w }) => w);
  const meanX = sum(({ w, x }) => w * x) / weight;
  const meanY = sum(({ w, y }) => w * y) / weight;
  const sxx = sum(({ w, x }) => w * (x - meanX) ** 2);
  const slope = sum(({ w, x, y }) => w * (x - meanX) * (y - meanY)) / sxx;
  const residuals = sum(({ w, x, y }) => w * (y - meanY - slope * (x - meanX)) ** 2);
  return {
    meanX,
    meanY,
    slope,
    varianceOfMean: 1 / weight,
    varianceOfSlope: 1 / sxx,
    residualScale: points.length > 2 ? residuals / (points.length - 2) : null,
  };
}
