import { AIR_C, coolFor, COOL_FROM_C, likelyRotorC, pullEnergyJ, trackKg } from './pulls';

describe('bedding in', () => {
  it('a pull from 25 to 5 km/h with 100 kg is 2,315 J, the handbook’s check value', () =>
    expect(pullEnergyJ(100, 25, 5)).toBeCloseTo(2315, 0));

  it('refuses a pull that does not slow down', () => {
    expect(() => pullEnergyJ(100, 5, 5)).toThrow('not-slower');
    expect(() => pullEnergyJ(100, 25, -1)).toThrow('negative');
    expect(() => pullEnergyJ(0, 25, 5)).toThrow('not-positive');
  });

  it('a track of 203 × 172 × 1.8 mm weighs 131 g, the handbook’s check value', () =>
    expect(trackKg(203, 31 / 2)).toBeCloseTo(0.1315, 4));

  it('heats 131.5 g by 35.2 K a pull with no loss, and loses it again', () => {
    const pull = { atMs: 0, energyJ: 2315 };
    expect(likelyRotorC([pull], 0.1315, 0) - AIR_C).toBeCloseTo(35.2, 1);
    expect(likelyRotorC([pull, pull], 0.1315, 0) - AIR_C).toBeCloseTo(70.4, 1);
    expect(likelyRotorC([pull], 0.1315, 600_000) - AIR_C).toBeLessThan(0.1);
    expect(likelyRotorC([], 0.1315, 0)).toBe(AIR_C);
  });

  it('says how long to ride on before the next pull stays under the limit', () => {
    expect(coolFor(AIR_C, 2315, 0.1315)).toBe(0);
    const hot = COOL_FROM_C - 10;
    const wait = coolFor(hot, 2315, 0.1315);
    expect(wait).toBeGreaterThan(0);
    const after = AIR_C + (hot - AIR_C) * Math.exp(-wait / 60);
    expect(after + 35.3).toBeLessThanOrEqual(COOL_FROM_C + 0.2);
    expect(coolFor(150, 50_000, 0.1315)).toBe(180);
  });
});
