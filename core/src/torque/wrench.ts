import { inCalibration } from '../gauge/gauge';
import { positive } from '../inputError';
import type { TorqueWindow } from './window';

/** A click wrench is set and clicks; a reading one shows what was reached, bolt by bolt. */
export const WRENCH_KINDS = ['click', 'reading'] as const;
type WrenchKind = (typeof WRENCH_KINDS)[number];

/** A torque wrench. */
export interface Wrench {
  kind: WrenchKind;
  /** Greatest torque on its scale, N·m. */
  maxNm: number;
  /** Step between two marks, N·m. */
  markNm: number;
  /** Permissible deviation as a share, ± (0.04 is ±4 %). */
  tolerance: number;
  /** Last day the calibration is valid, `yyyy-mm-dd`; null when there is none. */
  calibrationDueOn: string | null;
  /** Clicks since calibration. */
  uses: number;
}

/** Least share of full scale a wrench may be used at [P]. */
export const LEAST_SHARE_OF_SCALE = 0.2;
/** What a wrench may be off, as a share [D]: none is finer than half a per cent. */
export const PLAUSIBLE_TOLERANCE = { least: 0.005, most: 0.2 } as const;
/** Clicks after which a wrench is due for calibration; the other limit is 12 months [M: ISO 6789]. */
export const CALIBRATION_CYCLES = 5000;

/**
 * The deviation a setting-type wrench may have when its certificate says nothing, as a share:
 * ±6 % with a greatest torque up to 10 N·m, ±4 % above. From memory [M] of ISO 6789-1:2017; show it as "assumed".
 */
export function assumedTolerance(maxNm: number): number {
  return positive(maxNm, 'max') <= 10 ? 0.06 : 0.04;
}

/**
 * Whether a wrench is said to be off by less than is assumed, and by no certificate: what only that can say is not assumed [D]. One that is
 * retired proves nothing, and is not held up by it.
 */
export const isUnderAssumed = ({
  maxNm,
  tolerance,
  toleranceAssumed,
  retired,
}: Pick<Wrench, 'maxNm' | 'tolerance'> & {
  toleranceAssumed: boolean;
  retired: boolean;
}): boolean => toleranceAssumed && !retired && tolerance < assumedTolerance(maxNm);

/**
 * How often a wrench has clicked once a change of it is written, or null where that is refused [D]: a count goes back with a new calibration
 * alone. One that fell by itself would let it prove past {@link CALIBRATION_CYCLES}, whether somebody typed it or saved what they had read
 * before others went on clicking. One that is retired keeps its count, and is not held up by it.
 */
export function clicksAfter(
  was: Pick<Wrench, 'uses' | 'calibrationDueOn'>,
  became: Pick<Wrench, 'uses' | 'calibrationDueOn'> & { retired: boolean },
): number | null {
  const isCalibrated = (became.calibrationDueOn ?? '') > (was.calibrationDueOn ?? '');
  if (isCalibrated || became.uses >= was.uses) return became.uses;
  return became.retired ? was.uses : null;
}

/** Whether the wrench's calibration stands on `day`: in date, and not past {@link CALIBRATION_CYCLES} clicks. */
export function wrenchInCalibration(wrench: Wrench, day: string): boolean {
  return inCalibration(wrench.calibrationDueOn, day) && wrench.uses < CALIBRATION_CYCLES;
}

export type ClickSetting =
  /** Any mark from lo to hi keeps the whole tolerance inside the window; `setNm` is the one nearest its middle. */
  | { code: 'set'; setNm: number; loNm: number; hiNm: number }
  /** The tolerance is wider than the window: this wrench cannot prove this bolt. */
  | { code: 'window-too-narrow' }
  /** The marks that would do lie outside 20 to 100 % of the scale. */
  | { code: 'outside-scale'; leastNm: number; mostNm: number };

/**
 * What to set a click wrench to, so that its whole tolerance p stays inside the window: between
 * lo/(1 − p) and hi/(1 + p), rounded inward to a mark, within the usable part of the scale.
 * @example clickSetting(torqueWindow(6, 8, 'sheet'), { maxNm: 10, markNm: 0.01, tolerance: 0.06 }) // 6.39 … 7.54
 */
export function clickSetting(
  window: Pick<TorqueWindow, 'loNm' | 'hiNm'>,
  wrench: Pick<Wrench, 'maxNm' | 'markNm' | 'tolerance'>,
): ClickSetting {
  const mark = positive(wrench.markNm, 'mark');
  const up = (torqueNm: number) => Math.ceil(torqueNm / mark - 1e-9);
  const down = (torqueNm: number) => Math.floor(torqueNm / mark + 1e-9);
  const lowest = up(window.loNm / (1 - wrench.tolerance));
  const highest = down(window.hiNm / (1 + wrench.tolerance));
  if (lowest > highest) return { code: 'window-too-narrow' };

  const leastNm = wrench.maxNm * LEAST_SHARE_OF_SCALE;
  const lo = Math.max(lowest, up(leastNm));
  const hi = Math.min(highest, down(wrench.maxNm));
  if (lo > hi) return { code: 'outside-scale', leastNm, mostNm: wrench.maxNm };

  const nm = (marks: number) => Math.round(marks * mark * 1e6) / 1e6;
  const middle = (window.loNm + window.hiNm) / 2 / mark;
  const nearest = Math.min(hi, Math.max(lo, Math.round(middle)));
  return { code: 'set', setNm: nm(nearest), loNm: nm(lo), hiNm: nm(hi) };
}

/**
 * Whether what a reading wrench showed is in the window with its whole tolerance; `under` can be turned further, `over`
 * means the bolt comes out and is looked at.
 */
export function readingStands(
  window: Pick<TorqueWindow, 'loNm' | 'hiNm'>,
  { tolerance }: Pick<Wrench, 'tolerance'>,
  measuredNm: number,
): 'in' | 'under' | 'over' {
  if (measuredNm < window.loNm / (1 - tolerance) - 1e-9) return 'under';
  return measuredNm > window.hiNm / (1 + tolerance) + 1e-9 ? 'over' : 'in';
}
