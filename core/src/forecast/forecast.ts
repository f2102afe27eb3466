import { crossing, type Crossing } from './fieller';
import { t90, Z90 } from './quantiles';
import { weightedLine } from './weightedLine';

/** A part's least thickness at one visit. */
export interface WearPoint {
  /** Distance or time, in the unit of the outlook. */
  x: number;
  mm: number;
  /** Expanded uncertainty U (k = 2), mm. */
  doubtMm: number;
}

/** What a part measured before, and when it will be looked at next: x in km, or in days since 1970. */
export interface Outlook {
  unit: 'km' | 'day';
  earlier: readonly WearPoint[];
  now: number;
  nextService: number;
}

export type Forecast =
  | ({
      ok: true;
      /** Thickness lost per unit of x, mm. */
      wear: number;
      readings: number;
    } & Crossing)
  | { ok: false; code: 'one-reading' | 'no-run' | 'not-wearing' | 'too-early'; readings: number };

/**
 * Where a part's thickness reaches its limit: a weighted straight line (w = 1/(U/2)²) with an 80 % interval by inverse
 * prediction, the limit taken as exact. With two readings the known doubts give it (z); with three or more the wider
 * of that and the residuals' own (t), so that three readings on a line never claim certainty. No number when the
 * readings share one x, the slope is not downhill, or its doubt is too large.
 * @param limitMm the limit, mm
 */
export function forecast(points: readonly WearPoint[], limitMm: number): Forecast {
  const readings = points.length;
  if (readings < 2) return { ok: false, code: 'one-reading', readings };
  const line = weightedLine(points.map(({ x, mm, doubtMm }) => ({ x, y: mm, sd: doubtMm / 2 })));
  if (line === null) return { ok: false, code: 'no-run', readings };
  if (line.slope >= 0) return { ok: false, code: 'not-wearing', readings };

  const known = crossing(line, limitMm, { factor: Z90, scale: 1 });
  const residual =
    line.residualScale === null
      ? known
      : crossing(line, limitMm, { factor: t90(readings - 2), scale: line.residualScale });
  if (known === null || residual === null) return { ok: false, code: 'too-early', readings };
  const wider = width(residual) > width(known) ? residual : known;
  return { ok: true, wear: -line.slope, readings, ...wider };
}

/** The early end of the forecast comes before the next service. */
export function isDueBefore({ early }: Pick<Crossing, 'early'>, nextService: number): boolean {
  return early < nextService;
}

function width({ early, late }: Crossing): number {
  return late - early;
}
