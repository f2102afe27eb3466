import { fitOf, gainOf, plausibleSizes, type FitAsked } from './fit';

const post = (nativeMm: number, sizeMm: number, change: Partial<FitAsked> = {}): FitAsked => ({
  end: 'front',
  mount: 'post',
  nativeMm,
  smallestMm: null,
  largestMm: 220,
  caliper: { face: 'post', pistons: 2 },
  hub: 'six-bolt',
  rotor: { sizeMm, hold: 'six-bolt', construction: 'one-piece' },
  ...change,
});
const fit = (asked: FitAsked) => {
  const answer = fitOf(asked);
  if (!answer.fits) throw new Error(answer.because.code);
  return answer;
};
const refusal = (asked: FitAsked) => {
  const answer = fitOf(asked);
  return answer.fits ? null : answer.because.code;
};

// Common practice, the twins of IS adapters from memory.
describe('whether a rotor fits', () => {
  it.each([
    [160, 203, 21.5],
    [180, 203, 11.5],
    [160, 180, 10],
    [160, 160, 0],
  ])('a post mount of %d with %d: the caliper moves out by %d mm', (native, size, outward) =>
    expect(fit(post(native, size)).outwardMm).toBe(outward),
  );

  it('straight on at its native size; with a step and the washers of an odd one', () => {
    expect(fit(post(160, 160)).stack).toEqual({ adapter: null, washersMm: [] });
    expect(fit(post(160, 180)).stack).toMatchObject({ adapter: { forMm: 20 }, washersMm: [] });
    expect(fit(post(160, 203)).stack).toMatchObject({ adapter: { forMm: 40 }, washersMm: [1.5] });
    expect(fit(post(180, 203)).stack).toMatchObject({ adapter: { forMm: 20 }, washersMm: [1.5] });
    expect(fit(post(200, 203)).stack).toEqual({ adapter: null, washersMm: [1.5] });
    expect(fit(post(203, 203)).stack).toEqual({ adapter: null, washersMm: [] });
  });

  it('IS always takes an adapter, and the same one serves one size down behind', () => {
    const is = { mount: 'is' } as const;
    expect(fit(post(160, 160, is)).stack.adapter).toEqual({ code: 'is', forMm: 160, twinMm: 140 });
    expect(fit(post(140, 160, { ...is, end: 'rear' })).stack.adapter).toEqual({
      code: 'is',
      forMm: 160,
      twinMm: 180,
    });
    expect(fit(post(160, 203, is)).stack.washersMm).toEqual([1.5]);
    expect(refusal(post(160, 230, { ...is, largestMm: 240 }))).toBe('no-stack');
  });

  it('flat: straight on or with the plate of its size, printed on it', () => {
    const flat = { mount: 'flat', caliper: { face: 'flat', pistons: 2 } } as const;
    expect(fit(post(140, 140, { ...flat, end: 'rear' })).stack.adapter).toBeNull();
    const plate = fit(post(140, 160, { ...flat, end: 'rear' }));
    expect([plate.stack.adapter?.code, plate.flags]).toEqual([
      'plate',
      ['up-mark', 'printed-size'],
    ]);
    expect(refusal(post(140, 203, flat))).toBe('no-stack');
  });

  it.each([
    [post(180, 203, { largestMm: 180 }), 'over-largest'],
    [post(180, 160), 'under-smallest'],
    [post(160, 160, { smallestMm: 180, largestMm: 203 }), 'under-smallest'],
    [post(160, 180, { hub: 'lockring' }), 'other-hub'],
    [post(160, 180, { caliper: { face: 'flat', pistons: 2 } }), 'other-face'],
    [post(160, 190), 'no-stack'],
    [post(160, 170), 'no-stack'],
  ])('never against what is allowed: %#', (asked, code) => expect(refusal(asked)).toBe(code));

  it('flags what is looked at by hand', () => {
    const asked = post(160, 180, {
      largestMm: null,
      caliper: { face: 'post', pistons: 4 },
      rotor: { sizeMm: 180, hold: 'six-bolt', construction: 'two-piece' },
    });
    expect(fit(asked).flags).toEqual(['largest-unknown', 'rivet-room', 'up-mark']);
  });

  it('a larger rotor than is allowed is refused whatever else is asked', () => {
    for (const mount of ['post', 'flat', 'is'] as const)
      for (const size of [183, 200, 203, 220])
        expect(
          fitOf(
            post(160, size, {
              mount,
              largestMm: 180,
              caliper: { face: mount === 'flat' ? 'flat' : 'post', pistons: 2 },
            }),
          ).fits,
        ).toBe(false);
  });

  it('sizes that are none, or turned round, are refused by name', () => {
    expect(() => fitOf(post(0, 160))).toThrow('not-positive');
    expect(() => fitOf(post(160, NaN))).toThrow('not-positive');
    expect(() => fitOf(post(160, 180, { smallestMm: 203, largestMm: 180 }))).toThrow(
      'sizes-reversed',
    );
  });

  it('a size that no rotor is made in is refused by name, as it is written down', () => {
    const fault = (change: object) => () => plausibleSizes({ ...post(160, 203), ...change });
    expect(fault({ largestMm: 203 })).not.toThrow();
    expect(fault({ largestMm: 2030 })).toThrow('largest: out-of-range');
    expect(fault({ smallestMm: 16 })).toThrow('smallest: out-of-range');
    expect(fault({ nativeMm: 1600 })).toThrow('native: out-of-range');
  });

  it('160 to 203 is about 29 % more torque for the same pull', () => {
    expect(gainOf(160, 203)).toBeCloseTo(0.29, 2);
    expect(gainOf(180, 180)).toBe(0);
  });
});
