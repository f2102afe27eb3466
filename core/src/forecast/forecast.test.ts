import fc from 'fast-check';
import { jStat } from 'jstat';
import { Matrix, inverse } from 'ml-matrix';
import { linearRegression } from 'simple-statistics';
import { crossing } from './fieller';
import { forecast, isDueBefore, type Forecast, type WearPoint } from './forecast';
import { dayNumber, outlookOf } from './outlook';
import { t90, Z90 } from './quantiles';
import { weightedLine, type LinePoint } from './weightedLine';

const ok = (made: Forecast) => made as Extract<Forecast, { ok: true }>;
const wear = (...points: [number, number][]): WearPoint[] =>
  points.map(([x, mm]) => ({ x, mm, doubtMm: 0.03 }));
const aPoint = fc.record({
  x: fc.double({ min: 0, max: 100, noNaN: true }),
  y: fc.double({ min: 0, max: 2, noNaN: true }),
  sd: fc.double({ min: 0.005, max: 0.1, noNaN: true }),
});

describe('weighted straight line', () => {
  // Reference: simple-statistics, unweighted regression.
  it('published: with equal doubts is the ordinary regression of a general library', () =>
    fc.assert(
      fc.property(fc.array(aPoint, { minLength: 3, maxLength: 10 }), (points) => {
        fc.pre(new Set(points.map(({ x }) => Math.round(x))).size > 1);
        const line = weightedLine(points.map((p) => ({ ...p, sd: 0.02 })))!;
        const { m, b } = linearRegression(points.map(({ x, y }) => [x, y]));
        expect(line.slope).toBeCloseTo(m, 6);
        expect(line.meanY - line.slope * line.meanX).toBeCloseTo(b, 6);
      }),
    ));

  // Reference: ml-matrix, (XᵀWX)⁻¹ XᵀWy and its covariance.
  it('published: solves the weighted normal equations as a general library does, with their covariance', () => {
    const points: LinePoint[] = [
      { x: 0, y: 1.8, sd: 0.015 },
      { x: 900, y: 1.77, sd: 0.03 },
      { x: 1500, y: 1.71, sd: 0.005 },
      { x: 2100, y: 1.69, sd: 0.015 },
    ];
    const X = new Matrix(points.map(({ x }) => [1, x]));
    const W = Matrix.diag(points.map(({ sd }) => 1 / sd ** 2));
    const covariance = inverse(X.transpose().mmul(W).mmul(X));
    const [a, b] = covariance
      .mmul(X.transpose())
      .mmul(W)
      .mmul(Matrix.columnVector(points.map(({ y }) => y)))
      .to1DArray() as [number, number];
    const line = weightedLine(points)!;
    expect(line.slope).toBeCloseTo(b, 10);
    expect(line.meanY - line.slope * line.meanX).toBeCloseTo(a, 8);
    expect(line.varianceOfSlope).toBeCloseTo(covariance.get(1, 1), 12);
    expect(line.varianceOfMean + line.meanX ** 2 * line.varianceOfSlope).toBeCloseTo(
      covariance.get(0, 0),
      10,
    );
  });

  it('has none through readings at one place, and refuses what cannot be', () => {
    expect(
      weightedLine([
        { x: 5, y: 1, sd: 1 },
        { x: 5, y: 2, sd: 1 },
      ]),
    ).toBeNull();
    expect(() => weightedLine([{ x: 5, y: 1, sd: 1 }])).toThrow('too-few-points');
    expect(() =>
      weightedLine([
        { x: 0, y: 1, sd: 0 },
        { x: 1, y: 1, sd: 1 },
      ]),
    ).toThrow('not-positive');
    expect(() =>
      weightedLine([
        { x: NaN, y: 1, sd: 1 },
        { x: 1, y: 1, sd: 1 },
      ]),
    ).toThrow('not-a-number');
  });
});

describe('quantiles', () => {
  // Reference: jstat (good to 1e-5) and simple-statistics; the table prints three decimals.
  it('published: agree with general libraries', () => {
    for (let df = 1; df <= 30; df++) expect(t90(df)).toBeCloseTo(jStat.studentt.inv(0.9, df), 2.9);
    expect(Z90).toBeCloseTo(jStat.normal.inv(0.9, 0, 1), 4);
  });

  it('above the table stay on the wide side', () => {
    expect(t90(31)).toBe(t90(30));
    expect(t90(100)).toBeGreaterThan(jStat.studentt.inv(0.9, 100));
    expect(t90(0)).toBe(Infinity);
  });
});

