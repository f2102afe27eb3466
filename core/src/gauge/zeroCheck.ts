import { InputError } from '../inputError';

/** Largest zero error a gauge may be used with, mm either way [D]; a larger one is dirt or damage, and could pass a worn part. */
export const LARGEST_ZERO_ERROR_MM = 0.1;

/** Returns a zero error that can be one; throws InputError `zero-error-too-large`. */
export function plausibleZeroError(errorMm: number): number {
  if (!Number.isFinite(errorMm)) throw new InputError('not-a-number', 'zero');
  if (Math.abs(errorMm) > LARGEST_ZERO_ERROR_MM)
    throw new InputError('zero-error-too-large', 'zero', { mostMm: LARGEST_ZERO_ERROR_MM });
  return errorMm;
}
