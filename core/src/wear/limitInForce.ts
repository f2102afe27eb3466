import { figure, type Figures } from '../rules/figures';
import { micrometres } from '../units/length';
import type { ThicknessLimit } from './verdict';

/** The shop's own limit for a rotor; what it reads at the limit is not said. */
export function shopRotorLimit(figures: Figures): ThicknessLimit {
  const { value, tag } = figure(figures, 'rotor-limit');
  return { limitMm: value, atLimitIsWorn: null, origin: 'shop', tag };
}

/** A stamp that is laxer than the sheet, or differs from it by more than this, mm, is asked for twice [D]. */
const STAMP_NEAR_SHEET_MM = 0.2;

/** A limit as it was read off the part, and whether it was read twice and came to the same. */
export interface ReadStamp {
  limit: ThicknessLimit;
  twice: boolean;
}

/** Whether a stamp has to be read twice before it counts against a sheet. */
export function askedTwice(
  stamp: Pick<ThicknessLimit, 'limitMm' | 'atLimitIsWorn'>,
  sheet: Pick<ThicknessLimit, 'limitMm' | 'atLimitIsWorn'> | null,
): boolean {
  if (sheet === null) return false;
  const apartUm = Math.abs(micrometres(stamp.limitMm) - micrometres(sheet.limitMm));
  return stricter(sheet, stamp) === sheet || apartUm > micrometres(STAMP_NEAR_SHEET_MM);
}

/**
 * The limit in force of one rotor: the newest reading of its stamp; while that was to be read twice and was not, or
 * another reading of it says otherwise, the strictest that is known [D]; without a stamp the sheet's, else the shop's.
 * @param stamps every reading of this rotor's own stamp, oldest first
 * @param sheet the sheet's limit, where the rotor is of the sheet's kind
 */
export function limitInForce(
  stamps: readonly ReadStamp[],
  sheet: ThicknessLimit | null,
  shop: ThicknessLimit,
): ThicknessLimit {
  const newest = stamps.at(-1);
  if (!newest) return sheet ?? shop;
  const same = (one: ThicknessLimit) =>
    micrometres(one.limitMm) === micrometres(newest.limit.limitMm) &&
    one.atLimitIsWorn === newest.limit.atLimitIsWorn;
  const agreed = stamps.every(({ limit }) => same(limit));
  const read = stamps.filter(({ limit }) => same(limit));
  const certain = read.length > 1 || newest.twice;
  if (certain || (agreed && !askedTwice(newest.limit, sheet))) return newest.limit;
  return [...(sheet ? [sheet] : []), ...stamps.map(({ limit }) => limit)].reduce(stricter);
}

/** The one of two that condemns more; the first where they are the same. */
export function stricter<L extends Pick<ThicknessLimit, 'limitMm' | 'atLimitIsWorn'>>(
  one: L,
  other: L,
): L {
  const [a, b] = [micrometres(one.limitMm), micrometres(other.limitMm)];
  if (a !== b) return a > b ? one : other;
  return (one.atLimitIsWorn ?? true) || !(other.atLimitIsWorn ?? true) ? one : other;
}
