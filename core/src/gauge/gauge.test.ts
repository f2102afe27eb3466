import { gaugeFault, isCalibratedTooFar } from './register';
import fc from 'fast-check';
import { decimalsOf, GAUGE_DEFAULTS, GAUGE_KINDS, inCalibration, type GaugeKind } from './gauge';
import { combineRepeats } from './repeats';
import { plausibleZeroError, standingZero } from './zeroCheck';
import { canGrow, growingReading, isCertain, typedReading, type Keying } from './typedReading';

describe('gauge defaults', () => {
  it('gives every kind a step [P] and a wide doubt from memory [M]', () => {
    for (const kind of GAUGE_KINDS) {
      const gauge = GAUGE_DEFAULTS[kind];
      expect(gauge.resolutionTag).toBe(kind === 'feeler-gauges' || kind === 'rule' ? 'M' : 'P');
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

  it('shows what it will read, however digits are filled in', () => {
    const keyings: Keying[] = [
      { decimals: 2 },
      { decimals: 2, impliesOne: true },
      { decimals: 2, fill: 'last-digits', signed: true },
      { decimals: 1, fill: 'plain' },
    ];
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 99 }),
        fc.constantFrom(...keyings),
        (digits, keying) => {
          fc.pre(!keying.impliesOne || digits < 3 || digits > 9);
          const { keyed, open } = growingReading(String(digits), keying);
          expect(Number(keyed + open)).toBe(typedReading(String(digits), keying));
        },
      ),
    );
  });

  it.each([
    ['47', 1.47],
    ['147', 1.47],
    ['99', 1.99],
    ['12', 1.2],
    ['205', 2.05],
    ['095', 0.95],
  ])('of a rotor %p is %d: a 3 to 9 stands behind an implied 1', (text, value) =>
    expect(typedReading(text, { decimals: 2, impliesOne: true })).toBe(value),
  );

  it('of a rotor a lone 3 to 9 is no reading: it may be left over from a slip', () => {
    expect(() => typedReading('5', { decimals: 2, impliesOne: true })).toThrow('too-few-digits');
    expect(typedReading('1', { decimals: 2, impliesOne: true })).toBe(1);
  });

  it.each([
    ['12', 0.12],
    ['4', 0.04],
    ['125', 1.25],
    ['-5', -0.05],
    ['0.5', 0.5],
  ])('of a gap or a wobble %p is %d: the last digits stand behind the point', (text, value) =>
    expect(typedReading(text, { decimals: 2, fill: 'last-digits', signed: true })).toBe(value),
  );

  const rotor = { decimals: 2, impliesOne: true };
  const pads = { decimals: 2 };

  it('takes itself when it can be nothing else: "47" of a rotor, and never "31", "313" or "147"', () => {
    expect(['47', '39'].map((text) => isCertain(text, rotor))).toEqual([true, true]);
    expect(['4', '14', '147', '1.47', '', '477'].filter((text) => isCertain(text, rotor))).toEqual(
      [],
    );
    // Of 31 35 keyed without next, 3.13 would be a reading that nobody took.
    expect(['3', '31', '313', '3135', '3.13'].filter((text) => isCertain(text, pads))).toEqual([]);
  });

  it('cannot grow past the gauge’s last decimal, pointed or not', () => {
    expect(['3', '31', '3.1', '-', ''].every((text) => canGrow(text, pads))).toBe(true);
    expect(['313', '3.13', '3,13', '-003'].some((text) => canGrow(text, pads))).toBe(false);
    expect(['47', '147'].some((text) => canGrow(text, rotor))).toBe(false);
    expect(canGrow('370', { decimals: 2, fill: 'last-digits' })).toBe(true);
    expect(canGrow('370', { decimals: 1, fill: 'plain' })).toBe(true);
  });

  it('no keyed text that is taken by itself has a reading among its beginnings', () => {
    const digits = fc.stringMatching(/^\d{1,4}$/);
    fc.assert(
      fc.property(digits, fc.constantFrom(rotor, pads), (text, keying) => {
        fc.pre(isCertain(text, keying));
        for (let length = 1; length < text.length; length++)
          expect(() => typedReading(text.slice(0, length), keying)).toThrow();
      }),
    );
  });
});

