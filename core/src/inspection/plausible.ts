import { plausibleGap, PLAUSIBLE_SPAN_MM } from '../clearance/corners';
import { plausibleZeroError } from '../gauge/zeroCheck';
import { InputError } from '../inputError';
import { plausibleLeverReading } from '../lever/lever';
import { plausibleRunoutReading } from '../runout/runout';
import { plausiblePadReading } from '../wear/pads';
import { plausibleRotorReading } from '../wear/rotor';
import type { Measurand } from './measurand';

/** Distances along the bike that help to judge, mm [D]: what can be one. */
const PLAUSIBLE_AID_MM: Readonly<Record<string, { least: number; most: number }>> = {
  radius: { least: 50, most: 130 },
  span: PLAUSIBLE_SPAN_MM,
  spacing: { least: 20, most: 120 },
  'pad-offset': { least: 0, most: 120 },
};

/**
 * Returns a reading that can be one at its place; throws InputError for a slip such as 12 mm of rotor, before anything
 * is judged by it.
 */
export function plausibleReading(measurand: Measurand, place: string, valueMm: number): number {
  if (place === 'zero') return plausibleZeroError(valueMm);
  const aid = PLAUSIBLE_AID_MM[place];
  if (aid) {
    if (!(valueMm >= aid.least && valueMm <= aid.most))
      throw new InputError('implausible', 'reading', { leastMm: aid.least, mostMm: aid.most });
    return valueMm;
  }
  switch (measurand) {
    case 'rotor':
      return plausibleRotorReading(valueMm);
    case 'pads':
      return plausiblePadReading(valueMm);
    case 'runout':
      return plausibleRunoutReading(valueMm);
    case 'clearance':
    case 'mount-face':
      return plausibleGap(valueMm);
    case 'lever':
      return plausibleLeverReading(valueMm);
  }
}
