import fc from 'fast-check';
import type { Gauge } from '../gauge/gauge';
import { askedTwice, limitInForce, shopRotorLimit } from './limitInForce';
import {
  clockPosition,
  plausibleRotorReading,
  readsUpperBounds,
  rotorVerdict,
  type RotorMeasurement,
} from './rotor';
import { worst, WORDS, type ThicknessLimit } from './verdict';

const pointGauge: Gauge = {
  kind: 'thickness-gauge',
  resolutionMm: 0.01,
  uncertaintyMm: 0.03,
  anvils: 'point',
  calibrationDueOn: '2027-03-01',
};
const vernier: Gauge = {
  ...pointGauge,
  kind: 'vernier-caliper',
  resolutionMm: 0.05,
  uncertaintyMm: 0.06,
  anvils: 'flat',
};

const stamped = (limitMm: number, atLimitIsWorn: boolean | null = true): ThicknessLimit => ({
  limitMm,
  atLimitIsWorn,
  origin: 'stamped',
  tag: null,
});

const SPREAD: Partial<Record<number, readonly number[]>> = { 3: [1, 3, 5], 4: [1, 3, 4, 5] };
function measured(readings: number[], changes: Partial<RotorMeasurement> = {}): RotorMeasurement {
  return {
    points: readings.map((reading, i) => ({
      // Three or four are spread round the track.
      point: SPREAD[readings.length]?.[i] ?? i + 1,
      readingsMm: [reading],
    })),
    pointCount: Math.max(6, readings.length),
    gauge: pointGauge,
    zeroErrorMm: 0,
    measuredOn: '2026-11-25',
    ridge: 'none',
    lipMm: null,
    damage: [],
    ...changes,
  };
}

describe('rotor verdict: the handbook’s check values (common practice [P], guard band [S] ISO 14253-1)', () => {
  it('lip 1.80, thinnest 1.47 at point 3 against 1.50: Replace', () => {
    const verdict = rotorVerdict(
      measured([1.52, 1.5, 1.47, 1.49, 1.51, 1.48], { ridge: 'felt', lipMm: 1.8 }),
      stamped(1.5),
      null,
    );
    expect(verdict.word).toBe('replace');
    expect(verdict.thinnest).toEqual({ point: 3, oClock: 4, thicknessMm: 1.47, doubtMm: 0.03 });
    expect(verdict.variationMm).toBe(0.05);
    expect(verdict.pulsingExpected).toBe(false);
    expect(verdict.newFrom).toBe('lip');
  });

  it('thinnest 1.60, limit 1.55, U 0.06: Unproven, 1.54 does not clear', () => {
    const verdict = rotorVerdict(
      measured([1.6, 1.62, 1.62, 1.61], { gauge: { ...pointGauge, uncertaintyMm: 0.06 } }),
      stamped(1.55),
      1.8,
    );
    expect(verdict.word).toBe('unproven');
    expect(verdict.reasons).toEqual([
      { code: 'doubt-reaches-limit', place: '1', thicknessMm: 1.6, doubtMm: 0.06, limitMm: 1.55 },
    ]);
    expect(verdict.settle).toEqual(['finer-gauge', 'replacement']);
  });

  it('the same with U 0.03: Watch, 20 % left', () => {
    const verdict = rotorVerdict(measured([1.6, 1.62, 1.62, 1.61]), stamped(1.55), 1.8);
    expect(verdict.word).toBe('watch');
    expect(verdict.shareLeft).toBeCloseTo(0.2, 9);
  });

  it('thinnest 1.66, flat anvils, ridge felt: Unproven; no ridge and U 0.03: Holds', () => {
    const readings = [1.66, 1.68, 1.67, 1.68];
    const ridged = rotorVerdict(
      measured(readings, { gauge: vernier, ridge: 'felt' }),
      stamped(1.5),
      1.8,
    );
    expect(ridged.word).toBe('unproven');
    expect(ridged.reasons).toEqual([{ code: 'upper-bounds' }]);
    expect(ridged.settle).toEqual(['point-gauge', 'replacement']);
    const flat = { ...vernier, uncertaintyMm: 0.03 };
    expect(rotorVerdict(measured(readings, { gauge: flat }), stamped(1.5), 1.8).word).toBe('holds');
  });
});

