import { randomOf } from '../random';
import { drawBrake, readingOf } from './brake';

describe('numbers from a seed', () => {
  // ISO/IEC 14882 (C++), [rand.predef] [S]: the 10,000th number of minstd_rand, seeded with 1.
  it('published: the 10,000th of the minimal standard is 399268537', () => {
    const random = randomOf(1);
    for (let i = 1; i < 10_000; i++) random();
    expect(Math.round(random() * 2_147_483_647)).toBe(399_268_537);
  });

  it('are the same for the same seed, and others for another', () => {
    const of = (seed: number) => drawBrake(randomOf(seed));
    expect(of(7)).toEqual(of(7));
    expect(of(7)).not.toEqual(of(8));
    // One that the generator cannot begin with is as good as any.
    expect(randomOf(2_147_483_647)()).toBe(randomOf(1)());
  });
});

it('a reading is off by no more than its gauge’s doubt, and stands on its gauge’s steps', () => {
  const gauge = { uncertaintyMm: 0.03, resolutionMm: 0.01 };
  const random = randomOf(11);
  for (let i = 0; i < 500; i++) {
    const trueMm = 1.3 + random() / 2;
    const read = readingOf(trueMm, gauge, random);
    expect(Math.abs(read - trueMm)).toBeLessThanOrEqual(gauge.uncertaintyMm + 1e-9);
    expect(Math.abs(read * 100 - Math.round(read * 100))).toBeLessThan(1e-9);
  }
});

it('three brakes in ten have something wrong of a kind, and no more', () => {
  expect(drawBrake(() => 0.3)).toMatchObject({ crack: false, leak: false, sinksMm: 0 });
  expect(drawBrake(() => 0.29)).toMatchObject({ crack: true, leak: true });
});
