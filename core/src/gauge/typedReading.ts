import { InputError } from '../inputError';

/** How a reading is keyed: decimals the gauge shows, and whether a minus sign makes sense (a zero check). */
export interface Keying {
  decimals: number;
  signed?: boolean;
}

/**
 * A reading in mm as keyed at the bench. Bare digits are filled in from the left, one whole millimetre
 * first, because thicknesses there are below 10 mm: with two decimals "147" and "15" give 1.47 and 1.50.
 * A decimal point or comma is taken at its word.
 *
 * @throws InputError `empty`, `not-a-number` (letters), `negative`, or `too-many-digits` (more decimals than the gauge shows).
 * @example typedReading('147', { decimals: 2 }) // 1.47
 */
export function typedReading(text: string, { decimals, signed = false }: Keying): number {
  const trimmed = text.trim().replace('−', '-');
  if (trimmed === '' || trimmed === '-') throw new InputError('empty', 'reading');
  const parts = /^(-?)(\d*)(?:[.,](\d*))?$/.exec(trimmed);
  if (!parts) throw new InputError('not-a-number', 'reading');

  const [, sign, whole = '', fraction] = parts;
  const pointed = fraction !== undefined;
  if (pointed && whole === '' && fraction === '') throw new InputError('not-a-number', 'reading');
  const [units, rest] = pointed ? [whole || '0', fraction] : [whole[0] ?? '0', whole.slice(1)];
  if (rest.length > decimals) throw new InputError('too-many-digits', 'reading', { decimals });

  const value = Number(`${sign}${units}.${rest || '0'}`);
  if (value < 0 && !signed) throw new InputError('negative', 'reading', { value });
  return value === 0 ? 0 : value;
}

/**
 * The same text as it stands on the display while it grows: what is keyed, and the places still open.
 * @example growingReading('14', { decimals: 2 }) // { keyed: '1.4', open: '0' }
 */
export function growingReading(
  text: string,
  { decimals }: Keying,
): { keyed: string; open: string } {
  const blank = `0${decimals > 0 ? '.' : ''}${'0'.repeat(decimals)}`;
  if (/[.,]/.test(text)) return { keyed: text.replace(',', '.'), open: '' };
  const sign = text.startsWith('-') ? '-' : '';
  const digits = text.replace(/\D/g, '');
  if (digits === '') return { keyed: sign, open: blank };
  const keyed =
    digits.length > 1 ? `${digits[0]}.${digits.slice(1)}` : digits + (decimals > 0 ? '.' : '');
  return { keyed: sign + keyed, open: blank.slice(keyed.length) };
}
