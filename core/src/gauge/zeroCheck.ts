import { differenceInMilliseconds } from 'date-fns/differenceInMilliseconds';
import { parseISO } from 'date-fns/parseISO';
import { InputError } from '../inputError';

/** Largest zero error a gauge may be used with, mm either way [D]; a larger one is dirt or damage, and could pass a worn part. */
const LARGEST_ZERO_ERROR_MM = 0.1;

/** Returns a zero error that can be one; throws InputError `zero-error-too-large`. */
export function plausibleZeroError(errorMm: number): number {
  if (!Number.isFinite(errorMm)) throw new InputError('not-a-number', 'zero');
  if (Math.abs(errorMm) > LARGEST_ZERO_ERROR_MM)
    throw new InputError('zero-error-too-large', 'zero', { mostMm: LARGEST_ZERO_ERROR_MM });
  return errorMm;
}

/** How long a zero check stands for the same gauge in the same hands, minutes [D]. */
const ZERO_STANDS_MINUTES = 30;

/**
 * The zero error found with a gauge at an earlier sitting that still stands, mm; null when none does.
 * @param sittings of one job, in order; `at` is when each was begun, ISO 8601
 * @param nowMs milliseconds since 1970
 */
export function standingZero(
  sittings: readonly { gaugeId: string; at: string; zeroMm: number | null }[],
  gaugeId: string,
  nowMs: number,
): number | null {
  const last = sittings.filter((sitting) => sitting.gaugeId === gaugeId).at(-1);
  if (!last || last.zeroMm === null) return null;
  const minutes = differenceInMilliseconds(nowMs, parseISO(last.at)) / 60_000;
  return minutes >= 0 && minutes <= ZERO_STANDS_MINUTES ? last.zeroMm : null;
}
