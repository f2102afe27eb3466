import type { Fitted } from '@hold-fast/contract/jobs';
import { outlookOf, type VisitThickness } from '@hold-fast/core/forecast/outlook';
import type { Outlook } from '@hold-fast/core/forecast/forecast';
import { PARTS, type End, type Part } from '@hold-fast/core/ends';
import type { ShopRules } from '@hold-fast/core/rules/shopRules';
import { thicknessOfBike } from '../bikes/store';
import type { Asked } from '../platform/database';
import { dayOf } from '../platform/shop';
import type { JobRow } from './store';

/**
 * What the parts that were on the bike when this visit began measured at the visits before it. Upper bounds say how
 * thick a part is at most and tell no wear; a part fitted at this visit has no earlier readings.
 */
export async function outlooksOf(
  on: Asked,
  job: JobRow,
  kmPerWeek: number | null,
  rules: ShopRules,
  fittings: readonly Fitted[],
): Promise<Record<End, Partial<Record<Part, Outlook>>>> {
  const wear = await thicknessOfBike(on, job.bikeId);
  const of = (end: End): Partial<Record<Part, Outlook>> =>
    Object.fromEntries(
      PARTS.flatMap((part) => {
        const line = wear.find((each) => each.end === end && each.part === part);
        const life = fittings.filter(
          (f) => f.end === end && f.part === part && f.condition !== 'found',
        ).length;
        const points = (line?.points ?? [])
          .filter((point) => point.tag < job.tag && point.life === life && !point.upperBound)
          .map((point): VisitThickness => ({
            day: point.measuredOn.slice(0, 10),
            odometerKm: point.odometerKm,
            mm: point.leastMm,
            doubtMm: point.doubtMm,
          }));
        const outlook = outlookOf(points, {
          day: dayOf(job.at),
          odometerKm: job.odometerKm,
          kmPerWeek,
          serviceDays: rules.serviceDays[part],
        });
        return outlook ? [[part, outlook]] : [];
      }),
    );
  return { front: of('front'), rear: of('rear') };
}
