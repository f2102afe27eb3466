import { InputError, positive } from '../inputError';

/** A place in the plane and a direction, mm and radians; angles grow counter-clockwise. */
export interface Pose {
  x: number;
  y: number;
  heading: number;
}

/** One piece of a path: to the left or right by an arc of the least radius, or straight on; its length, mm. */
export interface Piece {
  turn: 'left' | 'straight' | 'right';
  lengthMm: number;
}

interface Path {
  lengthMm: number;
  pieces: readonly [Piece, Piece, Piece];
}

const TURN = 2 * Math.PI;
/** Arcs so near to nothing or to a full turn, radians, are none: rounding made them. */
const FULL = 1e-9;
/** Squares so small, by the radius, are rounding. */
const NOUGHT = 1e-12;
const wrapped = (angle: number): number => {
  const turned = angle - TURN * Math.floor(angle / TURN);
  return turned < FULL || TURN - turned < FULL ? 0 : turned;
};

/** The root of what is nought or more, rounding apart; null of what is less. */
function rootOf(square: number): number | null {
  if (square < -NOUGHT) return null;
  return square < NOUGHT ? 0 : Math.sqrt(square);
}

type Word = readonly [Piece['turn'], Piece['turn'], Piece['turn']];
/** Lengths of the three pieces of a word, by the radius; null where there is no such path. */
type Lengths = readonly [number, number, number] | null;

/** Both directions from the line between the ends, their sines and cosines, and how far apart the ends are by the radius. */
interface Ends {
  a: number;
  b: number;
  d: number;
  sinA: number;
  sinB: number;
  cosA: number;
  cosB: number;
  cosAB: number;
}

const WORDS: readonly (readonly [Word, (ends: Ends) => Lengths])[] = [
  [
    ['left', 'straight', 'left'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const square = 2 + d * d - 2 * cosAB + 2 * d * (sinA - sinB);
      const straight = rootOf(square);
      if (straight === null) return null;
      // Where nothing runs straight, one arc does all of it: its direction is rounding.
      if (straight === 0) return [wrapped(b - a), 0, 0];
      const along = Math.atan2(cosB - cosA, d + sinA - sinB);
      return [wrapped(along - a), straight, wrapped(b - along)];
    },
  ],
  [
    ['right', 'straight', 'right'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const square = 2 + d * d - 2 * cosAB + 2 * d * (sinB - sinA);
      const straight = rootOf(square);
      if (straight === null) return null;
      if (straight === 0) return [wrapped(a - b), 0, 0];
      const along = Math.atan2(cosA - cosB, d - sinA + sinB);
      return [wrapped(a - along), straight, wrapped(along - b)];
    },
  ],
  [
    ['left', 'straight', 'right'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const square = d * d - 2 + 2 * cosAB + 2 * d * (sinA + sinB);
      const straight = rootOf(square);
      if (straight === null) return null;
      const along = Math.atan2(-cosA - cosB, d + sinA + sinB) - Math.atan2(-2, straight);
      return [wrapped(along - a), straight, wrapped(along - b)];
    },
  ],
  [
    ['right', 'straight', 'left'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const square = d * d - 2 + 2 * cosAB - 2 * d * (sinA + sinB);
      const straight = rootOf(square);
      if (straight === null) return null;
      const along = Math.atan2(cosA + cosB, d - sinA - sinB) - Math.atan2(2, straight);
      return [wrapped(a - along), straight, wrapped(b - along)];
    },
  ],
  [
    ['right', 'left', 'right'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const cosine = (6 - d * d + 2 * cosAB + 2 * d * (sinA - sinB)) / 8;
      if (Math.abs(cosine) > 1) return null;
      const middle = TURN - Math.acos(cosine);
      const first = wrapped(a - Math.atan2(cosA - cosB, d - sinA + sinB) + middle / 2);
      return [first, middle, wrapped(a - b - first + middle)];
    },
  ],
  [
    ['left', 'right', 'left'],
    ({ a, b, d, sinA, sinB, cosA, cosB, cosAB }) => {
      const cosine = (6 - d * d + 2 * cosAB + 2 * d * (sinB - sinA)) / 8;
      if (Math.abs(cosine) > 1) return null;
      const middle = TURN - Math.acos(cosine);
      const first = wrapped(-a - Math.atan2(cosA - cosB, d + sinA - sinB) + middle / 2);
      return [first, middle, wrapped(b - a - first + middle)];
    },
  ],
];

