import fc from 'fast-check';
import FFT from 'fft.js';
import { Matrix, solve } from 'ml-matrix';
import { GAUGE_DEFAULTS, type Gauge } from '../gauge/gauge';
import { harmonicFit } from './harmonics';
import { runoutMeaning } from './meaning';
import { plausibleRunoutReading, runoutVerdict, type RunoutMeasurement } from './runout';

const turn = (n: number, y: (angle: number) => number) =>
  Array.from({ length: n }, (_, k) => y((2 * Math.PI * k) / n));
const reading = fc.double({ min: -1, max: 1, noNaN: true });

describe('harmonic fit', () => {
  it('returns a pure harmonic’s amplitude and phase exactly for n > 2H', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 7, max: 24 }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.double({ min: -3.1, max: 3.1, noNaN: true }),
        (order, n, amplitude, phase) => {
          const { harmonics } = harmonicFit(
            turn(n, (t) => amplitude * Math.cos(order * t - phase)),
          );
          expect(harmonics[order - 1]!.amplitude).toBeCloseTo(amplitude, 10);
          expect(Math.cos(harmonics[order - 1]!.phase - phase)).toBeCloseTo(1, 10);
        },
      ),
    ));

  // Reference: fft.js, a general fast Fourier transform.
  it('published: agrees with a fast Fourier transform', () =>
    fc.assert(
      fc.property(fc.array(reading, { minLength: 16, maxLength: 16 }), (readings) => {
        const fft = new FFT(16);
        const out = fft.createComplexArray();
        fft.realTransform(out, readings);
        const { mean, harmonics } = harmonicFit(readings);
        expect(mean).toBeCloseTo(out[0]! / 16, 10);
        for (const { order, amplitude } of harmonics)
          expect(amplitude).toBeCloseTo(
            (2 / 16) * Math.hypot(out[2 * order]!, out[2 * order + 1]!),
            10,
          );
      }),
    ));

  // Reference: ml-matrix, least squares by its own solver.
  it('published: is the least-squares fit of a general library', () =>
    fc.assert(
      fc.property(fc.array(reading, { minLength: 7, maxLength: 12 }), (readings) => {
        const n = readings.length;
        const design = new Matrix(
          turn(n, (t) => t).map((t) => [
            1,
            ...[1, 2, 3].flatMap((h) => [Math.cos(h * t), Math.sin(h * t)]),
          ]),
        );
        const [c0, ...ab] = solve(design, Matrix.columnVector(readings), true).to1DArray();
        const { mean, harmonics } = harmonicFit(readings);
        expect(mean).toBeCloseTo(c0!, 8);
        harmonics.forEach(({ amplitude }, i) =>
          expect(amplitude).toBeCloseTo(Math.hypot(ab[2 * i]!, ab[2 * i + 1]!), 8),
        );
      }),
    ));

  it('never takes more harmonics than the readings can tell apart: 2H < n, H at most 3', () => {
    expect([3, 4, 5, 6, 7, 12].map((n) => harmonicFit(turn(n, Math.cos)).harmonics.length)).toEqual(
      [1, 1, 2, 2, 3, 3],
    );
    expect(() => harmonicFit([0, 0.1])).toThrow('too-few-points');
    expect(() => harmonicFit([0, NaN, 0.1])).toThrow('not-a-number');
  });
});

