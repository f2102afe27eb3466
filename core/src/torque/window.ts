import { InputError, positive } from '../inputError';
import type { Origin, Tag } from '../source';

/** What a fastener asks for, N·m, and who asked. */
export interface TorqueWindow {
  loNm: number;
  hiNm: number;
  origin: Origin;
  /** Where the numbers come from; null when a maker's sheet gives them. */
  tag: Tag | null;
  /** The single value the sheet names when the window is our spread of it; null when the sheet gives a range. */
  namedNm: number | null;
}

/** Spread put on a sheet's single value, as a share of it [D]. */
export const SINGLE_VALUE_SPREAD = 0.1;

/**
 * A window as the sheet gives it.
 * @throws InputError `not-positive`, `not-a-number`, or `window-upside-down` when lo > hi.
 */
export function torqueWindow(
  loNm: number,
  hiNm: number,
  origin: Origin,
  tag: Tag | null = null,
): TorqueWindow {
  positive(loNm, 'lo');
  positive(hiNm, 'hi');
  if (loNm > hiNm) throw new InputError('window-upside-down', 'lo', { loNm, hiNm });
  return { loNm, hiNm, origin, tag, namedNm: null };
}

/**
 * The window of a sheet that names one value and no tolerance: 0.9 v to 1.1 v, which is our own choice [D].
 * @example windowOfSingleValue(6, 'sheet') // 5.4 … 6.6
 */
export function windowOfSingleValue(namedNm: number, origin: Origin): TorqueWindow {
  positive(namedNm, 'torque');
  const tenths = (share: number) => Math.round(namedNm * share * 1e6) / 1e6;
  return {
    loNm: tenths(1 - SINGLE_VALUE_SPREAD),
    hiNm: tenths(1 + SINGLE_VALUE_SPREAD),
    origin,
    tag: 'D',
    namedNm,
  };
}
