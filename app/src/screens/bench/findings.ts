import { PAD_RULES, type PadVerdict, type SchoolVerdict } from '@hold-fast/core/wear/pads';
import type { RotorVerdict } from '@hold-fast/core/wear/rotor';
import { words } from '../../words/words';

/** "Thinnest 1.47 at point 3, 4 o’clock. Limit 1.50, stamped." */
export function rotorSays(rotor: RotorVerdict, decimals = 2): string {
  const limit = `Limit ${rotor.limit.limitMm.toFixed(2)}, ${words.origin[rotor.limit.origin]}.`;
  if (!rotor.thinnest) return limit;
  const { thicknessMm, point, oClock } = rotor.thinnest;
  const clock = Math.round(oClock * 10) / 10;
  const most = rotor.upperBounds ? ' at most' : '';
  const pulsing = rotor.pulsingExpected
    ? ` Varies ${rotor.variationMm!.toFixed(2)}: expect pulsing.`
    : '';
  return `Thinnest ${thicknessMm.toFixed(decimals)}${most} at point ${point}, ${clock} o’clock. ${limit}${pulsing}`;
}

/** "Least 3.40 total at inner leading. The friction rule decides." */
export function padsSay(pads: PadVerdict): string {
  const decisive = pads.schools.find(({ school }) => school === pads.decidedBy)!;
  const least = pads.thinnest
    ? `Least ${pads.thinnest.measuredMm.toFixed(2)} at ${words.padPlace[pads.thinnest.place]}. `
    : '';
  return `${least}${words.school[decisive.school]} decides: ${schoolSays(decisive)}.`;
}

/** What one school sees, against its rule. */
export function schoolSays(verdict: SchoolVerdict): string {
  const { school, leastMm, limitMm, wornShare } = verdict;
  if (school === 'share')
    return wornShare === null
      ? 'share not known'
      : `${words.format.percent(wornShare)} worn, rule ${words.format.percent(PAD_RULES.share.wornShare)}`;
  if (leastMm === null) return 'cannot be said';
  return `${leastMm.toFixed(2)}, rule ${limitMm?.toFixed(1) ?? '–'}`;
}
