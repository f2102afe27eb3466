import fc from 'fast-check';
import type { Gauge } from '../gauge/gauge';
import {
  PAD_PLACES,
  padVerdict,
  plausiblePadReading,
  type PadMeasurement,
  type PadStandard,
} from './pads';
import { WORDS } from './verdict';

const gauge: Gauge = {
  kind: 'digital-caliper',
  resolutionMm: 0.01,
  uncertaintyMm: 0.03,
  anvils: 'flat',
  calibrationDueOn: '2027-03-01',
};
const spec: PadStandard = { newTotalMm: 4, plateMm: 1.8, plateAssumed: false, figures: {} };
const ALL = ['total', 'friction', 'share'] as const;

function pads(four: (number | null)[], changes: Partial<PadMeasurement> = {}): PadMeasurement {
  const readings = Object.fromEntries(
    PAD_PLACES.flatMap((place, i) => (four[i] == null ? [] : [[place, [four[i]]]])),
  );
  return { basis: 'total', readings, gauge, zeroErrorMm: 0, measuredOn: '2026-11-25', ...changes };
}
const even = (mm: number) => pads([mm, mm, mm, mm]);

describe('pad verdict: the handbook’s check values (common practice [P])', () => {
  it('total 3.7, plate 1.8, new 4.0: Holds by every school, 13.6 % worn', () => {
    const verdict = padVerdict(even(3.7), spec, ALL);
    expect(verdict.word).toBe('holds');
    expect(verdict.schools.map((s) => [s.school, s.word, s.leastMm, s.limitMm])).toEqual([
      ['total', 'holds', 3.7, 3],
      ['friction', 'holds', 1.9, 1.5],
      ['share', 'holds', 1.9, 0.55],
    ]);
    expect(verdict.schools[2]!.wornShare).toBeCloseTo(0.136, 3);
  });

  it('total 3.1: passes the total rule by 0.1, fails the friction rule; Replace, by friction', () => {
    const verdict = padVerdict(even(3.1), spec, ['total', 'friction']);
    expect(verdict.word).toBe('replace');
    expect(verdict.decidedBy).toBe('friction');
    expect(verdict.schools.map((s) => [s.school, s.word, s.leastMm])).toEqual([
      ['total', 'watch', 3.1],
      ['friction', 'replace', 1.3],
    ]);
  });
});

describe('pad verdict: the rules', () => {
  it('takes the least of the four numbers', () => {
    for (let i = 0; i < 4; i++) {
      const four = [3.7, 3.7, 3.7, 3.7];
      four[i] = 2.9;
      expect(padVerdict(pads(four), spec, ['total']).word).toBe('replace');
    }
  });

  it('is "below": at 3.0 the total rule is not yet worn, and not proven either', () => {
    expect(padVerdict(even(3), spec, ['total']).word).toBe('unproven');
    expect(padVerdict(even(2.99), spec, ['total']).word).toBe('replace');
    expect(padVerdict(even(3.03), spec, ['total']).word).toBe('watch');
  });

  it('is "or more": three quarters worn is worn', () => {
    const friction = (mm: number) =>
      padVerdict({ ...even(mm), basis: 'friction' }, spec, ['share']);
    expect(friction(0.55).word).toBe('replace');
    expect(friction(0.551).word).toBe('unproven');
    expect(friction(0.55).schools[0]!.wornShare).toBeCloseTo(0.75, 9);
  });

  it('leaves unproven what a missing number or an assumed plate would have to prove', () => {
    const missing = padVerdict(pads([3.7, 3.7, 3.7, null]), spec, ['total']);
    expect(missing.schools[0]!.reasons).toEqual([
      { code: 'missing-number', place: 'outer-trailing' },
    ]);
    expect(padVerdict(pads([2.9, null, null, null]), spec, ['total']).word).toBe('replace');

    const assumed = padVerdict(even(3.7), { ...spec, plateAssumed: true }, ALL);
    expect(assumed.schools.map((s) => s.word)).toEqual(['holds', 'unproven', 'unproven']);
    const unknown = padVerdict(even(3.7), { ...spec, plateMm: null }, ALL);
    expect(unknown.schools.map((s) => s.word)).toEqual(['holds', 'unproven', 'unproven']);
    expect(unknown.word).toBe('unproven');
  });

  it('adds the plate when friction alone was measured', () => {
    const verdict = padVerdict({ ...even(1.9), basis: 'friction' }, spec, ALL);
    expect(verdict.schools.map((s) => s.leastMm)).toEqual([3.7, 1.9, 1.9]);
  });

  it('lets the sheet’s own limit stand in for the school’s', () => {
    const limits = {
      friction: { limitMm: 2, atLimitIsWorn: true, origin: 'sheet', tag: null } as const,
    };
    expect(padVerdict(even(3.7), { ...spec, limits }, ['friction']).word).toBe('replace');
  });

  it('refuses what cannot be', () => {
    expect(() => padVerdict(even(3.7), spec, [])).toThrow('schools: empty');
    expect(() => plausiblePadReading(9)).toThrow('implausible');
    expect(() => plausiblePadReading(-1)).toThrow('negative');
  });

  it('a thinner number never gives a better word', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1800, max: 4000 }), { minLength: 4, maxLength: 4 }),
        fc.nat({ max: 3 }),
        fc.nat({ max: 200 }),
        (ums, which, less) => {
          const worse = ums.map((t, i) => (i === which ? Math.max(1800, t - less) : t));
          const rank = (four: number[]) =>
            WORDS.indexOf(padVerdict(pads(four.map((t) => t / 1000)), spec, ALL).word);
          expect(rank(worse)).toBeGreaterThanOrEqual(rank(ums));
        },
      ),
    ));
});

