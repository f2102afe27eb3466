import { InputError } from '../inputError';

/** Highest harmonic fitted to a turn of readings. */
const HIGHEST_HARMONIC = 3;

interface Harmonic {
  order: number;
  /** Amplitude Aₕ, in the unit of the readings. */
  amplitude: number;
  /** Phase φₕ from the first reading, radians, −π to π. */
  phase: number;
}

export interface HarmonicFit {
  mean: number;
  harmonics: Harmonic[];
  /** Each reading less the fit, in the order read. */
  residuals: number[];
}

/**
 * Least-squares fit of y = c₀ + Σ Aₕ cos(hθ − φₕ) to readings evenly spaced over one turn, h = 1…H, 2H < n, H at
 * most {@link HIGHEST_HARMONIC}. For even spacing the normal equations are diagonal, so the sums below are the fit.
 * Source [S]: any text on Fourier series; checked against a fast Fourier transform.
 * @throws InputError `too-few-points` below three readings, `not-a-number`.
 */
export function harmonicFit(readings: readonly number[]): HarmonicFit {
  const n = readings.length;
  if (n < 3) throw new InputError('too-few-points', 'readings', { have: n, need: 3 });
  if (!readings.every(Number.isFinite)) throw new InputError('not-a-number', 'readings');

  const mean = readings.reduce((sum, y) => sum + y, 0) / n;
  const orders = Math.min(HIGHEST_HARMONIC, Math.ceil(n / 2) - 1);
  const harmonics = Array.from({ length: orders }, (_, i): Harmonic => {
    const order = i + 1;
    const angle = (k: number) => (2 * Math.PI * order * k) / n;
    const a = (2 / n) * readings.reduce((sum, y, k) => sum + y * Math.cos(angle(k)), 0);
    const b = (2 / n) * readings.reduce((sum, y, k) => sum + y * Math.sin(angle(k)), 0);
    return { order, amplitude: Math.hypot(a, b), phase: Math.atan2(b, a) };
  });
  const residuals = readings.map((y, k) => y - fitted({ mean, harmonics }, (2 * Math.PI * k) / n));
  return { mean, harmonics, residuals };
}

/** The fitted value at an angle from the first reading, radians. */
function fitted(
  { mean, harmonics }: Pick<HarmonicFit, 'mean' | 'harmonics'>,
  angle: number,
): number {
  return harmonics.reduce(
    (sum, { order, amplitude, phase }) => sum + amplitude * Math.cos(order * angle - phase),
    mean,
  );
}
