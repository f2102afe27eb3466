import { InputError } from '../inputError';
import { boilsAtC, type Fluid } from './families';

/** Water that "wet" stands for, % [P]. */
export const WET_PERCENT = 3.7;
const DECAY = 0.6;

/**
 * Boiling point of glycol fluid with so much water in it, °C: our estimate [D] between the published ends. Null past
 * 3.7 %: no number, change it now.
 * @param waterPercent 0 or more
 * @throws InputError `negative`
 */
export function boilingPointC(
  grade: Extract<Fluid, { family: 'glycol' }>['grade'],
  waterPercent: number,
): number | null {
  if (!Number.isFinite(waterPercent)) throw new InputError('not-a-number', 'water');
  if (waterPercent < 0) throw new InputError('negative', 'water', { waterPercent });
  if (waterPercent > WET_PERCENT) return null;
  const { dry, wet } = boilsAtC('glycol', grade);
  const end = Math.exp(-DECAY * WET_PERCENT);
  return wet + ((dry - wet) * (Math.exp(-DECAY * waterPercent) - end)) / (1 - end);
}

/**
 * Boiling point of glycol fluid in a brake, °C, by what is known of it: a tester's water; else fluid that is fresh counts as dry, and
 * all other as wet, for nobody knows how much it drew [D]. Null past 3.7 %.
 * @param waterPercent by a tester; null where nobody measured it
 * @param ageMonths since it was filled; null where nobody knows
 */
export function boilsInBrakeC(
  grade: Parameters<typeof boilingPointC>[0],
  waterPercent: number | null,
  ageMonths: number | null,
): number | null {
  return boilingPointC(grade, waterPercent ?? (ageMonths === 0 ? 0 : WET_PERCENT));
}