describe('what a wobble means', () => {
  // Check value of the trade's own worked example: n 12, all 0 but reading 4 = 0.24.
  it('a lone peak at 3 o’clock, 0.24 high, is no three harmonics', () => {
    const { meaning } = runoutMeaning(
      turn(12, () => 0).map((_, k) => (k === 3 ? 0.24 : 0)),
      80,
    );
    expect(meaning).toMatchObject({ code: 'lone-peak', oClock: 3, bend: 'away' });
    expect((meaning as { heightMm: number }).heightMm).toBeCloseTo(0.24, 10);
  });

  it('a hollow is bent back toward the indicator', () =>
    expect(
      runoutMeaning(
        turn(12, () => 0).map((_, k) => (k === 0 ? -0.2 : 0)),
        80,
      ).meaning,
    ).toMatchObject({ code: 'lone-peak', oClock: 12, bend: 'toward' }));

  it('finds a lone peak’s size also on top of a wave, since the fit swallows a known part', () => {
    const wave = turn(12, (t) => 0.02 * Math.cos(t));
    const { meaning } = runoutMeaning(
      wave.map((y, k) => (k === 6 ? y + 0.3 : y)),
      null,
    );
    expect(meaning).toMatchObject({ code: 'lone-peak', oClock: 6 });
    expect((meaning as { heightMm: number }).heightMm).toBeCloseTo(0.3, 10);
  });

  it('with fewer than 12 readings a peak is not told from a wave: more are wanted', () => {
    const shape = runoutMeaning([0, 0, 0.24, 0, 0, 0, 0, 0], 80);
    expect(shape.meaning.code).not.toBe('lone-peak');
    expect(shape.morePointsWanted).toBe(true);
    expect(
      runoutMeaning(
        turn(12, (t) => 0.2 * Math.cos(t)),
        80,
      ).morePointsWanted,
    ).toBe(false);
  });

  it('stands out by more than 0.05, not by just that', () => {
    const peak = (mm: number) => turn(12, () => 0).map((_, k) => (k === 3 ? mm : 0));
    expect(runoutMeaning(peak(0.05), 80).meaning.code).not.toBe('lone-peak');
    expect(runoutMeaning(peak(0.051), 80).meaning.code).toBe('lone-peak');
  });

  it('a first harmonic is a tilted rotor, with its angle: atan(A/r)', () => {
    const { meaning } = runoutMeaning(
      turn(12, (t) => 0.1 * Math.cos(t - Math.PI / 2)),
      80,
    );
    expect(meaning).toMatchObject({ code: 'tilted' });
    const tilted = meaning as { tiltDegrees: number; highAtOClock: number; amplitudeMm: number };
    expect(tilted.tiltDegrees).toBeCloseTo((Math.atan(0.1 / 80) * 180) / Math.PI, 10);
    expect(tilted.highAtOClock).toBeCloseTo(3, 10);
    expect(tilted.amplitudeMm).toBeCloseTo(0.1, 10);
    expect(
      (
        runoutMeaning(
          turn(12, (t) => 0.1 * Math.cos(t)),
          null,
        ).meaning as { tiltDegrees: null }
      ).tiltDegrees,
    ).toBeNull();
  });

  it('a second harmonic is a saddle, its crests half its phase and opposite', () => {
    const { meaning } = runoutMeaning(
      turn(12, (t) => 0.1 * Math.cos(2 * t - Math.PI)),
      null,
    );
    expect(meaning.code).toBe('saddle');
    const [one, other] = (meaning as { crestsAtOClock: [number, number] }).crestsAtOClock;
    expect(one).toBeCloseTo(3, 10);
    expect(other).toBeCloseTo(9, 10);
  });

  it('rules from 60 % of the power, inclusive, and is mixed below', () => {
    const of = (first: number, second: number) =>
      runoutMeaning(
        turn(24, (t) => Math.sqrt(first) * Math.cos(t) + Math.sqrt(second) * Math.cos(2 * t)),
        null,
      ).meaning.code;
    expect(of(0.61, 0.39)).toBe('tilted');
    expect(of(0.39, 0.61)).toBe('saddle');
    expect(of(0.55, 0.45)).toBe('mixed');
  });

  it('a mixed wobble is trued by its largest crest', () =>
    expect(
      runoutMeaning([0, 0.1, -0.08, 0.12, -0.05, 0.2, 0, -0.1, 0.06, 0.15, -0.12, 0.05], null)
        .meaning,
    ).toMatchObject({ code: 'mixed', crestAtOClock: 5 }));

  it('explains nothing below 0.05 mm', () =>
    expect(
      runoutMeaning(
        turn(12, (t) => 0.02 * Math.cos(t)),
        80,
      ).meaning.code,
    ).toBe('straight'));
});

const dial: Gauge = {
  ...GAUGE_DEFAULTS['dial-indicator'],
  kind: 'dial-indicator',
  calibrationDueOn: '2027-01-01',
};
const measured = (readingsMm: (number | null)[], change: Partial<RunoutMeasurement> = {}) =>
  runoutVerdict({
    gauge: dial,
    measuredOn: '2026-11-25',
    pointCount: readingsMm.length,
    readingsMm,
    radiusMm: 80,
    ...change,
  });
const tir = (mm: number) => measured([0, mm, 0, 0, 0, 0, 0, 0]);

