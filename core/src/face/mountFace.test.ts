import { GAUGE_DEFAULTS, type Gauge } from '../gauge/gauge';
import { faceVerdict, mountAngle } from './mountFace';

const feelers: Gauge = {
  ...GAUGE_DEFAULTS['feeler-gauges'],
  kind: 'feeler-gauges',
  calibrationDueOn: '2027-01-01',
};
const face = (gapMm: number | null, spacingMm: number | null, change = {}) =>
  faceVerdict({
    gauge: feelers,
    measuredOn: '2026-11-25',
    gapMm,
    spacingMm,
    padOffsetMm: 40,
    ...change,
  });

describe('a mount face', () => {
  // Check values of the trade's own worked examples.
  it('0.25 over 74.2 is 0.193°, 0.30 over 34 is 0.506°', () => {
    expect(mountAngle(0.25, 74.2)).toBeCloseTo(0.193, 3);
    expect(mountAngle(0.3, 34)).toBeCloseTo(0.506, 3);
  });

  it('over 0.2° is dressed (our choice); under it the feeler’s doubt must clear it too', () => {
    expect(face(0.3, 34).word).toBe('watch');
    expect(face(0.25, 74.2)).toMatchObject({
      word: 'unproven',
      settle: ['finer-gauge'],
    });
    expect(face(0.1, 74.2).word).toBe('holds');
  });

  it('moves the pad’s edge by the angle times its offset', () => {
    expect(face(0.3, 34).padEdgeMm).toBeCloseTo((0.3 / 34) * 40, 10);
    expect(face(0.3, 34, { padOffsetMm: null }).padEdgeMm).toBeNull();
  });

  it('passes nothing on a number that is missing, or a feeler nobody calibrated', () => {
    expect(face(null, 74.2).reasons).toEqual([{ code: 'missing-number', place: 'gap' }]);
    expect(face(0.1, null).reasons).toEqual([{ code: 'missing-number', place: 'spacing' }]);
    expect(face(0, 74.2, { gauge: { ...feelers, calibrationDueOn: null } }).word).toBe('unproven');
    expect(face(0.3, 34, { gauge: { ...feelers, calibrationDueOn: null } }).word).toBe('watch');
  });

  it('refuses what cannot be', () => {
    expect(() => mountAngle(-0.1, 34)).toThrow('negative');
    expect(() => mountAngle(0.1, 0)).toThrow('not-positive');
    expect(() => mountAngle(NaN, 34)).toThrow('not-a-number');
  });

  it('just 0.2° is not dressed yet', () => {
    // A feeler gap whose angle comes out at the bound itself, to the last bit.
    const spacing = Array.from({ length: 200 }, (_, k) => 30 + k / 4).find(
      (mm) => mountAngle(mm * Math.tan((0.2 * Math.PI) / 180), mm) === 0.2,
    )!;
    const gap = spacing * Math.tan((0.2 * Math.PI) / 180);
    expect(face(gap, spacing, { gauge: { ...feelers, uncertaintyMm: 0 } }).word).toBe('holds');
  });
});
