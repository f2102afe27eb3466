import fc from 'fast-check';
import { micrometres } from '../units/length';
import { isRadialWithin, MOST_WASHERS, plausibleE, washersFor, WASHERS_MM } from './radial';

describe('where the pads sweep', () => {
  // Our check value [D]: e 2.30, aim 0.25, stock 0.2 0.5 1.0 1.5: two washers, 1.5 and 0.5, land at 0.30.
  it('2.30 mm inside takes 1.5 and 0.5', () => {
    expect(washersFor(2.3, [])).toEqual({ code: 'add', washersMm: [1.5, 0.5], landsAtMm: 0.3 });
  });

  it.each([0, 0.25, 0.5])('%d mm is where it is to be, ends inclusive', (e) => {
    expect(isRadialWithin(e)).toBe(true);
    expect(washersFor(e, [1.5])).toEqual({ code: 'within' });
  });

  it('overhanging: washers come out, and where there are none it is another adapter', () => {
    expect(washersFor(-1.3, [1.5, 1])).toEqual({
      code: 'take-out',
      washersMm: [1.5],
      landsAtMm: 0.2,
    });
    expect(washersFor(-0.4, [])).toEqual({ code: 'another-adapter', overhangs: true });
    expect(washersFor(-0.01, [1.5])).toEqual({ code: 'another-adapter', overhangs: true });
  });

  it('three a side at most, those under it counted', () => {
    expect(washersFor(4.75, [])).toMatchObject({ code: 'add', washersMm: [1.5, 1.5, 1.5] });
    expect(washersFor(5.2, [])).toEqual({ code: 'another-adapter', overhangs: false });
    expect(washersFor(3.25, [0.5, 0.5])).toEqual({ code: 'another-adapter', overhangs: false });
  });

  it('what is not in the drawer is named, and never taken for another adapter’s fault', () => {
    expect(washersFor(2.3, [], [0.2, 0.5])).toMatchObject({
      code: 'out-of-stock',
      washersMm: [1.5, 0.5],
    });
    expect(washersFor(0.9, [], [0.5])).toMatchObject({ code: 'add', washersMm: [0.5] });
    expect(washersFor(0.9, [], [])).toMatchObject({ code: 'out-of-stock' });
    expect(washersFor(9, [], [])).toEqual({ code: 'another-adapter', overhangs: false });
  });

  it.each([NaN, Infinity, 40, -20])('%d is refused by name', (e) => {
    expect(() => plausibleE(e)).toThrow(expect.objectContaining({ field: 'eMm' }));
    expect(() => washersFor(e, [])).toThrow(RangeError);
  });

  // An exhaustive search over counted washers, apart from the way the sets are made.
  it('is the nearest set there is, then the fewest, then the thickest first', () =>
    fc.assert(
      fc.property(fc.integer({ min: 501, max: 5500 }), (um) => {
        const sets: number[][] = [];
        for (let a = 0; a <= MOST_WASHERS; a++)
          for (let b = 0; a + b <= MOST_WASHERS; b++)
            for (let c = 0; a + b + c <= MOST_WASHERS; c++)
              for (let d = 0; a + b + c + d <= MOST_WASHERS; d++)
                sets.push(
                  [a, b, c, d].flatMap((count, i) =>
                    Array.from({ length: count }, () => micrometres(WASHERS_MM[3 - i]!)),
                  ),
                );
        const off = (set: number[]) => Math.abs(um - set.reduce((x, y) => x + y, 0) - 250);
        const key = (set: number[]) => [
          off(set),
          set.length,
          ...[0, 1, 2].map((i) => -(set[i] ?? 0)),
        ];
        const before = (a: number[], b: number[]) =>
          key(a)
            .map((x, i) => x - key(b)[i]!)
            .find((x) => x !== 0) ?? 0;
        const best = sets.sort(before)[0]!;
        const found = washersFor(um / 1000, []);
        if (off(best) > 250) expect(found).toMatchObject({ code: 'another-adapter' });
        else
          expect(found).toEqual({
            code: 'add',
            washersMm: best.map((each) => each / 1000),
            landsAtMm: (um - best.reduce((x, y) => x + y, 0)) / 1000,
          });
      }),
    ));
});
