import fc from 'fast-check';
import { GAUGE_DEFAULTS, type Gauge } from '../gauge/gauge';
import { clearanceVerdict, plausibleGap, type ClearanceMeasurement } from './corners';

const feelers: Gauge = {
  ...GAUGE_DEFAULTS['feeler-gauges'],
  kind: 'feeler-gauges',
  calibrationDueOn: '2027-01-01',
};
type Four = [number, number, number, number];
const corners = ([ll, lt, rl, rt]: Four, change: Partial<ClearanceMeasurement> = {}) =>
  clearanceVerdict({
    gauge: feelers,
    measuredOn: '2026-11-25',
    gapsMm: { 'left-leading': ll, 'left-trailing': lt, 'right-leading': rl, 'right-trailing': rt },
    spanMm: 30,
    atMidReading: true,
    tirMm: 0.12,
    ...change,
  });

describe('four gaps', () => {
  // Check value of the trade's own worked example.
  it('L 0.30/0.30, R 0.10/0.10, TIR 0.12: 0.10 to the right, margin 0.04, then 0.14', () =>
    expect(corners([0.3, 0.3, 0.1, 0.1])).toMatchObject({
      word: 'holds',
      shiftMm: 0.1,
      marginMm: 0.04,
      marginAfterShiftMm: 0.14,
      skewDegrees: 0,
      cure: 'none',
    }));

  it('away from the mid reading the whole wobble counts', () =>
    expect(corners([0.3, 0.3, 0.1, 0.1], { atMidReading: false })).toMatchObject({
      word: 'watch',
      marginMm: -0.02,
      cure: 'centre',
    }));

  it('a gap larger on the left means the caliper sits too far left', () => {
    expect(corners([0.3, 0.3, 0.1, 0.1]).shiftMm).toBe(0.1);
    expect(corners([0.1, 0.1, 0.3, 0.3]).shiftMm).toBe(-0.1);
  });

  it('skew is positive when the leading end must go right: atan of the difference over twice the span', () => {
    const { skewDegrees } = corners([0.4, 0.2, 0.2, 0.4]);
    expect(skewDegrees).toBeCloseTo((Math.atan(0.4 / 60) * 180) / Math.PI, 10);
    expect(corners([0.4, 0.2, 0.2, 0.4], { spanMm: null }).skewDegrees).toBeNull();
  });

  it('says which cure is enough: centring, squaring, or neither', () => {
    expect(corners([0.4, 0.4, 0, 0]).cure).toBe('centre');
    expect(corners([0.3, 0.02, 0.02, 0.3]).cure).toBe('square');
    expect(corners([0.05, 0.05, 0.05, 0.05]).cure).toBe('neither');
    expect(corners([0.05, 0.05, 0.05, 0.05]).word).toBe('watch');
  });

  it('zero margin rubs', () => {
    expect(corners([0.06, 0.3, 0.3, 0.3])).toMatchObject({ word: 'watch', marginMm: 0 });
    expect(corners([0.061, 0.3, 0.3, 0.3]).reasons[0]!.code).toBe('margin-in-doubt');
  });

  it('a margin the feelers cannot tell from a rub is not proven', () => {
    expect(corners([0.08, 0.3, 0.3, 0.3])).toMatchObject({ word: 'unproven', marginMm: 0.02 });
    expect(corners([0.081, 0.3, 0.3, 0.3]).word).toBe('holds');
  });

  it('without the runout, a corner or a calibration nothing passes; a touching pad still rubs', () => {
    expect(corners([0.3, 0.3, 0.3, 0.3], { tirMm: null })).toMatchObject({
      word: 'unproven',
      settle: ['runout'],
    });
    expect(corners([0, 0.3, 0.3, 0.3], { tirMm: null }).word).toBe('watch');
    expect(corners([0.3, 0.3, 0.3, 0.3], { gapsMm: { 'left-leading': 0.3 } }).reasons).toHaveLength(
      3,
    );
    expect(
      corners([0.3, 0.3, 0.3, 0.3], { gauge: { ...feelers, calibrationDueOn: null } }).word,
    ).toBe('unproven');
  });

  it('squaring never leaves less than shifting, shifting never less than nothing done', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 4, maxLength: 4 }),
        (ums) => {
          const gaps = ums.map((um) => um / 1000) as Four;
          const verdict = corners(gaps, { tirMm: 0.1 });
          expect(verdict.marginAfterShiftMm!).toBeGreaterThanOrEqual(verdict.marginMm! - 1e-9);
          expect(verdict.marginAfterSquaringMm!).toBeGreaterThanOrEqual(
            verdict.marginAfterShiftMm! - 1e-9,
          );
          // Left and right changed over: the same margin, the other way.
          const [ll, lt, rl, rt] = gaps;
          const mirrored = corners([rl, rt, ll, lt], { tirMm: 0.1 });
          expect(mirrored.marginMm).toBe(verdict.marginMm);
          expect(mirrored.shiftMm! + verdict.shiftMm!).toBeCloseTo(0, 12);
        },
      ),
    ));

  it('refuses a slip', () => {
    expect(plausibleGap(0)).toBe(0);
    expect(() => plausibleGap(-0.1)).toThrow('negative');
    expect(() => plausibleGap(30)).toThrow('implausible');
    expect(() => plausibleGap(NaN)).toThrow('not-a-number');
  });

  it('a margin of just nothing rubs, and a cure that leaves nothing is none', () => {
    expect(corners([0.06, 0.3, 0.3, 0.3]).cure).toBe('centre');
    expect(corners([0.12, 0.3, 0.3, 0])).toMatchObject({ marginAfterShiftMm: 0, cure: 'square' });
    expect(corners([0.06, 0.06, 0.06, 0.06])).toMatchObject({
      marginAfterSquaringMm: 0,
      cure: 'neither',
    });
  });

  it('of equal gaps the first is named; 3 mm is the widest that can be one (our choice)', () => {
    expect(corners([0.1, 0.1, 0.3, 0.3]).smallest?.corner).toBe('left-leading');
    expect(plausibleGap(3)).toBe(3);
  });
});