describe('rotor verdict: each row of the table', () => {
  const good = [1.7, 1.71, 1.7, 1.72, 1.7, 1.71];
  const judge = (
    changes: Partial<RotorMeasurement>,
    limit = stamped(1.5),
    newMm: number | null = 1.8,
  ) => rotorVerdict(measured(good, changes), limit, newMm);
  const codes = (verdict: { reasons: { code: string }[] }) =>
    verdict.reasons.map((reason) => reason.code);

  it('holds when everything is proven', () => expect(codes(judge({}))).toEqual(['clears-limit']));

  it('is exact at the limit, by its wording; unknown wording counts as worn', () => {
    const at = measured([1.5, 1.6, 1.6], { gauge: { ...pointGauge, uncertaintyMm: 0 } });
    expect(rotorVerdict(at, stamped(1.5, true), 1.8).word).toBe('replace');
    expect(rotorVerdict(at, stamped(1.5, null), 1.8).word).toBe('replace');
    expect(rotorVerdict(at, stamped(1.5, false), 1.8).word).toBe('watch');
  });

  it('is exact where the doubt just reaches the limit, by its wording', () => {
    const reaching = measured([1.58, 1.6, 1.6], { gauge: { ...pointGauge, uncertaintyMm: 0.08 } });
    expect(rotorVerdict(reaching, stamped(1.5, true), 1.8).word).toBe('unproven');
    expect(rotorVerdict(reaching, stamped(1.5, false), 1.8).word).toBe('holds');
  });

  it('needs three points', () => {
    const two = rotorVerdict(measured([1.7, 1.7]), stamped(1.5), 1.8);
    expect(two.reasons).toEqual([
      { code: 'too-few-points', have: 2, need: 3 },
      { code: 'points-bunched', degrees: 300, mostDegrees: 150 },
    ]);
    expect(rotorVerdict(measured([1.7, 1.7, 1.7]), stamped(1.5), 1.8).word).toBe('holds');
    expect(rotorVerdict(measured([]), stamped(1.5), 1.8).word).toBe('unproven');
  });

  it('does not pass with a gauge past its day, and still condemns', () => {
    const overdue = { ...pointGauge, calibrationDueOn: '2026-11-24' };
    expect(codes(judge({ gauge: overdue }))).toEqual(['gauge-out-of-calibration']);
    expect(codes(judge({ gauge: { ...pointGauge, calibrationDueOn: '2026-11-25' } }))).toEqual([
      'clears-limit',
    ]);
    expect(
      rotorVerdict(measured([1.4, 1.6, 1.6], { gauge: overdue }), stamped(1.5), 1.8).word,
    ).toBe('replace');
  });

  it('does not pass without a zero check, an unknown thickness when new, or on a limit from memory [M]', () => {
    expect(codes(judge({ zeroErrorMm: null }))).toEqual(['no-zero-check']);
    expect(codes(judge({}, stamped(1.5), null))).toEqual(['new-thickness-unknown']);
    expect(
      codes(judge({}, { limitMm: 1.5, atLimitIsWorn: true, origin: 'shop', tag: 'M' })),
    ).toEqual(['limit-from-memory']);
  });

  it('watches at a quarter left, exactly, and not a micrometre above', () => {
    const quarter = measured([1.575, 1.6, 1.6]);
    expect(rotorVerdict(quarter, stamped(1.5), 1.8).word).toBe('watch');
    expect(rotorVerdict(measured([1.576, 1.6, 1.6]), stamped(1.5), 1.8).word).toBe('holds');
  });

  it('caps the share left at all of it', () =>
    expect(rotorVerdict(measured([1.82, 1.82, 1.82]), stamped(1.5), 1.8).shareLeft).toBe(1));

  it('condemns damage whatever the thickness, also unmeasured', () => {
    expect(judge({ damage: ['crack'] }).reasons).toEqual([{ code: 'damaged', finding: 'crack' }]);
    expect(rotorVerdict(measured([], { damage: ['loose-rivets'] }), stamped(1.5), 1.8).word).toBe(
      'replace',
    );
  });

  it('subtracts the zero error', () => {
    const verdict = rotorVerdict(
      measured([1.52, 1.6, 1.6], { zeroErrorMm: 0.02 }),
      stamped(1.5),
      1.8,
    );
    expect(verdict.thinnest?.thicknessMm).toBe(1.5);
    expect(verdict.word).toBe('replace');
  });

  it('never lets a mean of repeats gain the last micrometre', () => {
    const repeats = measured([1.6, 1.6, 1.6]);
    const verdict = rotorVerdict(
      {
        ...repeats,
        points: [{ point: 1, readingsMm: [1.5, 1.5, 1.501] }, ...repeats.points.slice(1)],
      },
      stamped(1.5),
      1.8,
    );
    expect(verdict.word).toBe('replace');
  });

  it('says of each point what it says by itself, for drawing', () => {
    const verdict = rotorVerdict(measured([1.47, 1.52, 1.56, 1.7]), stamped(1.5), 1.8);
    expect(verdict.points.map(({ word }) => word)).toEqual([
      'replace',
      'unproven',
      'watch',
      'holds',
    ]);
  });

  it('expects pulsing above 0.05 mm of variation [M]', () => {
    expect(rotorVerdict(measured([1.7, 1.75, 1.7]), stamped(1.5), 1.8).pulsingExpected).toBe(false);
    expect(rotorVerdict(measured([1.7, 1.751, 1.7]), stamped(1.5), 1.8).pulsingExpected).toBe(true);
  });
});

