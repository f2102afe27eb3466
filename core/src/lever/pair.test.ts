import fc from 'fast-check';
import { MOST_APART, PAIR_MEASURES, PLAUSIBLE_PAIR, pairOf, type Hand } from './pair';

const hand = (): fc.Arbitrary<Hand> =>
  fc
    .record(
      {
        clamp: fc.integer({ min: 0, max: 300 }),
        reach: fc.integer({ min: 80, max: 150 }),
        bite: fc.integer({ min: 0, max: 80 }),
        angle: fc.integer({ min: -90, max: 90 }),
      },
      { requiredKeys: [] },
    )
    .map((of) => of as Hand);

describe('both levers beside each other', () => {
  // Equal within 2 mm and 2 degrees: our choice [D].
  it.each([
    [70, 72, 'equal'],
    [70, 68, 'equal'],
    [70, 72.1, 'apart'],
    [70, 67.9, 'apart'],
    [0.1, 2.1, 'equal'],
  ] as const)('clamp %d and %d are %s', (left, right, standing) => {
    const { differences } = pairOf({ clamp: left }, { clamp: right }, []);
    expect(differences[0]).toMatchObject({ measure: 'clamp', standing });
  });

  it('says nothing of what was measured on one side only, and calls it not equal', () => {
    const { differences, toEven } = pairOf({ reach: 70, bite: 20 }, { bite: 20 }, []);
    expect(differences.map(({ standing }) => standing)).toEqual([
      'not-measured',
      'not-measured',
      'equal',
      'not-measured',
    ]);
    expect(toEven).toEqual([]);
  });

  it('sets reach after bite, since changing the bite moves the blade (common practice)', () => {
    const left = { clamp: 100, reach: 70, bite: 20, angle: 30 };
    const right = { clamp: 110, reach: 60, bite: 30, angle: 40 };
    expect(pairOf(left, right, []).toEven).toEqual(['clamp', 'angle', 'bite', 'reach']);
  });

  it('leaves a bias the rider asked for, and only that', () => {
    const { differences, toEven } = pairOf({ reach: 70, clamp: 90 }, { reach: 80, clamp: 99 }, [
      'reach',
    ]);
    expect(differences.map(({ standing }) => standing)).toEqual([
      'apart',
      'asked-for',
      'not-measured',
      'not-measured',
    ]);
    expect(toEven).toEqual(['clamp']);
  });

  it('is the same seen in a mirror', () => {
    fc.assert(
      fc.property(hand(), hand(), (left, right) => {
        const one = pairOf(left, right, []);
        const other = pairOf(right, left, []);
        expect(other.toEven).toEqual(one.toEven);
        expect(other.differences.map(({ apart }) => apart === null || -apart + 0)).toEqual(
          one.differences.map(({ apart }) => apart === null || apart + 0),
        );
      }),
    );
  });

  it('never calls equal what is further apart than the sides may be, whatever else was asked for', () => {
    fc.assert(
      fc.property(hand(), hand(), fc.subarray([...PAIR_MEASURES]), (left, right, biased) => {
        for (const { measure, standing } of pairOf(left, right, biased).differences) {
          const [a, b] = [left[measure], right[measure]];
          if (standing !== 'equal') continue;
          expect(Math.abs(a! - b!)).toBeLessThanOrEqual(MOST_APART[measure]);
        }
      }),
    );
  });

  it('refuses what cannot be, naming side and measure', () => {
    for (const measure of PAIR_MEASURES) {
      const { least, most } = PLAUSIBLE_PAIR[measure];
      for (const value of [least - 1, most + 1])
        expect(() => pairOf({}, { [measure]: value }, [])).toThrow(
          expect.objectContaining({ code: 'out-of-range', field: `right-${measure}` }),
        );
    }
    expect(() => pairOf({ clamp: NaN }, {}, [])).toThrow(
      expect.objectContaining({ code: 'not-a-number', field: 'left-clamp' }),
    );
    expect(() => pairOf({ reach: 60, bite: 61 }, {}, [])).toThrow(
      expect.objectContaining({ code: 'bite-past-bar', field: 'left-bite' }),
    );
  });
});
