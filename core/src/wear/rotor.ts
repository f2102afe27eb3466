import type { Outlook } from '../forecast/forecast';
import { InputError, positive } from '../inputError';
import { micrometres, millimetres } from '../units/length';
import {
  flawsOfEvidence,
  judgeThickness,
  placeThicknesses,
  wordOfPlace,
  type Evidence,
  type Reason,
  type ThicknessLimit,
  type Verdict,
  type Word,
} from './verdict';

/** How many points round the track the shop may ask for, and the default [P]. */
export const ROTOR_POINTS = { fewest: 4, most: 12, usual: 6 } as const;
/** Thickness variation above which pulsing at the lever is to be expected, mm [M]. */
const PULSING_VARIATION_MM = 0.05;
/** No bicycle rotor is thinner or thicker than this, mm [D]; outside it the reading is a slip. */
const PLAUSIBLE_ROTOR_MM = { least: 0.5, most: 3 } as const;

/** How far apart two neighbouring points may lie and still say what is between them, degrees [D]. */
const FARTHEST_NEIGHBOURS_DEGREES = 150;

/** Reasons to replace a rotor whatever its thickness [P]. */
export const ROTOR_DAMAGE = [
  'crack',
  'deep-scoring',
  'overheating-colours',
  'loose-rivets',
  'bent-beyond-truing',
] as const;
export type RotorDamage = (typeof ROTOR_DAMAGE)[number];
/** What a fingernail says of the track's outer edge. */
export type Ridge = 'felt' | 'none' | 'not-looked';

export interface RotorMeasurement extends Evidence {
  /** Points counted from 1 at the valve, in the order of the clock. */
  points: readonly { point: number; readingsMm: readonly number[] }[];
  pointCount: number;
  ridge: Ridge;
  /** Thickness of the unworn lip, mm: a stand-in for the thickness when new. */
  lipMm: number | null;
  damage: readonly RotorDamage[];
}

export interface RotorVerdict extends Verdict {
  /** Every point measured, with what it says by itself. */
  points: { point: number; thicknessMm: number; word: Word }[];
  thinnest: { point: number; oClock: number; thicknessMm: number; doubtMm: number } | null;
  /** max − min round the track, mm; null below two points. */
  variationMm: number | null;
  pulsingExpected: boolean;
  upperBounds: boolean;
  limit: ThicknessLimit;
  newMm: number | null;
  newFrom: 'sheet' | 'lip' | null;
}

/**
 * The clock position of a measuring point, the valve at the top: 12(k − 1)/n, written 12 at the top.
 * @example clockPosition(3, 6) // 4
 */
export function clockPosition(point: number, pointCount: number): number {
  if (!Number.isInteger(point) || point < 1 || point > pointCount)
    throw new InputError('no-such-point', 'point', { point, pointCount });
  return (12 * (point - 1)) / pointCount || 12;
}

/** Returns a rotor reading that can be one; throws InputError `implausible` for a slip such as 12 mm. */
export function plausibleRotorReading(readingMm: number): number {
  positive(readingMm, 'reading');
  if (readingMm < PLAUSIBLE_ROTOR_MM.least || readingMm > PLAUSIBLE_ROTOR_MM.most)
    throw new InputError('implausible', 'reading', {
      leastMm: PLAUSIBLE_ROTOR_MM.least,
      mostMm: PLAUSIBLE_ROTOR_MM.most,
    });
  return readingMm;
}

/**
 * Flat jaws bridge the lips of a worn track and read too thick. Unless a fingernail has shown that
 * there is no ridge, what they say is an upper bound: it may condemn the rotor and can never pass it [P].
 */
export function readsUpperBounds(anvils: 'point' | 'flat', ridge: Ridge): boolean {
  return anvils === 'flat' && ridge !== 'none';
}

/**
 * The verdict on a rotor: judged on the thinnest point, never the mean [P].
 * @param limit the limit in force
 * @param sheetNewMm thickness when new by the sheet, mm; the lip stands in when it is null
 * @param outlook earlier least thicknesses of this rotor
 * @throws InputError as {@link judgeThickness}, and `no-such-point`.
 */
export function rotorVerdict(
  measurement: RotorMeasurement,
  limit: ThicknessLimit,
  sheetNewMm: number | null,
  outlook: Outlook | null = null,
): RotorVerdict {
  const { points, pointCount, lipMm, zeroErrorMm } = measurement;
  for (const { point } of points) clockPosition(point, pointCount);

  const places = placeThicknesses(
    points.map(({ point, readingsMm }) => ({ place: String(point), readingsMm })),
    measurement,
  );
  const newMm =
    sheetNewMm ??
    (lipMm === null
      ? null
      : millimetres(micrometres(lipMm, 'lip') - micrometres(zeroErrorMm ?? 0)));
  const upperBounds = readsUpperBounds(measurement.gauge.anvils, measurement.ridge);
  const verdict = judgeThickness({
    places,
    limit,
    newMm,
    upperBounds,
    outlook,
    replaceAnyway: measurement.damage.map((finding): Reason => ({ code: 'damaged', finding })),
    flaws: [
      ...flawsOfEvidence(measurement),
      ...bunched(
        points.map(({ point }) => point),
        pointCount,
      ),
    ],
  });

  const thicknesses = places.map(({ thicknessUm }) => thicknessUm);
  const thinnestPlace = places.find(({ thicknessUm }) => thicknessUm === Math.min(...thicknesses));
  const variationMm =
    places.length < 2 ? null : millimetres(Math.max(...thicknesses) - Math.min(...thicknesses));
  return {
    ...verdict,
    points: places.map((place) => ({
      point: Number(place.place),
      thicknessMm: millimetres(place.thicknessUm),
      word: wordOfPlace(place, limit, newMm, upperBounds),
    })),
    thinnest: thinnestPlace
      ? {
          point: Number(thinnestPlace.place),
          oClock: clockPosition(Number(thinnestPlace.place), pointCount),
          thicknessMm: millimetres(thinnestPlace.thicknessUm),
          doubtMm: millimetres(thinnestPlace.doubtUm),
        }
      : null,
    variationMm,
    pulsingExpected: variationMm !== null && variationMm > PULSING_VARIATION_MM,
    upperBounds,
    limit,
    newMm,
    newFrom: sheetNewMm !== null ? 'sheet' : lipMm !== null ? 'lip' : null,
  };
}

/** Points that leave too much of the turn unseen between two of them; what fewer than two say is for others to judge. */
function bunched(points: readonly number[], pointCount: number): Reason[] {
  if (points.length < 2) return [];
  const degrees = points.map((point) => (360 * (point - 1)) / pointCount).sort((a, b) => a - b);
  const apart = degrees.map((at, i) => (degrees[i + 1] ?? degrees[0]! + 360) - at);
  const most = Math.max(...apart);
  return most > FARTHEST_NEIGHBOURS_DEGREES
    ? [{ code: 'points-bunched', degrees: most, mostDegrees: FARTHEST_NEIGHBOURS_DEGREES }]
    : [];
}