describe('rotor verdict: refused as input', () => {
  it.each([
    ['new at the limit', [1.6], 1.5, 1.5, 'new-not-above-limit'],
    ['not a number', [Number.NaN], 1.5, 1.8, 'not-a-number'],
    ['no limit', [1.6], 0, 1.8, 'not-positive'],
  ])('%s', (_, readings, limit, newMm, code) =>
    expect(() => rotorVerdict(measured(readings), stamped(limit), newMm)).toThrow(code),
  );

  it('thicker than new and its doubt proves nothing, and what of it is worn still condemns', () => {
    const thick = rotorVerdict(measured([1.84, 1.7, 1.7]), stamped(1.5), 1.8);
    expect(thick).toMatchObject({
      word: 'unproven',
      contradicts: [{ code: 'thicker-than-new', place: '1', thicknessMm: 1.84, newMm: 1.8 }],
    });
    const both = rotorVerdict(measured([1.95, 1.4, 1.4]), stamped(1.5), 1.8);
    expect([both.word, both.contradicts.length]).toEqual(['replace', 1]);
  });

  it('worn to nothing is the most worn', () =>
    expect(rotorVerdict(measured([0]), stamped(1.5), 1.8).word).toBe('replace'));

  it('of repeats one that condemns condemns, however many others do not', () => {
    const many = Array<number>(24).fill(1.62);
    const drowned = measured([1.7, 1.7, 1.7], {
      points: [
        { point: 1, readingsMm: [1.4, ...many] },
        { point: 3, readingsMm: [1.7] },
        { point: 5, readingsMm: [1.7] },
      ],
    });
    expect(rotorVerdict(drowned, stamped(1.5), 1.8)).toMatchObject({
      word: 'replace',
      reasons: [{ code: 'worn', place: '1', thicknessMm: 1.4 }],
    });
  });

  it('repeats that differ by more than twice the doubt leave the place unproven', () => {
    const apart = (high: number) => ({
      points: [
        { point: 1, readingsMm: [1.64, high] },
        { point: 3, readingsMm: [1.7] },
        { point: 5, readingsMm: [1.7] },
      ],
    });
    const wordAt = (high: number) =>
      rotorVerdict(measured([1.7, 1.7, 1.7], apart(high)), stamped(1.5), 1.8).word;
    expect([wordAt(1.7), wordAt(1.701)]).toEqual(['holds', 'unproven']);
  });

  it('three points in one quarter prove nothing of the rest', () => {
    const quarter = measured([1.7, 1.7, 1.7], {
      points: [1, 2, 3].map((point) => ({ point, readingsMm: [1.7] })),
      pointCount: 12,
    });
    expect(rotorVerdict(quarter, stamped(1.5), 1.8)).toMatchObject({
      word: 'unproven',
      reasons: [{ code: 'points-bunched', degrees: 300 }],
    });
  });

  it('a zero that drifted widens every doubt, and one looked at late proves nothing', () => {
    const word = (change: object) =>
      rotorVerdict(measured([1.56, 1.7, 1.7], change), stamped(1.5), 1.8).word;
    expect([word({}), word({ zeroDriftMm: 0.03 }), word({ zeroLate: true })]).toEqual([
      'watch',
      'unproven',
      'unproven',
    ]);
  });

  it('takes up to new + U', () =>
    expect(rotorVerdict(measured([1.83, 1.7, 1.7]), stamped(1.5), 1.8).word).toBe('holds'));

  it('names a slip: 12 mm is no rotor', () => {
    expect(() => plausibleRotorReading(12)).toThrow('implausible');
    expect(plausibleRotorReading(1.47)).toBe(1.47);
    expect(() => plausibleRotorReading(0.49)).toThrow('implausible');
  });

  it('has clock positions from 12 round', () => {
    expect([1, 2, 3, 4, 5, 6].map((point) => clockPosition(point, 6))).toEqual([
      12, 2, 4, 6, 8, 10,
    ]);
    expect(() => clockPosition(7, 6)).toThrow('no-such-point');
  });
});

