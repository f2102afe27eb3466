import { InputError } from '../inputError';

interface CombinedReading {
  /** Mean of the repeats, mm. */
  meanMm: number;
  /** Expanded uncertainty of the mean, k = 2, mm. */
  uncertaintyMm: number;
}

/**
 * Repeats taken at one point, with one gauge, as one value: u² = (U/2)² + s²/n, U = 2u.
 * A single reading keeps the gauge's own doubt.
 *
 * Source [S]: JCGM 100:2008 (GUM), 4.2 (type A, standard deviation of the mean) and 5.1 (combination).
 * @param readingsMm one or more readings, mm
 * @param gaugeUncertaintyMm the gauge's expanded uncertainty U, k = 2, mm
 * @throws InputError `empty` without readings, `not-a-number` for one that is not finite.
 */
export function combineRepeats(
  readingsMm: readonly number[],
  gaugeUncertaintyMm: number,
): CombinedReading {
  const n = readingsMm.length;
  if (n === 0) throw new InputError('empty', 'readings');
  if (!readingsMm.every(Number.isFinite)) throw new InputError('not-a-number', 'readings');

  const meanMm = readingsMm.reduce((sum, reading) => sum + reading, 0) / n;
  const squaredErrors = readingsMm.reduce((sum, reading) => sum + (reading - meanMm) ** 2, 0);
  const varianceOfMean = n > 1 ? squaredErrors / (n - 1) / n : 0;
  return {
    meanMm,
    uncertaintyMm: 2 * Math.sqrt((gaugeUncertaintyMm / 2) ** 2 + varianceOfMean),
  };
}
