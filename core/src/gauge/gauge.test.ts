import fc from 'fast-check';
import { decimalsOf, GAUGE_DEFAULTS, GAUGE_KINDS, inCalibration } from './gauge';
import { combineRepeats } from './repeats';
import { plausibleZeroError } from './zeroCheck';
import { growingReading, typedReading } from './typedReading';

describe('gauge defaults', () => {
  it('gives every kind a step [P] and a wide doubt from memory [M]', () => {
    for (const kind of GAUGE_KINDS) {
      const gauge = GAUGE_DEFAULTS[kind];
      expect(gauge.resolutionTag).toBe('P');
      expect(gauge.uncertaintyTag).toBe('M');
      expect(gauge.uncertaintyMm).toBeGreaterThanOrEqual(gauge.resolutionMm);
    }
  });

  it('shows the decimals of its step', () => {
    expect(
      [0.001, 0.01, 0.02, 0.05, 0.1, 1].map((resolutionMm) => decimalsOf({ resolutionMm })),
    ).toEqual([3, 2, 2, 2, 1, 0]);
  });

  it('counts a calibration as valid through its due day', () => {
    expect(inCalibration('2026-11-25', '2026-11-25')).toBe(true);
    expect(inCalibration('2026-11-25', '2026-11-26')).toBe(false);
    expect(inCalibration(null, '2026-11-25')).toBe(false);
  });
});

it('refuses a zero error that is dirt or damage, and takes one up to 0.10 mm either way [D]', () => {
  expect(plausibleZeroError(0.1)).toBe(0.1);
  expect(plausibleZeroError(-0.1)).toBe(-0.1);
  expect(() => plausibleZeroError(0.101)).toThrow('zero-error-too-large');
  expect(() => plausibleZeroError(-0.101)).toThrow('zero-error-too-large');
});

describe('repeats at one point', () => {
  it('keeps the gauge’s own doubt for a single reading', () => {
    const { meanMm, uncertaintyMm } = combineRepeats([1.52], 0.03);
    expect(meanMm).toBe(1.52);
    expect(uncertaintyMm).toBeCloseTo(0.03, 12);
  });

  it('adds the scatter of the mean to the gauge’s doubt', () => {
    // [S] JCGM 100:2008, 4.2.3 and 5.1.2, worked by hand: s = 0.02, n = 4, u² = 0.015² + 0.0001.
    const { meanMm, uncertaintyMm } = combineRepeats([1.5, 1.54, 1.52, 1.52], 0.03);
    const s2 = (0.02 ** 2 + 0.02 ** 2) / 3;
    expect(meanMm).toBeCloseTo(1.52, 12);
    expect(uncertaintyMm).toBeCloseTo(2 * Math.sqrt(0.015 ** 2 + s2 / 4), 12);
  });

  it('never doubts less than the gauge does, and refuses nothing at all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 2, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (readings) =>
          expect(combineRepeats(readings, 0.03).uncertaintyMm).toBeGreaterThanOrEqual(0.03 - 1e-12),
      ),
    );
    expect(() => combineRepeats([], 0.03)).toThrow('empty');
  });
});

describe('typed readings', () => {
  it.each([
    ['147', 1.47],
    ['15', 1.5],
    ['1', 1],
    ['1,47', 1.47],
    ['1.4', 1.4],
    [' 2.05 ', 2.05],
    ['.9', 0.9],
  ])('reads %p as %d', (text, value) => expect(typedReading(text, { decimals: 2 })).toBe(value));

  it.each([
    ['', 'empty'],
    ['abc', 'not-a-number'],
    ['1.4.7', 'not-a-number'],
    ['.', 'not-a-number'],
    ['-147', 'negative'],
    ['1475', 'too-many-digits'],
    ['1,475', 'too-many-digits'],
  ])('refuses %p: %s', (text, code) =>
    expect(() => typedReading(text, { decimals: 2 })).toThrow(code),
  );

  it('takes a minus where a zero error may be one', () => {
    expect(typedReading('-0.02', { decimals: 2, signed: true })).toBe(-0.02);
    expect(typedReading('-002', { decimals: 2, signed: true })).toBe(-0.02);
    expect(Object.is(typedReading('-0', { decimals: 2, signed: true }), 0)).toBe(true);
  });

  it('grows from the left, always as long as the gauge shows', () => {
    expect(growingReading('', { decimals: 2 })).toEqual({ keyed: '', open: '0.00' });
    expect(growingReading('1', { decimals: 2 })).toEqual({ keyed: '1.', open: '00' });
    expect(growingReading('14', { decimals: 2 })).toEqual({ keyed: '1.4', open: '0' });
    expect(growingReading('147', { decimals: 2 })).toEqual({ keyed: '1.47', open: '' });
  });

  it('shows what it will read', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 999 }), (digits) => {
        const { keyed, open } = growingReading(String(digits), { decimals: 2 });
        expect(Number(keyed + open)).toBe(typedReading(String(digits), { decimals: 2 }));
      }),
    );
  });
});
