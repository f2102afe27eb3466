import { InputError } from '../inputError';
import type { Fluid } from './families';

/**
 * Minimum boiling points, °C. Source [S]: 49 CFR 571.116 (FMVSS 116), S5.1.1 (dry) and S5.1.2 (wet).
 */
export const BOILING_C = {
  'DOT 3': { dry: 205, wet: 140 },
  'DOT 4': { dry: 230, wet: 155 },
  'DOT 5': { dry: 260, wet: 180 },
  'DOT 5.1': { dry: 260, wet: 180 },
} as const;

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
  const { dry, wet } = BOILING_C[grade];
  const end = Math.exp(-DECAY * WET_PERCENT);
  return wet + ((dry - wet) * (Math.exp(-DECAY * waterPercent) - end)) / (1 - end);
}