describe('forecast', () => {
  // Check value of the trade's own worked example, its interval confirmed by the simulation below.
  it('1.80 at 0 and 1.72 at 1,500 km, limit 1.50: 5,625 km', () => {
    const made = ok(forecast(wear([0, 1.8], [1500, 1.72]), 1.5));
    expect(made.at).toBeCloseTo(5625, 6);
    expect(made.wear * 1000).toBeCloseTo(0.0533, 4);
    expect(made.early).toBeLessThan(5625);
    expect(made.late).toBeGreaterThan(5625);
    expect(made.late - made.at).toBeGreaterThan(made.at - made.early);
  });

  it('covers the true crossing in four of five repeats of that visit (simulation)', () => {
    let seed = 20261125;
    const chance = () => {
      seed = (seed * 1664525 + 1013904223) % 4294967296;
      return (seed + 0.5) / 4294967296;
    };
    let said = 0;
    let covered = 0;
    for (let i = 0; i < 4000; i++) {
      const noisy = (x: number) => ({
        x,
        mm: 1.8 - (0.08 / 1500) * x + 0.01 * jStat.normal.inv(chance(), 0, 1),
        doubtMm: 0.02,
      });
      const made = forecast([noisy(0), noisy(1500), noisy(3000)], 1.5);
      if (!made.ok) continue;
      said++;
      if (made.early <= 5625 && 5625 <= made.late) covered++;
    }
    expect(said).toBeGreaterThan(2500);
    // The wider of two 80 % intervals covers at least 80 %, and the never-said ones are the flat slopes.
    expect(covered / said).toBeGreaterThan(0.8);
    expect(covered / said).toBeLessThan(0.97);
  });

  it('says nothing by numbers when the slope is flat, uphill, too uncertain, or there is no run', () => {
    expect(forecast(wear([0, 1.8]), 1.5)).toMatchObject({ ok: false, code: 'one-reading' });
    expect(forecast(wear([500, 1.8], [500, 1.7]), 1.5)).toMatchObject({ code: 'no-run' });
    expect(forecast(wear([0, 1.7], [500, 1.7]), 1.5)).toMatchObject({ code: 'not-wearing' });
    expect(forecast(wear([0, 1.7], [500, 1.72]), 1.5)).toMatchObject({ code: 'not-wearing' });
    expect(forecast(wear([0, 1.8], [1500, 1.78]), 1.5)).toMatchObject({ code: 'too-early' });
  });

  it('g of 0.2 or more is too early to say', () => {
    const lineOf = (drop: number) =>
      weightedLine([
        { x: 0, y: 1.8, sd: 0.015 },
        { x: 1, y: 1.8 - drop, sd: 0.015 },
      ])!;
    // g = (z · sd·√2 / drop)²
    const drop = (Z90 * 0.015 * Math.SQRT2) / Math.sqrt(0.2);
    const known = { factor: Z90, scale: 1 };
    expect(crossing(lineOf(drop * 0.999), 1.5, known)).toBeNull();
    expect(crossing(lineOf(drop * 1.001), 1.5, known)?.g).toBeLessThan(0.2);
  });

  it('three readings on one line never claim certainty', () => {
    const made = ok(forecast(wear([0, 1.8], [1500, 1.72], [3000, 1.64]), 1.5));
    expect(made.at).toBeCloseTo(5625, 6);
    expect(made.late - made.early).toBeGreaterThan(200);
  });

  it('scattered readings widen it beyond the gauge’s own doubt', () => {
    const straight = ok(forecast(wear([0, 1.8], [1500, 1.72], [3000, 1.64], [4500, 1.56]), 1.5));
    const scattered = ok(forecast(wear([0, 1.83], [1500, 1.69], [3000, 1.67], [4500, 1.55]), 1.5));
    expect(scattered.late - scattered.early).toBeGreaterThan(straight.late - straight.early);
  });

  it('does not depend on the order of visits nor on where the count begins', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1550, max: 1800 }), { minLength: 3, maxLength: 6 }),
        fc.integer({ min: -5000, max: 5000 }),
        (ums, shift) => {
          const points = wear(...ums.map((um, i): [number, number] => [i * 700, um / 1000]));
          const made = forecast(points, 1.5);
          const turned = forecast([...points].reverse(), 1.5);
          const moved = forecast(
            points.map((p) => ({ ...p, x: p.x + shift })),
            1.5,
          );
          expect(turned.ok).toBe(made.ok);
          expect(moved.ok).toBe(made.ok);
          if (!made.ok || !turned.ok || !moved.ok) return;
          expect(turned.early).toBeCloseTo(made.early, 4);
          expect(moved.early - shift).toBeCloseTo(made.early, 4);
          expect(made.early).toBeLessThanOrEqual(made.at);
          expect(made.at).toBeLessThanOrEqual(made.late);
        },
      ),
    ));

  it('says nothing from g = 0.2 on', () => {
    const line = {
      ...weightedLine([
        { x: 0, y: 1.8, sd: 0.01 },
        { x: 1, y: 1.7, sd: 0.01 },
      ])!,
      slope: -1,
      varianceOfMean: 0,
    };
    const at = (varianceOfSlope: number) =>
      crossing({ ...line, varianceOfSlope }, 1.5, { factor: 1, scale: 1 });
    expect(at(0.2)).toBeNull();
    expect(at(0.1999)).not.toBeNull();
  });

  it('compares its early end with the next service', () => {
    expect(isDueBefore({ early: 99.9 }, 100)).toBe(true);
    expect(isDueBefore({ early: 100 }, 100)).toBe(false);
  });
});

