import * as statistics from 'simple-statistics';
import {
  distanceOfM,
  compareStops,
  deceleration,
  frontShare,
  median,
  onEqualTerms,
  stopsOf,
  tipsAtG,
} from './stops';

const run = (distanceM: number, fromKmh = 25, locked = false) => ({ fromKmh, distanceM, locked });
const runs = (...metres: number[]) => metres.map((each) => run(each));
const MPH = 1.609344;

// The trade's own worked values.
describe('a stop', () => {
  it('from 25 km/h in 7.0 m is 3.44 m/s², from 20 mph in 9 m 4.44', () => {
    expect(deceleration(run(7))).toBeCloseTo(3.44, 2);
    expect(deceleration(run(9, 20 * MPH))).toBeCloseTo(4.44, 2);
  });

  it('timed goes as far as an even stop does: half its speed for all of its time', () => {
    const metres = distanceOfM(25, 2);
    expect(metres).toBeCloseTo(6.94, 2);
    // Kinematics: the same stop by v/t and by v²/(2d).
    expect(deceleration(run(metres))).toBeCloseTo(25 / 3.6 / 2, 9);
    expect(() => distanceOfM(25, 0)).toThrow('seconds: not-positive');
    expect(() => distanceOfM(NaN, 2)).toThrow('fromKmh: not-a-number');
  });

  it('is compared from one speed: twice as fast is four times as long', () => {
    expect(onEqualTerms(run(8, 20), 40)).toBeCloseTo(32, 12);
  });

  it('at no speed, over nothing or beyond belief is refused by its field', () => {
    expect(() => deceleration(run(7, 0))).toThrow('fromKmh: not-positive');
    expect(() => deceleration(run(0))).toThrow('distanceM: not-positive');
    expect(() => deceleration(run(7, 200))).toThrow('fromKmh: out-of-range');
    expect(() => deceleration(run(NaN))).toThrow('distanceM');
  });
});

describe('stops before and after', () => {
  it('three at least on each side; a locked wheel measured the tyre and does not count', () => {
    expect(() => compareStops(runs(7, 7.2), runs(6, 6, 6))).toThrow('before: too-few-points');
    expect(() => compareStops(runs(7, 7, 7), [...runs(6, 6), run(5, 25, true)])).toThrow(
      'after: too-few-points',
    );
    const { stops } = stopsOf([...runs(7, 8, 9), run(3, 25, true)], 25);
    expect(stops).toMatchObject({ runs: 3, locked: 1, medianM: 8, spreadM: 2 });
  });

  it('says shorter only where the interval leaves nought out', () => {
    const clear = compareStops(runs(9.1, 8.8, 9.4, 9, 9.2), runs(6.9, 7.2, 7, 7.1, 6.8));
    expect(clear.shown).toBe('shorter');
    expect(clear.differenceM).toBeCloseTo(-2.1, 9);
    expect(clear.toM).toBeLessThan(0);
    const mixed = compareStops(runs(7, 9, 8), runs(7.5, 8.5, 8));
    expect(mixed.shown).toBe('none');
    expect(compareStops(runs(6, 6.1, 6.2), runs(9, 9.1, 9.2)).shown).toBe('longer');
  });

  it('gives the same interval whatever the order, and again on every run', () => {
    const one = compareStops(runs(9, 8, 7, 8.5, 7.5, 8), runs(7, 6, 6.5, 7.2, 6.8, 6.1));
    const again = compareStops(runs(9, 8, 7, 8.5, 7.5, 8), runs(7, 6, 6.5, 7.2, 6.8, 6.1));
    expect(again).toEqual(one);
    const three = compareStops(runs(9, 8, 7), runs(6, 7, 6.5));
    const turned = compareStops(runs(7, 9, 8), runs(6.5, 6, 7));
    expect([turned.fromM, turned.toM]).toEqual([three.fromM, three.toM]);
  });

  // 3 × 3 values: all of 27 × 27 resamples, gone through here another way.
  it('goes through every resample of three and three', () => {
    const [was, is] = [
      [9, 8, 7],
      [6, 7, 6.5],
    ];
    const all = (of: number[]) =>
      of.flatMap((a) => of.flatMap((b) => of.map((c) => statistics.median([a, b, c]))));
    const differences = all(is)
      .flatMap((after) => all(was).map((before) => after - before))
      .sort((a, b) => a - b);
    const { fromM, toM } = compareStops(runs(...was), runs(...is));
    expect(fromM).toBe(differences[Math.floor(0.025 * 729)]);
    expect(toM).toBe(differences[Math.floor(0.975 * 729)]);
  });

  it('has the median of a general statistics library', () => {
    for (const values of [[3, 1, 2], [4, 1, 3, 2], [5]])
      expect(median(values)).toBe(statistics.median(values));
  });
});

describe('the share of the front wheel', () => {
  const bike = { wheelbaseM: 1.15, aheadM: 0.55, highM: 1.1, slopeDegrees: 0 };

  // The trade's "about 70 %" [P].
  it('is 71.7 % at a quarter of g on the flat', () =>
    expect(frontShare(bike, 0.25)).toBeCloseTo(0.717, 3));

  it('grows downhill, and is all of it where the rear wheel lifts', () => {
    expect(frontShare({ ...bike, slopeDegrees: 10 }, 0.25)).toBeGreaterThan(frontShare(bike, 0.25));
    const tips = tipsAtG(bike);
    expect(tips).toBeCloseTo(0.6 / 1.1, 12);
    expect(frontShare(bike, tips)).toBeCloseTo(1, 12);
    expect(frontShare(bike, tips + 1)).toBe(1);
  });

  it('refuses a balance that cannot be, by its field', () => {
    expect(() => frontShare({ ...bike, aheadM: 1.2 }, 0.25)).toThrow('aheadM: out-of-range');
    expect(() => frontShare({ ...bike, slopeDegrees: 45 }, 0.25)).toThrow('slopeDegrees');
    expect(() => tipsAtG({ ...bike, highM: 0 })).toThrow('highM: not-positive');
  });
});