describe('a zero check that still stands', () => {
  const at = '2026-11-25T09:00:00.000Z';
  const sitting = { gaugeId: 'G2', at, zeroMm: 0.01 };
  const after = (minutes: number) => Date.parse(at) + minutes * 60_000;

  it.each([
    [0, 0.01],
    [30, 0.01],
    [30.01, null],
    [-0.01, null],
  ])('%d minutes after the sitting was begun: %p (30 minutes are our choice)', (minutes, zero) =>
    expect(standingZero([sitting], 'G2', after(minutes))).toBe(zero),
  );

  it('is the same gauge’s last, and none when that one was not checked', () => {
    const unchecked = { ...sitting, zeroMm: null };
    expect(standingZero([sitting, { ...sitting, gaugeId: 'G1' }], 'G2', after(1))).toBe(0.01);
    expect(standingZero([sitting, unchecked], 'G2', after(1))).toBeNull();
    expect(standingZero([sitting], 'G1', after(1))).toBeNull();
  });

  it('a gauge that shows no decimals has no point', () =>
    expect(growingReading('7', { decimals: 0 })).toEqual({ keyed: '7', open: '' }));
});

describe('a gauge as a register keeps it', () => {
  it('is calibrated through no day that is further off than a certificate reaches', () => {
    const tooFar = (calibrationDueOn: string | null, retired = false) =>
      isCalibratedTooFar({ calibrationDueOn, retired }, '2026-11-25');
    for (const day of [null, '2026-01-01', '2028-11-25']) expect(tooFar(day)).toBe(false);
    for (const day of ['2028-11-26', '2072-11-25']) expect(tooFar(day)).toBe(true);
    expect(tooFar('2072-11-25', true)).toBe(false);
  });

  const gauge = {
    kind: 'thickness-gauge',
    anvils: 'point',
    resolutionMm: 0.01,
    uncertaintyAssumed: false,
    retired: false,
  } as const;
  // Source: JCGM 100:2008 (GUM), F.2.2.1: a step of δ leaves a standard uncertainty of 0.29 δ.
  it('published: is in no less doubt than its own step leaves open', () => {
    const under = { field: 'uncertaintyMm', code: 'doubt-under-step' };
    expect(gaugeFault({ ...gauge, uncertaintyMm: 0.00577 })).toEqual(under);
    expect(gaugeFault({ ...gauge, uncertaintyMm: 0.0058 })).toBeNull();
    expect(gaugeFault({ ...gauge, resolutionMm: 1, uncertaintyMm: 0.001 })).toEqual(under);
    expect(2 * 0.29 * 0.01).toBeCloseTo(0.01 / Math.sqrt(3), 4);
  });

  it('is in no less doubt than is assumed of its kind, unless its certificate says so', () => {
    const assumed = { ...gauge, uncertaintyAssumed: true, uncertaintyMm: 0.029 };
    const under = { field: 'uncertaintyMm', code: 'under-assumed' };
    expect(gaugeFault(assumed)).toEqual(under);
    expect(gaugeFault({ ...assumed, uncertaintyAssumed: false })).toBeNull();
    expect(gaugeFault({ ...assumed, uncertaintyMm: 0.03 })).toBeNull();
    expect(gaugeFault({ ...assumed, retired: true })).toBeNull();
  });

  it('has no points where it has long jaws', () => {
    const vernier = { ...gauge, kind: 'vernier-caliper', uncertaintyMm: 0.06 } as const;
    expect(gaugeFault(vernier)).toEqual({ field: 'anvils', code: 'points-on-vernier' });
    expect(gaugeFault({ ...vernier, anvils: 'flat' })).toBeNull();
  });

  it('by its kind’s defaults can be one', () => {
    for (const [kind, defaults] of Object.entries(GAUGE_DEFAULTS))
      expect([
        kind,
        gaugeFault({ ...gauge, ...defaults, kind: kind as GaugeKind, uncertaintyAssumed: true }),
      ]).toEqual([kind, null]);
  });
});
