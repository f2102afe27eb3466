import fc from 'fast-check';
import { endOf, shortestPath, type Piece, type Pose } from './dubins';
import { hoseAnswer, hoseNeed, BARB_SEAT_MM, SLACK_MM, type HoseRun } from './hose';

const deg = (degrees: number) => (degrees * Math.PI) / 180;
const at = (x: number, y: number, headingDeg: number): Pose => ({ x, y, heading: deg(headingDeg) });

describe('the shortest path that bends no tighter', () => {
  it.each([
    [at(0, 0, 0), at(4, 4, 90), 1, 3 * Math.SQRT2 + Math.PI / 2],
    [at(0, 0, 0), at(0, 4, 180), 1, 2 + Math.PI],
    [at(0, 0, 0), at(0, 0, 180), 1, 7.33],
    [at(0, 0, 0), at(200, 80, 0), 40, 216.224],
    [at(0, 0, 0), at(10, 0, 0), 3, 10],
    [at(0, 0, 0), at(0, 0, 0), 3, 0],
  ])('published: from %j to %j at radius %d', (from, to, radius, length) =>
    expect(shortestPath(from, to, radius).lengthMm).toBeCloseTo(length, 3),
  );

  const pose = fc.record({
    x: fc.double({ min: -300, max: 300, noNaN: true }),
    y: fc.double({ min: -300, max: 300, noNaN: true }),
    heading: fc.double({ min: -7, max: 7, noNaN: true }),
  });
  const radius = fc.double({ min: 5, max: 80, noNaN: true });
  const walked = (from: Pose, pieces: readonly Piece[], r: number) =>
    pieces.reduce((here, piece) => endOf(here, piece, r), from);

  it('ends where it is to end, in the direction it is to have', () =>
    fc.assert(
      fc.property(pose, pose, radius, (from, to, r) => {
        const path = shortestPath(from, to, r);
        const end = walked(from, path.pieces, r);
        expect(Math.hypot(end.x - to.x, end.y - to.y)).toBeLessThan(1e-5);
        expect(Math.cos(end.heading - to.heading)).toBeCloseTo(1, 8);
        expect(path.lengthMm).toBeGreaterThanOrEqual(
          Math.hypot(to.x - from.x, to.y - from.y) - 1e-5,
        );
      }),
    ));

  // Its own definition: of all curves that bend no tighter, none that ends there is shorter.
  it('is no longer than any other curve that bends no tighter, drawn at random', () =>
    fc.assert(
      fc.property(
        pose,
        radius,
        fc.array(
          fc.record({
            turn: fc.constantFrom<Piece['turn'][]>('left', 'straight', 'right'),
            lengthMm: fc.double({ min: 0.01, max: 150, noNaN: true }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        // An arc of a wider bend than the least.
        fc.double({ min: 1, max: 4, noNaN: true }),
        (from, r, pieces, wider) => {
          const to = walked(from, pieces, r * wider);
          const drawn = pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
          expect(shortestPath(from, to, r).lengthMm).toBeLessThanOrEqual(drawn + 1e-5);
        },
      ),
      { numRuns: 2_000 },
    ));

  it('is the same from the other end, seen in a mirror, and of a scaled drawing', () =>
    fc.assert(
      fc.property(pose, pose, radius, (from, to, r) => {
        const { lengthMm } = shortestPath(from, to, r);
        const back = (p: Pose) => ({ ...p, heading: p.heading + Math.PI });
        const mirror = (p: Pose) => ({ x: p.x, y: -p.y, heading: -p.heading });
        const twice = (p: Pose) => ({ ...p, x: 2 * p.x, y: 2 * p.y });
        expect(shortestPath(back(to), back(from), r).lengthMm).toBeCloseTo(lengthMm, 4);
        expect(shortestPath(mirror(from), mirror(to), r).lengthMm).toBeCloseTo(lengthMm, 4);
        expect(shortestPath(twice(from), twice(to), 2 * r).lengthMm).toBeCloseTo(2 * lengthMm, 4);
      }),
    ));

  it('is refused of no radius and of what is no number', () => {
    expect(() => shortestPath(at(0, 0, 0), at(1, 1, 0), 0)).toThrow('not-positive');
    expect(() => shortestPath(at(NaN, 0, 0), at(1, 1, 0), 1)).toThrow('not-a-number');
    expect(() => shortestPath(at(0, 0, 0), at(1, 1, Infinity), 1)).toThrow('not-a-number');
  });
});

describe('how long a hose has to be', () => {
  const run: HoseRun = {
    guide: { x: 60, y: 0, towardDeg: 90 },
    port: { x: 80, y: 260, towardDeg: 100 },
    heightMm: 120,
    bendMm: 30,
    swingDeg: 90,
    growthMm: 0,
  };
  const bare = (change: Partial<HoseRun> = {}) => {
    const { needMm, ...rest } = hoseNeed({ ...run, ...change });
    return { ...rest, needMm: needMm - BARB_SEAT_MM - SLACK_MM };
  };

  it('is told by the angle of the bar that draws it out furthest', () => {
    expect(bare().straightAheadMm).toBeCloseTo(287.1, 1);
    expect(bare().needMm).toBeCloseTo(362.1, 1);
    expect(bare().worstDeg).toBeCloseTo(90, 1);
    const round = bare({ swingDeg: 180 });
    expect(round.needMm).toBeCloseTo(386.0, 1);
    expect(round.worstDeg).toBeCloseTo(-148.5, 0);
  });

  it('grows with the swing, the height, the bend and the suspension, and never shrinks', () => {
    const needs = (change: Partial<HoseRun>) => bare(change).needMm;
    for (const [less, more] of [
      [{ swingDeg: 30 }, { swingDeg: 60 }],
      [{ heightMm: 0 }, { heightMm: 200 }],
      [{ bendMm: 20 }, { bendMm: 60 }],
      [{ growthMm: 0 }, { growthMm: 25 }],
    ])
      expect(needs(more!)).toBeGreaterThanOrEqual(needs(less!));
    expect(needs({ growthMm: 25 })).toBeCloseTo(needs({}) + 25, 9);
  });

  it('is drawn from the guide to the port, with the bar as it is then', () => {
    const { points, worstDeg } = hoseNeed(run);
    const port = Math.hypot(80, 260);
    expect(points[0]).toMatchObject({ x: 60, y: 0 });
    expect(Math.hypot(points.at(-1)!.x, points.at(-1)!.y)).toBeCloseTo(port, 6);
    expect(Math.atan2(points.at(-1)!.y, points.at(-1)!.x)).toBeCloseTo(
      Math.atan2(260, 80) + deg(worstDeg),
      6,
    );
  });

  it.each([
    [{ port: { x: 60, y: 0, towardDeg: 0 } }, 'same-spot'],
    [{ swingDeg: 181 }, 'beyond-a-turn'],
    [{ guide: { x: 60, y: 0, towardDeg: 361 } }, 'beyond-a-turn'],
    [{ port: { x: 80, y: 260, towardDeg: NaN } }, 'not-a-number'],
    [{ swingDeg: NaN }, 'beyond-a-turn'],
    [{ bendMm: 0 }, 'not-positive'],
    [{ heightMm: -1 }, 'negative'],
    [{ growthMm: NaN }, 'not-a-number'],
  ])('%j is refused: %s', (change, code) =>
    expect(() => hoseNeed({ ...run, ...change })).toThrow(code),
  );

  it('too short is not cut; what is over comes off, or is kept for ends to come', () => {
    expect(hoseAnswer(400, 380)).toEqual({ code: 'too-short', missingMm: 20 });
    expect(hoseAnswer(400, 400)).toEqual({ code: 'cut', cutMm: 0, renewals: 0 });
    expect(hoseAnswer(400, 446)).toEqual({ code: 'cut', cutMm: 46, renewals: 3 });
    expect(() => hoseAnswer(400, 0)).toThrow('not-positive');
  });
});
