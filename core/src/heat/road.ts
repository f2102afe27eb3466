import { InputError, positive } from '../inputError';

/** A point of a road: how far along it, and how high, m. */
export interface RoadPoint {
  alongM: number;
  heightM: number;
}
/** A road from its start to its end, at least two points, each farther than the one before. */
export type Road = readonly RoadPoint[];

/** What can be a road [D]. Steeper than 45 % is no road that is ridden: a wrong height is likelier. */
export const PLAUSIBLE_ROAD = {
  gradePercent: { least: 0.5, most: 45 },
  lengthM: { least: 10, most: 50_000 },
  heightM: { least: -500, most: 9000 },
  points: { least: 2, most: 2000 },
} as const;

/** A part of a road with one grade; positive downhill, the tangent of its angle in percent. */
interface Stretch {
  fromM: number;
  toM: number;
  gradePercent: number;
}

/**
 * A road of one grade; its length is along the road.
 * @throws InputError `out-of-range`, `not-positive` or `not-a-number`, naming the field
 */
export function evenRoad(gradePercent: number, lengthM: number): Road {
  within('gradePercent', positive(gradePercent, 'gradePercent'));
  within('lengthM', positive(lengthM, 'lengthM'));
  const drop = lengthM * Math.sin(Math.atan(gradePercent / 100));
  return [
    { alongM: 0, heightM: drop },
    { alongM: lengthM, heightM: 0 },
  ];
}

function within(field: 'gradePercent' | 'lengthM' | 'heightM', value: number): void {
  const { least, most } = PLAUSIBLE_ROAD[field];
  if (!(value >= least && value <= most))
    throw new InputError('out-of-range', field, { least, most });
}

/**
 * A road that can be one.
 * @throws InputError `points`: `too-few-points`, `too-many-points`, `not-farther`, `too-steep` with where it is
 */
export function plausibleRoad(road: Road): Road {
  const { least, most } = PLAUSIBLE_ROAD.points;
  if (road.length < least)
    throw new InputError('too-few-points', 'points', {
      have: road.length,
      need: least,
    });
  if (road.length > most) throw new InputError('too-many-points', 'points', { most });
  for (const { alongM, heightM } of road) {
    if (!Number.isFinite(alongM) || !Number.isFinite(heightM))
      throw new InputError('not-a-number', 'points');
    within('heightM', heightM);
  }
  within('lengthM', road.at(-1)!.alongM - road[0]!.alongM);
  for (const { fromM, gradePercent } of stretchesOf(road))
    if (Math.abs(gradePercent) > PLAUSIBLE_ROAD.gradePercent.most)
      throw new InputError('too-steep', 'points', {
        atM: Math.round(fromM),
        gradePercent: Math.round(Math.abs(gradePercent)),
      });
  return road;
}

/** The parts of a road, one grade each. @throws InputError `not-farther` where a point is not beyond the one before */
export function stretchesOf(road: Road): Stretch[] {
  return road.slice(1).map((to, i): Stretch => {
    const from = road[i]!;
    const along = to.alongM - from.alongM;
    if (!(along > 0)) throw new InputError('not-farther', 'points', { atM: Math.round(to.alongM) });
    const sine = Math.max(-1, Math.min(1, (from.heightM - to.heightM) / along));
    // A fall as long as the road itself has no grade that is a number.
    const tangent = Math.abs(sine) === 1 ? Infinity * sine : sine / Math.sqrt(1 - sine ** 2);
    return { fromM: from.alongM, toM: to.alongM, gradePercent: 100 * tangent };
  });
}

/** All that a road goes down, m. */
export const dropM = (road: Road): number =>
  road.slice(1).reduce((sum, { heightM }, i) => sum + Math.max(0, road[i]!.heightM - heightM), 0);

/**
 * A road as it is keyed: pairs of distance and height, m, one pair a line or parted by semicolons.
 * @throws InputError `points`: `not-a-number` with the pair, and what {@link plausibleRoad} throws
 */
export function readRoad(text: string): Road {
  const pairs = text
    .split(/[;\n]/)
    .map((line) => line.trim())
    .filter(Boolean);
  return plausibleRoad(
    pairs.map((pair, i): RoadPoint => {
      const [along, height, more] = pair.split(/\s+/).map((part) => Number(part.replace(',', '.')));
      if (
        along === undefined ||
        height === undefined ||
        more !== undefined ||
        isNaN(along + height)
      )
        throw new InputError('not-a-number', 'points', { pair: i + 1 });
      return { alongM: along, heightM: height };
    }),
  );
}

/** A road as {@link readRoad} takes it. */
export const roadText = (road: Road): string =>
  road.map(({ alongM, heightM }) => `${Math.round(alongM)} ${heightM.toFixed(1)}`).join('\n');
