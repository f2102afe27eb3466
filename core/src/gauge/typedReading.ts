import { InputError } from '../inputError';

/**
 * How bare digits become a number. `thickness`: one whole millimetre first, the rest behind the point, because
 * thicknesses there are below 10 mm. `last-digits`: the last digits stand behind the point, for gaps and wobbles that
 * are mostly below 1 mm. `plain`: as keyed.
 */
export type Fill = 'thickness' | 'last-digits' | 'plain';

/** How a reading is keyed: decimals the gauge shows, and whether a minus sign makes sense. */
export interface Keying {
  decimals: number;
  signed?: boolean;
  /** `thickness` when left out. */
  fill?: Fill;
  /**
   * A rotor is 1.3 to 1.99 mm or begins with a keyed 1 or 2: a first digit from 3 on stands behind an implied "1.".
   * With it "47" is 1.47, and "147" still is.
   */
  impliesOne?: boolean;
}

/**
 * A reading in mm as keyed at the bench: with two decimals "147" and "15" give 1.47 and 1.50. A decimal point or comma
 * is taken at its word.
 *
 * @throws InputError `empty`, `not-a-number` (letters), `negative`, `too-many-digits` (more decimals than the gauge shows),
 * or `too-few-digits` (an implied 1 and not every digit behind it: what is left of a slip is no reading).
 * @example typedReading('147', { decimals: 2 }) // 1.47
 * @example typedReading('12', { decimals: 2, fill: 'last-digits' }) // 0.12
 */
export function typedReading(text: string, keying: Keying): number {
  const { decimals, signed = false } = keying;
  const trimmed = text.trim().replace('−', '-');
  if (trimmed === '' || trimmed === '-') throw new InputError('empty', 'reading');
  const parts = /^(-?)(\d*)(?:[.,](\d*))?$/.exec(trimmed);
  if (!parts) throw new InputError('not-a-number', 'reading');

  const [, sign, whole = '', fraction] = parts;
  const pointed = fraction !== undefined;
  if (pointed && whole === '' && fraction === '') throw new InputError('not-a-number', 'reading');
  const [units, rest] = pointed ? [whole || '0', fraction] : placed(whole, keying);
  if (rest.length > decimals) throw new InputError('too-many-digits', 'reading', { decimals });

  const implied = !pointed && keying.impliesOne && IMPLIES_ONE.test(whole);
  if (implied && rest.length < decimals)
    throw new InputError('too-few-digits', 'reading', { decimals });

  const value = Number(`${sign}${units}.${rest || '0'}`);
  if (value < 0 && !signed) throw new InputError('negative', 'reading', { value });
  return value === 0 ? 0 : value;
}

/**
 * Whether one more digit may be keyed: not where the gauge's last decimal stands already. A digit too many likely belongs
 * to the next reading: it is said, and neither swallowed nor taken.
 */
export function canGrow(text: string, keying: Keying): boolean {
  const { decimals, fill = 'thickness' } = keying;
  const [, fraction] = text.split(/[.,]/);
  if (fraction !== undefined) return fraction.length < decimals;
  const digits = text.replace(/\D/g, '');
  if (fill !== 'thickness' || digits === '') return true;
  const [units, rest] = placed(digits, keying);
  return units.length + rest.length < 1 + decimals;
}

/**
 * Whether a keyed number needs no Enter: it cannot grow, and no part of it is a reading by itself. "47" of a rotor can be
 * nothing but 1.47; "313" of a pad may be 3.13, or 3.1 and the first digit of the next.
 */
export function isCertain(text: string, keying: Keying): boolean {
  if (!isReading(text, keying) || canGrow(text, keying)) return false;
  return [...text].every((_, length) => !isReading(text.slice(0, length), keying));
}

function isReading(text: string, keying: Keying): boolean {
  try {
    typedReading(text, keying);
    return true;
  } catch {
    return false;
  }
}

/**
 * The same text as it stands on the display while it grows: what is keyed, and the places still open.
 * @example growingReading('14', { decimals: 2 }) // { keyed: '1.4', open: '0' }
 */
export function growingReading(text: string, keying: Keying): { keyed: string; open: string } {
  const { decimals, fill = 'thickness' } = keying;
  const point = decimals > 0 ? '.' : '';
  const blank = `0${point}${'0'.repeat(decimals)}`;
  const sign = text.startsWith('-') ? '-' : '';
  if (/[.,]/.test(text)) return { keyed: text.replace(',', '.'), open: '' };
  const digits = text.replace(/\D/g, '');
  if (digits === '') return { keyed: sign, open: blank };
  const [units, rest] = placed(digits, keying);
  if (fill === 'plain') return { keyed: sign + units, open: '' };
  if (fill === 'last-digits') return { keyed: `${sign}${units}${point}${rest}`, open: '' };
  const keyed = `${units}${point}${rest}`;
  return { keyed: sign + keyed, open: blank.slice(keyed.length) };
}

/** A first digit that no rotor reading begins with: it stands behind an implied 1. */
const IMPLIES_ONE = /^[3-9]/;

/** Bare digits as what stands before the point and behind it. */
function placed(
  digits: string,
  { decimals, fill = 'thickness', impliesOne }: Keying,
): [string, string] {
  switch (fill) {
    case 'plain':
      return [digits, ''];
    case 'last-digits': {
      const padded = digits.padStart(decimals + 1, '0');
      return [padded.slice(0, padded.length - decimals), padded.slice(padded.length - decimals)];
    }
    case 'thickness': {
      const all = impliesOne && IMPLIES_ONE.test(digits) ? `1${digits}` : digits;
      return [all[0] ?? '0', all.slice(1)];
    }
  }
}