describe('the verdict on a wobble (bands from memory)', () => {
  it.each([
    [0.08, 'good', 'holds'],
    [0.09, 'watch', 'watch'], // 0.09 and the indicator's doubt 0.02 reach over 0.10
    [0.1, 'watch', 'watch'],
    [0.3, 'watch', 'watch'],
    [0.31, 'true', 'watch'],
    [0.5, 'true', 'watch'],
    [0.51, 'replace', 'replace'],
  ])('TIR %f is %s: %s', (mm, band, word) =>
    expect(tir(mm)).toMatchObject({ band, word, tirMm: mm }),
  );

  it('fewer than eight points prove no whole turn (our choice)', () =>
    expect(measured([0, 0.02, 0, 0, 0, 0, 0])).toMatchObject({
      word: 'unproven',
      reasons: [{ code: 'too-few-points', have: 7, need: 8 }],
    }));

  it('a turn that is not complete may condemn and not pass', () => {
    expect(measured([0, 0.02, null, null, null, null])).toMatchObject({
      word: 'unproven',
      meaning: null,
      settle: ['more-points'],
    });
    expect(measured([0, 0.6, null, null, null, null]).word).toBe('replace');
    expect(measured([null, null, null, null, null, null]).word).toBe('unproven');
  });

  it('an indicator past its calibration neither passes nor lets a watch through', () => {
    const gauge = { ...dial, calibrationDueOn: '2026-11-24' };
    expect(measured([0, 0, 0, 0, 0, 0], { gauge }).word).toBe('unproven');
    expect(measured([0, 0.2, 0, 0, 0, 0], { gauge }).word).toBe('unproven');
    expect(measured([0, 0.6, 0, 0, 0, 0], { gauge }).word).toBe('replace');
  });

  it('sampled TIR falls short of 2A by 13 % at worst for h 1, n 6', () => {
    const worst = Math.min(
      ...Array.from({ length: 200 }, (_, i) => {
        const y = turn(6, (t) => Math.cos(t - (i / 200) * 2 * Math.PI));
        return (Math.max(...y) - Math.min(...y)) / 2;
      }),
    );
    expect(worst).toBeCloseTo(Math.cos(Math.PI / 6), 3);
  });

  it('no band is better for a larger wobble or a larger doubt, whichever way the wheel starts', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -400, max: 400 }), { minLength: 6, maxLength: 12 }),
        fc.nat({ max: 200 }),
        fc.nat({ max: 11 }),
        (ums, more, start) => {
          const rank = { holds: 0, watch: 1, unproven: 2, replace: 3 };
          const mm = ums.map((um) => um / 1000);
          const top = mm.indexOf(Math.max(...mm));
          const before = measured(mm);
          const wider = measured(mm.map((y, k) => (k === top ? y + more / 1000 : y)));
          const coarser = measured(mm, { gauge: { ...dial, uncertaintyMm: 0.02 + more / 1000 } });
          expect(rank[wider.word]).toBeGreaterThanOrEqual(rank[before.word]);
          expect(rank[coarser.word]).toBeGreaterThanOrEqual(rank[before.word]);
          const turned = [...mm.slice(start), ...mm.slice(0, start)];
          expect(measured(turned)).toMatchObject({ word: before.word, tirMm: before.tirMm });
        },
      ),
    ));

  it('refuses a slip', () => {
    expect(plausibleRunoutReading(-0.4)).toBe(-0.4);
    expect(() => plausibleRunoutReading(12)).toThrow('implausible');
    expect(() => plausibleRunoutReading(-12)).toThrow('implausible');
    expect(() => plausibleRunoutReading(NaN)).toThrow('not-a-number');
  });

  it('3 mm of wobble is the most that can be a reading (our choice)', () =>
    expect([plausibleRunoutReading(3), plausibleRunoutReading(-3)]).toEqual([3, -3]));
});

describe('at the ends of what a shape can mean', () => {
  it('a wobble of just 0.05 has a shape; under it none', () => {
    const turnOf = (mm: number) => turn(12, (t) => (Math.cos(t) * mm) / 2);
    expect(runoutMeaning(turnOf(0.0499), null).meaning.code).toBe('straight');
    expect(runoutMeaning([0, 0.05, 0, 0.05, 0, 0.05], null).meaning.code).not.toBe('straight');
  });

  it('a ripple that no harmonic fits is mixed, and its first crest is named', () =>
    expect(runoutMeaning([0.1, 0, 0.1, 0, 0.1, 0, 0.1, 0, 0.1, 0, 0.1, 0], null).meaning).toEqual({
      code: 'mixed',
      crestAtOClock: 12,
      heightMm: 0.05,
    }));

  it('of two peaks alike the first is named', () => {
    const readings = Array.from({ length: 12 }, (_, k) => (k === 3 || k === 9 ? 0.3 : 0));
    expect(runoutMeaning(readings, null).meaning).toMatchObject({ code: 'lone-peak', oClock: 3 });
  });
});
