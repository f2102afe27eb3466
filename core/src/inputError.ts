/**
 * Thrown when a value handed to core cannot be what it claims to be. It is data first:
 * `code` and `field` are stable, `numbers` (in the units the code names) let the caller put it in words.
 */
export class InputError extends RangeError {
  override readonly name = 'InputError';

  constructor(
    readonly code: InputErrorCode,
    readonly field: string,
    readonly numbers: Readonly<Record<string, number>> = {},
  ) {
    super(`${field}: ${code}`);
  }
}

export type InputErrorCode =
  | 'not-a-number'
  | 'not-positive'
  | 'empty'
  | 'negative'
  | 'too-many-digits'
  | 'too-few-digits'
  | 'new-not-above-limit'
  | 'thicker-than-new'
  | 'thinner-than-plate'
  | 'implausible'
  | 'zero-error-too-large'
  | 'window-upside-down'
  | 'no-such-point'
  | 'too-few-points'
  | 'too-many-points'
  | 'too-steep'
  | 'not-farther'
  | 'too-large'
  | 'not-a-track'
  | 'no-heights'
  | 'track-gap'
  | 'firm-before-bite'
  | 'beyond-reach'
  | 'points-back'
  | 'too-shallow'
  | 'same-spot'
  | 'sizes-reversed'
  | 'beyond-a-turn'
  | 'not-slower'
  | 'out-of-range'
  | 'bite-past-bar'
  | 'not-a-date';

/** Returns `value` when it is a finite number above zero; otherwise throws an {@link InputError} naming `field`. */
export function positive(value: number, field: string): number {
  if (!Number.isFinite(value)) throw new InputError('not-a-number', field);
  if (value <= 0) throw new InputError('not-positive', field, { value });
  return value;
}