describe('rotor verdict: properties', () => {
  const um = fc.integer({ min: 1300, max: 1830 });
  const readings = fc.array(um, { minLength: 3, maxLength: 12 });
  const rank = (word: (typeof WORDS)[number]) => WORDS.indexOf(word);
  const verdictOf = (ums: number[], doubtUm = 30, limitUm = 1500) =>
    rotorVerdict(
      {
        ...measured(
          ums.map((t) => t / 1000),
          { gauge: { ...pointGauge, uncertaintyMm: doubtUm / 1000 } },
        ),
        pointCount: 12,
      },
      stamped(limitUm / 1000),
      1.83,
    );

  it('a worn part never holds', () =>
    fc.assert(
      fc.property(readings, fc.integer({ min: 1300, max: 1500 }), (others, worn) =>
        expect(verdictOf([...others.slice(1), worn]).word).toBe('replace'),
      ),
    ));

  it('a worse reading, a larger doubt or a higher limit never gives a better verdict', () =>
    fc.assert(
      fc.property(readings, fc.nat({ max: 60 }), fc.nat({ max: 60 }), (ums, less, more) => {
        const now = rank(verdictOf(ums).word);
        expect(
          rank(verdictOf(ums.map((t, i) => (i === 0 ? t - less : t))).word),
        ).toBeGreaterThanOrEqual(now);
        expect(rank(verdictOf(ums, 30 + more).word)).toBeGreaterThanOrEqual(now);
        expect(rank(verdictOf(ums, 30, 1500 + more).word)).toBeGreaterThanOrEqual(now);
      }),
    ));

  it('the order of points does not matter', () =>
    fc.assert(
      fc.property(readings, (ums) =>
        expect(verdictOf([...ums].reverse()).word).toBe(verdictOf(ums).word),
      ),
    ));

  it('upper bounds never hold, whatever they read', () =>
    fc.assert(
      fc.property(readings, (ums) => {
        const bridged = measured(
          ums.map((t) => t / 1000),
          { gauge: vernier, ridge: 'felt', pointCount: 12 },
        );
        expect(['unproven', 'replace']).toContain(rotorVerdict(bridged, stamped(1.5), 1.83).word);
      }),
    ));
});