/**
 * The shortest path from one pose to another that bends nowhere tighter than a radius. Source [S]: Dubins 1957, American Journal of
 * Mathematics 79(3), "On curves of minimal length with a constraint on average curvature".
 * @param radiusMm smallest bend, mm, above 0
 * @throws InputError `not-positive`, `not-a-number`
 * @example shortestPath({ x: 0, y: 0, heading: 0 }, { x: 4, y: 4, heading: Math.PI / 2 }, 1).lengthMm // 5.813
 */
export function shortestPath(from: Pose, to: Pose, radiusMm: number): Path {
  const radius = positive(radiusMm, 'radius');
  for (const [field, value] of Object.entries({
    ...from,
    toX: to.x,
    toY: to.y,
    toward: to.heading,
  }))
    if (!Number.isFinite(value)) throw new InputError('not-a-number', field);
  const { word, lengths, sum } = shortest(from, to, radius);
  const piece = (i: 0 | 1 | 2): Piece => ({ turn: word[i], lengthMm: lengths[i] * radius });
  return { lengthMm: sum * radius, pieces: [piece(0), piece(1), piece(2)] };
}

/** How long the shortest path is, of ends and a radius that are known to be good: asked of every angle of a sweep. */
export const shortestLength = (from: Pose, to: Pose, radiusMm: number): number =>
  shortest(from, to, radiusMm).sum * radiusMm;

function shortest(from: Pose, to: Pose, radius: number) {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  const bearing = Math.atan2(dy, dx);
  const a = wrapped(from.heading - bearing);
  const b = wrapped(to.heading - bearing);
  const ends: Ends = {
    a,
    b,
    d: Math.hypot(dx, dy) / radius,
    sinA: Math.sin(a),
    sinB: Math.sin(b),
    cosA: Math.cos(a),
    cosB: Math.cos(b),
    cosAB: Math.cos(a - b),
  };
  let best: { word: Word; lengths: readonly [number, number, number]; sum: number } | null = null;
  for (const [word, of] of WORDS) {
    const lengths = of(ends);
    if (!lengths) continue;
    const sum = lengths[0] + lengths[1] + lengths[2];
    if (best === null || sum < best.sum) best = { word, lengths, sum };
  }
  return best!;
}

/** Where a piece ends that begins at a pose. */
export function endOf({ x, y, heading }: Pose, { turn, lengthMm }: Piece, radiusMm: number): Pose {
  if (turn === 'straight')
    return { x: x + lengthMm * Math.cos(heading), y: y + lengthMm * Math.sin(heading), heading };
  const side = turn === 'left' ? 1 : -1;
  const after = heading + (side * lengthMm) / radiusMm;
  return {
    x: x + side * radiusMm * (Math.sin(after) - Math.sin(heading)),
    y: y - side * radiusMm * (Math.cos(after) - Math.cos(heading)),
    heading: after,
  };
}

/** Points along a path, evenly apart, its ends among them. */
export function pointsAlong(from: Pose, path: Path, radiusMm: number, everyMm: number): Pose[] {
  const points: Pose[] = [from];
  let at = from;
  for (const piece of path.pieces) {
    const steps = Math.max(1, Math.ceil(piece.lengthMm / everyMm));
    for (let i = 1; i <= steps; i++)
      points.push(endOf(at, { ...piece, lengthMm: (piece.lengthMm * i) / steps }, radiusMm));
    at = endOf(at, piece, radiusMm);
  }
  return points;
}
