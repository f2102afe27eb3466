import fc from 'fast-check';
import { airReadOut, ATMOSPHERE_MPA, spongeTest, type SpongeTest } from './spongeTest';

const test = (change: Partial<SpongeTest> = {}) =>
  spongeTest({
    biteMm: 10,
    firmMm: 25,
    leverRatio: 5,
    boreMm: 10,
    ownGiveMl: 0.1,
    figures: {},
    ...change,
  });

describe('sponge test', () => {
  // Check value of the trade's own worked example.
  it('d 10, r 5, 15 mm after the bite: 0.2356 mL pushed, 0.1378 mL of air, a top-up', () => {
    const air = test();
    expect(air.pistonMm).toBe(3);
    expect(air.pushedMl).toBeCloseTo(0.2356, 4);
    expect(air.extraMl).toBeCloseTo(0.1356, 4);
    expect(air.pressureMpa).toBeCloseTo(6.366, 3);
    expect(air.airMl).toBeCloseTo(0.1378, 4);
    expect(air.readOut).toBe('top-up');
  });

  // Boyle's law, worked the other way: p₀·V shrinks to V − ΔV at p₀ + p.
  it('squeezes that much air by just that much', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 11, max: 60, noNaN: true }),
        fc.double({ min: 4, max: 7, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (firmMm, leverRatio, bitePressureMpa) => {
          const air = test({ firmMm, leverRatio, bitePressureMpa, ownGiveMl: 0 });
          fc.pre(air.pressureMpa > bitePressureMpa + 0.1);
          const at = (gaugeMpa: number) =>
            (air.airMl! * ATMOSPHERE_MPA) / (ATMOSPHERE_MPA + gaugeMpa);
          expect(at(bitePressureMpa) - at(air.pressureMpa)).toBeCloseTo(air.extraMl, 9);
        },
      ),
    ));

  it('is at least: pressure at the bite means more air', () =>
    expect(test({ bitePressureMpa: 0.2 }).airMl!).toBeGreaterThan(test().airMl!));

  it('at the ends of the bands: under 0.05 sound, above 0.2 a full bleed', () => {
    const giving = (airMl: number) => {
      const share = test().pressureMpa / (test().pressureMpa + ATMOSPHERE_MPA);
      return test({ ownGiveMl: test().pushedMl - airMl * share }).readOut;
    };
    expect(giving(0.0499)).toBe('sound');
    expect(giving(0.0501)).toBe('top-up');
    expect(giving(0.1999)).toBe('top-up');
    expect(giving(0.2001)).toBe('full-bleed');
  });

  it('below nothing the bite was misread or the give is too large: no verdict', () =>
    expect(test({ firmMm: 11 })).toMatchObject({ airMl: null, readOut: null }));

  it('refuses what cannot be', () => {
    expect(() => test({ firmMm: 9 })).toThrow('firm-before-bite');
    expect(test({ firmMm: 10, ownGiveMl: 0 }).airMl).toBe(0);
    expect(() => test({ boreMm: 0 })).toThrow('not-positive');
    expect(() => test({ leverRatio: -1 })).toThrow('not-positive');
    expect(() => test({ biteMm: NaN })).toThrow('not-a-number');
    expect(() => test({ biteMm: -1 })).toThrow('not-a-number');
    expect(() => test({ efficiency: 0 })).toThrow('not-positive');
  });

  it('reads out by the bands the shop has laid down', () => {
    const figures = { 'air-sound': 0.03, 'air-top-up': 0.1 };
    expect([0.029, 0.04, 0.1, 0.11].map((ml) => airReadOut(ml, figures))).toEqual([
      'sound',
      'top-up',
      'top-up',
      'full-bleed',
    ]);
    expect(test({ figures }).readOut).toBe('full-bleed');
  });

  it('0.05 mL is a top-up already, and 0.2 one still; a bite at rest can be', () => {
    expect([0.05, 0.2].map((ml) => airReadOut(ml, {}))).toEqual(['top-up', 'top-up']);
    expect(test({ biteMm: 0, firmMm: 15 }).pistonMm).toBe(3);
  });
});
