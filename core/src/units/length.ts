import { InputError } from '../inputError';

/** Exact by definition. Source [S]: NIST SP 811 (2008), Appendix B.8, inch. */
const MM_PER_INCH = 25.4;

/**
 * Whole micrometres of a length in millimetres, so that 3.3 − 1.8 is not "under" 1.5.
 * @throws InputError `not-a-number` unless `mm` is finite.
 * @example micrometres(1.47) // 1470
 */
export function micrometres(mm: number, field = 'length'): number {
  if (!Number.isFinite(mm)) throw new InputError('not-a-number', field);
  return Math.round(mm * 1000);
}

/** Millimetres of whole micrometres. */
export function millimetres(um: number): number {
  return um / 1000;
}

/** Inches of a length in millimetres. */
export function inchesFromMm(mm: number): number {
  return mm / MM_PER_INCH;
}
