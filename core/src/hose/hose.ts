import { InputError, positive } from '../inputError';
import { pointsAlong, shortestLength, shortestPath, type Pose } from './dubins';

/** Smallest bend of a brake hose and of a cable's housing, mm [M]. */
export const LEAST_BEND_MM = { hose: 30, housing: 60 } as const;
/** How deep a barb sits in its joint, mm [M], and the slack that is left, mm [D]. */
export const BARB_SEAT_MM = 10;
export const SLACK_MM = 10;
/** What every renewed end takes off a hose, mm [M]. */
const RENEWAL_MM = 15;
/** How far shops let the bar turn either way, degrees: to the stop, or all the way round for a crash [P]. */
export const BAR_SWINGS = [90, 180] as const;

/**
 * Where a hose runs, seen from above: mm from the steerer's axis, x forward, y to the rider's left; directions in degrees,
 * counter-clockwise from straight ahead.
 */
export interface HoseRun {
  /** The last fixed guide, and where the hose heads as it leaves it. */
  guide: { x: number; y: number; towardDeg: number };
  /** The lever's port with the bar straight, and where the hose heads as it enters. */
  port: { x: number; y: number; towardDeg: number };
  /** Between the two at the highest set-up that is planned, mm. */
  heightMm: number;
  bendMm: number;
  swingDeg: number;
  /** What the suspension draws the hose out by, mm: its longest run between the clips less the present one. */
  growthMm: number;
}

export interface HoseNeed {
  /** What the hose has to be at least, with seat and slack, mm. */
  needMm: number;
  /** What it would have to be with the bar straight, without seat and slack, mm. */
  straightAheadMm: number;
  /** The angle of the bar that draws it out furthest, degrees, left positive. */
  worstDeg: number;
  /** The way it takes there, seen from above. */
  points: Pose[];
}

const STEP_DEG = 0.25;
const FINE_DEG = 0.005;
const DRAWN_EVERY_MM = 4;
const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** The ends of a run at one angle of the bar. */
function endsAt({ guide, port }: HoseRun, barDeg: number): { from: Pose; to: Pose } {
  const turn = radians(barDeg);
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return {
    from: { x: guide.x, y: guide.y, heading: radians(guide.towardDeg) },
    to: {
      x: port.x * cos - port.y * sin,
      y: port.x * sin + port.y * cos,
      heading: radians(port.towardDeg) + turn,
    },
  };
}

/** What a run needs at one angle of the bar: the shortest way that bends no tighter, raised by its height. */
function lengthAt(run: HoseRun, barDeg: number): number {
  const { from, to } = endsAt(run, barDeg);
  return Math.hypot(shortestLength(from, to, run.bendMm), run.heightMm);
}

/**
 * How long a hose has to be for the bar to turn all its way: the greatest need over every angle. The need can jump and kink, so all
 * of the swing is gone through.
 * @throws InputError `same-spot` where guide and port are one, `beyond-a-turn` of a swing over 180° and of a direction over 360° either way, `negative`, `not-a-number`,
 *   `not-positive`
 */
export function hoseNeed(run: HoseRun): HoseNeed {
  positive(run.bendMm, 'bend');
  for (const [field, value] of Object.entries({ height: run.heightMm, growth: run.growthMm })) {
    if (!Number.isFinite(value)) throw new InputError('not-a-number', field);
    if (value < 0) throw new InputError('negative', field);
  }
  if (!(run.swingDeg >= 0 && run.swingDeg <= 180)) throw new InputError('beyond-a-turn', 'swing');
  for (const [end, { x, y, towardDeg }] of Object.entries({ guide: run.guide, port: run.port })) {
    if (![x, y, towardDeg].every(Number.isFinite)) throw new InputError('not-a-number', end);
    if (Math.abs(towardDeg) > 360) throw new InputError('beyond-a-turn', `${end}Toward`);
  }
  if (run.guide.x === run.port.x && run.guide.y === run.port.y)
    throw new InputError('same-spot', 'port');
  const steps = Math.ceil(run.swingDeg / STEP_DEG);
  let worst = { barDeg: 0, lengthMm: -1 };
  const tryAt = (barDeg: number) => {
    const lengthMm = lengthAt(run, barDeg);
    if (lengthMm > worst.lengthMm) worst = { barDeg, lengthMm };
  };
  for (let i = -steps; i <= steps; i++) tryAt(steps === 0 ? 0 : (i / steps) * run.swingDeg);
  const around = worst.barDeg;
  for (let off = -STEP_DEG; off <= STEP_DEG; off += FINE_DEG)
    if (Math.abs(around + off) <= run.swingDeg) tryAt(around + off);
  const { from, to } = endsAt(run, worst.barDeg);
  const path = shortestPath(from, to, run.bendMm);
  return {
    needMm: worst.lengthMm + run.growthMm + BARB_SEAT_MM + SLACK_MM,
    straightAheadMm: lengthAt(run, 0),
    worstDeg: worst.barDeg,
    points: pointsAlong(from, path, run.bendMm, DRAWN_EVERY_MM),
  };
}

export type HoseAnswer =
  /** It tears out in a crash: it is not cut, and another is fitted. */
  | { code: 'too-short'; missingMm: number }
  /** So much comes off at the mark; left long it can be looped and clipped, and its ends renewed so many times. */
  | { code: 'cut'; cutMm: number; renewals: number };

/** What a hose of this length comes to. @param presentMm from the guide to its end, mm, above 0 */
export function hoseAnswer(needMm: number, presentMm: number): HoseAnswer {
  const over = positive(presentMm, 'present') - positive(needMm, 'need');
  return over < 0
    ? { code: 'too-short', missingMm: -over }
    : { code: 'cut', cutMm: over, renewals: Math.floor(over / RENEWAL_MM) };
}
