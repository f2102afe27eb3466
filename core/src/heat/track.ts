import { XMLParser } from 'fast-xml-parser';
import { InputError } from '../inputError';
import { plausibleRoad, type Road, type RoadPoint } from './road';

/** A point of a track as a device kept it. */
interface TrackPoint {
  lat: number;
  lon: number;
  /** m; null where the device kept none. */
  heightM: number | null;
}

/** Mean radius of the earth, m. Source [S]: Moritz, Geodetic Reference System 1980, R₁. */
const EARTH_M = 6_371_009;
/** Points that are farther apart are a gap in the track, m [D]. */
const LONGEST_GAP_M = 1000;
/** So large a share of points may lack their height; it is drawn between those that have one [D]. */
const MAY_LACK_HEIGHT = 0.1;
/** Points that a read track is brought down to, evenly along it [D]. */
const POINTS = 200;
/** A point among so many counts by their middle one: a device's height jumps [D]. */
const MEDIAN_OF = 5;
/** Largest file that is read, characters [D]. */
const MOST_CHARACTERS = 60_000_000;

/**
 * A road read from a track in the GPX format (version 1.1, elements `trkpt` or `rtept` with `ele`). Distance is along the ground
 * between points; heights are freed of single jumps and averaged over each piece of the result. Times are not looked at: a track
 * kept in another time zone is the same road.
 * @throws InputError at `track`: `not-a-track`, `too-large`, `no-heights`, `track-gap` with where and how far, `too-few-points`, and
 * what {@link plausibleRoad} throws
 */
export function readTrack(xml: string): Road {
  if (xml.length > MOST_CHARACTERS) throw new InputError('too-large', 'track');
  const points = pointsOf(xml);
  if (points.length < 2)
    throw new InputError('too-few-points', 'track', {
      have: points.length,
      need: 2,
    });
  const heights = smoothed(withHeights(points));
  const road: RoadPoint[] = [];
  let alongM = 0;
  points.forEach((point, i) => {
    if (i > 0) {
      const step = distanceM(points[i - 1]!, point);
      if (step > LONGEST_GAP_M)
        throw new InputError('track-gap', 'track', {
          atM: Math.round(alongM),
          gapM: Math.round(step),
        });
      alongM += step;
      if (step === 0) return;
    }
    road.push({ alongM, heightM: heights[i]! });
  });
  return plausibleRoad(thinned(road));
}

/** On a sphere, m. Source [S]: Sinnott 1984, Sky and Telescope 68, 159 (haversine). */
export function distanceM(
  a: Pick<TrackPoint, 'lat' | 'lon'>,
  b: Pick<TrackPoint, 'lat' | 'lon'>,
): number {
  const radians = Math.PI / 180;
  const half =
    Math.sin(((b.lat - a.lat) * radians) / 2) ** 2 +
    Math.cos(a.lat * radians) *
      Math.cos(b.lat * radians) *
      Math.sin(((b.lon - a.lon) * radians) / 2) ** 2;
  return 2 * EARTH_M * Math.asin(Math.min(1, Math.sqrt(half)));
}

const LISTS = ['trk', 'trkseg', 'trkpt', 'rte', 'rtept'];
type Branch = { [name: string]: unknown };
const branches = (of: Branch, name: string): Branch[] => (of[name] as Branch[] | undefined) ?? [];

function pointsOf(xml: string): TrackPoint[] {
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '',
    parseTagValue: false,
    isArray: (name) => LISTS.includes(name),
    // A track has no entities of its own, and none is followed.
    processEntities: false,
    removeNSPrefix: true,
  });
  let gpx: Branch | undefined;
  try {
    gpx = (parser.parse(xml, true) as { gpx?: Branch }).gpx;
  } catch {
    throw new InputError('not-a-track', 'track');
  }
  if (!gpx || typeof gpx !== 'object') throw new InputError('not-a-track', 'track');
  const found = [
    ...branches(gpx, 'trk').flatMap((track) =>
      branches(track, 'trkseg').flatMap((part) => branches(part, 'trkpt')),
    ),
    ...branches(gpx, 'rte').flatMap((route) => branches(route, 'rtept')),
  ];
  return found.map((point): TrackPoint => {
    const [lat, lon] = [Number(point.lat), Number(point.lon)];
    if (!(Math.abs(lat) <= 90 && Math.abs(lon) <= 180))
      throw new InputError('not-a-track', 'track');
    const height = typeof point.ele === 'string' ? Number(point.ele) : NaN;
    return { lat, lon, heightM: Number.isFinite(height) ? height : null };
  });
}

/** The height of every point; where a few lack theirs it lies between their neighbours'. */
function withHeights(points: readonly TrackPoint[]): number[] {
  const lacking = points.filter(({ heightM }) => heightM === null).length;
  if (lacking > points.length * MAY_LACK_HEIGHT)
    throw new InputError('no-heights', 'track', { lacking });
  const heights = points.map(({ heightM }) => heightM);
  let last = heights.find((height) => height !== null)!;
  let next = 0;
  return heights.map((height, i) => {
    if (height !== null) return (last = height);
    while (next < heights.length && (next <= i || heights[next] === null)) next += 1;
    if (next === heights.length) return last;
    return (last += (heights[next]! - last) / (next - i + 1));
  });
}

/** Each by the middle one of its neighbours: one that jumps is left out, and a slope stays a slope. */
function smoothed(heights: readonly number[]): number[] {
  const half = Math.floor(MEDIAN_OF / 2);
  return heights.map((height, i) => {
    const reach = Math.min(half, i, heights.length - 1 - i);
    if (reach === 0) return height;
    return heights.slice(i - reach, i + reach + 1).sort((a, b) => a - b)[reach]!;
  });
}

/** A road of so many pieces of one length each, the height of each end between those of its neighbours. */
function thinned(road: readonly RoadPoint[]): RoadPoint[] {
  if (road.length < 2) return [...road];
  if (road.length <= POINTS) return [...road];
  const [first, last] = [road[0]!, road.at(-1)!];
  let at = 1;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const alongM = first.alongM + ((last.alongM - first.alongM) * i) / POINTS;
    while (at < road.length - 1 && road[at]!.alongM < alongM) at += 1;
    const [from, to] = [road[at - 1]!, road[at]!];
    const share = (alongM - from.alongM) / (to.alongM - from.alongM);
    return { alongM, heightM: from.heightM + share * (to.heightM - from.heightM) };
  });
}
