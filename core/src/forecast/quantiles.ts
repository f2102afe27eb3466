/** Normal quantile for an 80 % interval, 0.90 one-sided. Source [S]: any table; z₀.₉₀. */
export const Z90 = 1.2816;

/** Student's t₀.₉₀ by degrees of freedom from 1. Source [S]: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2. */
const T90 = [
  3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372, 1.363, 1.356, 1.35, 1.345,
  1.341, 1.337, 1.333, 1.33, 1.328, 1.325, 1.323, 1.321, 1.319, 1.318, 1.316, 1.315, 1.314, 1.313,
  1.311, 1.31,
] as const;

/** Student's t₀.₉₀. Above the table its last value stands in: a little too wide, which is the safe side. */
export function t90(degreesOfFreedom: number): number {
  return T90[Math.min(degreesOfFreedom, T90.length) - 1] ?? Infinity;
}