describe('what decides', () => {
  it('takes the stamped limit, then the sheet, then the shop', () => {
    const sheet: ThicknessLimit = {
      limitMm: 1.55,
      atLimitIsWorn: true,
      origin: 'sheet',
      tag: null,
    };
    const read = (limitMm: number, twice = false) => ({ limit: stamped(limitMm), twice });
    const inForce = (...stamps: ReturnType<typeof read>[]) =>
      limitInForce(stamps, sheet, shopRotorLimit({})).limitMm;
    expect(limitInForce([read(1.6)], sheet, shopRotorLimit({}))).toEqual(stamped(1.6));
    expect(limitInForce([], sheet, shopRotorLimit({}))).toEqual(sheet);
    expect(limitInForce([], null, shopRotorLimit({}))).toEqual(shopRotorLimit({}));
    // Our design (E3): a stamp that is laxer than the sheet, or far from it, is read twice before it counts.
    expect(inForce(read(1.5))).toBe(1.55);
    expect(inForce(read(1.5, true))).toBe(1.5);
    expect(inForce(read(1.5), read(1.5))).toBe(1.5);
    expect(inForce(read(1.8))).toBe(1.8);
    // The newest counts once it is certain; until then the strictest of all that is known.
    expect(inForce(read(1.6), read(1.5))).toBe(1.6);
    expect(inForce(read(1.6), read(1.5, true))).toBe(1.5);
    expect(askedTwice(stamped(1.55, false), sheet)).toBe(true);
    expect(askedTwice(stamped(1.75), sheet)).toBe(false);
    expect(askedTwice(stamped(1.751), sheet)).toBe(true);
  });

  it('doubts flat jaws until a fingernail has found no ridge', () => {
    expect(readsUpperBounds('flat', 'felt')).toBe(true);
    expect(readsUpperBounds('flat', 'not-looked')).toBe(true);
    expect(readsUpperBounds('flat', 'none')).toBe(false);
    expect(readsUpperBounds('point', 'felt')).toBe(false);
  });

  it('orders the words Replace > Unproven > Watch > Holds', () => {
    expect(worst(['watch', 'unproven', 'holds'])).toBe('unproven');
    expect(worst(['replace', 'unproven'])).toBe('replace');
    expect(worst(['holds', 'watch'])).toBe('watch');
    expect(worst([])).toBeNull();
  });
});

describe('a rotor at the ends of what can be', () => {
  const verdictOf = (readings: number[], limit = stamped(1.5), newMm = 1.8) =>
    rotorVerdict(measured(readings), limit, newMm);

  it('0.5 and 3 mm can be rotors (our choice)', () =>
    expect([plausibleRotorReading(0.5), plausibleRotorReading(3)]).toEqual([0.5, 3]));

  it('two points already vary', () => expect(verdictOf([1.7, 1.66]).variationMm).toBe(0.04));

  it('a place with just 25 % of the wear left is near, as the whole rotor is', () =>
    expect(verdictOf([1.6, 1.6, 1.6], stamped(1.5), 1.9).points.map(({ word }) => word)).toEqual([
      'watch',
      'watch',
      'watch',
    ]));

  it('of points that are equally thin the first is named', () => {
    const { thinnest, reasons } = verdictOf([1.47, 1.47, 1.5]);
    expect(thinnest?.point).toBe(1);
    expect(reasons[0]).toMatchObject({ place: '1' });
  });
});

describe('a rotor with a past', () => {
  const past = (nextService: number) => ({
    unit: 'km' as const,
    earlier: [
      { x: 0, mm: 1.8, doubtMm: 0.01 },
      { x: 1000, mm: 1.75, doubtMm: 0.01 },
    ],
    now: 2000,
    nextService,
  });
  const fine = { ...pointGauge, uncertaintyMm: 0.01 };
  const verdictAt = (nextService: number, change: Partial<RotorMeasurement> = {}, mm = 1.7) =>
    rotorVerdict(
      measured([mm, mm, mm], { gauge: fine, ...change }),
      stamped(1.5),
      1.8,
      past(nextService),
    );

  it('is watched when the early end of its forecast comes before the next service', () => {
    // 0.05 mm in 1,000 km: the line crosses 1.50 at 6,000 km, its early end somewhat before.
    const { forecast } = verdictAt(3000);
    expect(forecast).toMatchObject({ ok: true, readings: 3 });
    const { early, at } = forecast as Extract<typeof forecast, { ok: true }>;
    expect(at).toBeCloseTo(6000, 6);
    expect(early).toBeLessThan(6000);
    expect(verdictAt(early - 1).word).toBe('holds');
    expect(verdictAt(early + 1)).toMatchObject({
      word: 'watch',
      reasons: [{ code: 'due-before-service' }],
    });
  });

  it('a forecast never passes what is not proven, and never stays a replacement', () => {
    expect(verdictAt(3000, { zeroErrorMm: null }).word).toBe('unproven');
    expect(verdictAt(3000, {}, 1.5).word).toBe('replace');
  });

  it('readings that are too thick by a ridge make no forecast', () =>
    expect(
      verdictAt(9000, { gauge: { ...vernier, uncertaintyMm: 0.01 }, ridge: 'felt' }).forecast,
    ).toBeNull());

  it('a part that does not wear has no date, and no watch for one', () =>
    expect(verdictAt(1e6, {}, 1.79)).toMatchObject({ word: 'holds', forecast: { ok: false } }));
});