describe('what the four numbers say (sense [P], threshold [D])', () => {
  const signs = (four: number[]) => padVerdict(pads(four), spec, ['total']).pattern.signs;

  it('finds one side ahead of the other, above 0.3 mm', () => {
    expect(signs([3.2, 3.2, 3.6, 3.6])).toEqual([
      { code: 'one-side-ahead', thinner: 'inner', differenceMm: 0.4 },
    ]);
    expect(signs([3.3, 3.3, 3.6, 3.6])).toEqual([]);
  });

  it('finds taper along one pad', () => {
    expect(signs([3.6, 3.2, 3.4, 3.4])).toEqual([
      { code: 'tapered', pad: 'inner', thinner: 'trailing', differenceMm: 0.4 },
    ]);
  });

  it('says nothing of a pair that is not complete', () =>
    expect(padVerdict(pads([3.6, 3.6, 3.6, null]), spec, ['total']).pattern.complete).toBe(false));
});

describe('pads at the ends of what can be', () => {
  it('takes a reading of nothing and of 8 mm, the most a pad can be (our choice)', () =>
    expect([plausiblePadReading(0), plausiblePadReading(8)]).toEqual([0, 8]));

  it('worn to the plate, or into it, is the most worn and says Replace', () => {
    for (const mm of [1.8, 1.77, 1.3])
      expect(padVerdict(even(mm), spec, ALL)).toMatchObject({ word: 'replace', contradicts: [] });
    // So far under it that no wear explains it: the plate is another one, or the number a slip.
    expect(padVerdict(even(1.29), spec, ['total'])).toMatchObject({
      word: 'replace',
      contradicts: expect.arrayContaining([
        expect.objectContaining({ code: 'thinner-than-plate', place: 'inner-leading' }),
      ]) as unknown,
    });
  });

  it('thicker than new proves nothing', () =>
    expect(padVerdict(even(4.1), spec, ['total'])).toMatchObject({
      word: 'unproven',
      contradicts: expect.arrayContaining([
        expect.objectContaining({ code: 'thicker-than-new' }),
      ]) as unknown,
    }));

  it('an earlier pair that was down to its plate tells no friction', () => {
    const outlook = {
      unit: 'km' as const,
      earlier: [{ x: 0, mm: 1.8, doubtMm: 0.03 }],
      now: 1000,
      nextService: 2000,
    };
    const verdict = padVerdict(even(3.8), spec, ALL, outlook);
    expect(verdict.schools.map(({ school, forecast }) => [school, forecast])).toEqual([
      ['total', { ok: false, code: 'not-wearing', readings: 2 }],
      ['friction', { ok: false, code: 'one-reading', readings: 1 }],
      ['share', { ok: false, code: 'one-reading', readings: 1 }],
    ]);
  });
});
