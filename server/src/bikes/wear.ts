import { serviceDaysOf, type ShopRules } from '@hold-fast/core/rules/shopRules';
import type { Bike, BikePage } from '@hold-fast/contract/bikes';
import { forecast } from '@hold-fast/core/forecast/forecast';
import { dayNumber, outlookOf } from '@hold-fast/core/forecast/outlook';
import type { Shop } from '../platform/shop';
import { dayIn } from '@hold-fast/core/job/day';
import { thicknessOfBike, type WearLine } from './store';

/** How each part of a bike has worn, and where the one fitted now is heading. */
export async function wearOfBike(
  { pool, now }: Shop,
  bike: Bike,
  rules: ShopRules,
): Promise<BikePage['wear']> {
  return (await thicknessOfBike(pool, bike.id)).map((line) => ({
    ...line,
    outlook: headingOf(line, bike, rules, now().toISOString()),
  }));
}

/**
 * The forecast of a part's present life as of its last visit; the next service counts from today, and a bike whose
 * distance is known by visits is thought to have gone on at its weekly pace.
 */
function headingOf(
  { part, points }: WearLine,
  bike: Bike,
  rules: ShopRules,
  at: string,
): BikePage['wear'][number]['outlook'] {
  const dayOf = (moment: string) => dayIn(rules.timeZone, moment);
  const today = dayOf(at);
  const last = points.at(-1);
  if (!last) return null;
  const lived = points.filter(({ life, upperBound }) => life === last.life && !upperBound);
  const visits = lived.map((point) => ({
    day: dayOf(point.measuredOn),
    odometerKm: point.odometerKm,
    mm: point.leastMm,
    doubtMm: point.doubtMm,
  }));
  const sinceDays = dayNumber(today) - dayNumber(dayOf(last.measuredOn));
  const outlook = outlookOf(visits, {
    day: today,
    odometerKm:
      last.odometerKm === null || bike.kmPerWeek === null
        ? null
        : last.odometerKm + (sinceDays * bike.kmPerWeek) / 7,
    kmPerWeek: bike.kmPerWeek,
    serviceDays: serviceDaysOf(rules, part, bike),
  });
  if (outlook === null || last.limitMm === null) return null;
  const { unit, now, nextService, earlier } = outlook;
  return { unit, now, nextService, forecast: forecast(earlier, last.limitMm) };
}