describe('outlook', () => {
  const visit = { day: '2026-05-01', odometerKm: 1000, mm: 1.8, doubtMm: 0.03 };
  const now = { day: '2026-11-25', odometerKm: 3000, kmPerWeek: 70, serviceDays: 365 };

  it('goes by distance when every visit and the weekly pace are known', () =>
    expect(outlookOf([visit], now)).toEqual({
      unit: 'km',
      earlier: [{ x: 1000, mm: 1.8, doubtMm: 0.03 }],
      now: 3000,
      nextService: 3000 + 3650,
    }));

  it.each([
    [[{ ...visit, odometerKm: null }], now],
    [[visit], { ...now, odometerKm: null }],
    [[visit], { ...now, kmPerWeek: null }],
    // A digit too many, one too few, another computer on the bike, the last visit's number once more.
    [[visit], { ...now, odometerKm: 30_000 }],
    [[visit], { ...now, odometerKm: 300 }],
    [[visit], { ...now, odometerKm: 1000 }],
    [[visit, { ...visit, day: '2026-08-01', odometerKm: 400 }], now],
    [[visit, { ...visit, day: '2026-08-01', odometerKm: 20_000 }], { ...now, odometerKm: 21_000 }],
  ])('goes by date otherwise', (earlier, at) =>
    expect(outlookOf(earlier, at)).toMatchObject({
      unit: 'day',
      now: dayNumber('2026-11-25'),
      nextService: dayNumber('2026-11-25') + 365,
    }),
  );

  it('a digit too many does not put off what wears out before the next service', () => {
    const worn = { ...visit, mm: 1.62 };
    const due = (odometerKm: number) => {
      const { earlier, now: x, nextService } = outlookOf([worn], { ...now, odometerKm })!;
      return isDueBefore(
        ok(forecast([...earlier, { x, mm: 1.54, doubtMm: 0.01 }], 1.5)),
        nextService,
      );
    };
    expect([due(3000), due(30_000)]).toEqual([true, true]);
  });

  it('believes a long ride between two visits of a week', () => {
    const soon = { ...now, day: '2026-05-04', odometerKm: 1190 };
    expect(outlookOf([visit], soon)).toMatchObject({ unit: 'km', now: 1190 });
  });

  it('has none before the first visit', () => expect(outlookOf([], now)).toBeNull());

  it('counts days from 1970', () => {
    expect(dayNumber('1970-01-01')).toBe(0);
    expect(dayNumber('2026-11-25') - dayNumber('2026-11-24')).toBe(1);
  });
});
