import { trackMassKg } from '../heat/descent';
import { AIR_C, beddedRotor, beddingHeat, COOL_FROM_C, coolFor } from './heat';
import { isPull, PLAUSIBLE_PULL, pullEnergyJ, USUAL_PULL } from './pulls';

const ROTOR = beddedRotor(203, 1.8);
const MASS_KG = 100;
/** So many pulls, so many seconds apart, the last of them now. */
const pulls = (count: number, everyS: number) =>
  Array.from({ length: count }, (_, i) => ({
    atMs: (i - count + 1) * everyS * 1000,
    ...USUAL_PULL,
  }));
const heat = (count: number, everyS: number, afterS = 0) =>
  beddingHeat(ROTOR, MASS_KG, pulls(count, everyS), afterS * 1000);

describe('bedding in', () => {
  it('a pull from 25 to 5 km/h with 100 kg is 2,315 J', () =>
    // The trade's own worked value.
    expect(pullEnergyJ(100, 25, 5)).toBeCloseTo(2315, 0));

  it('refuses a pull that does not slow down', () => {
    expect(() => pullEnergyJ(100, 5, 5)).toThrow('not-slower');
    expect(() => pullEnergyJ(100, 25, -1)).toThrow('negative');
    expect(() => pullEnergyJ(0, 25, 5)).toThrow('not-positive');
  });

  it('takes for a pull what slows from a ride’s speed to a walk, and the edges of that', () => {
    const { fromKmh, toKmh } = PLAUSIBLE_PULL;
    expect(isPull(USUAL_PULL.fromKmh, USUAL_PULL.toKmh)).toBe(true);
    expect(isPull(fromKmh.most, toKmh.least)).toBe(true);
    expect(isPull(fromKmh.least, toKmh.least)).toBe(true);
    expect(isPull(fromKmh.most + 1, toKmh.least)).toBe(false);
    expect(isPull(fromKmh.least - 1, toKmh.least)).toBe(false);
    expect(isPull(25, 0)).toBe(false);
    expect(isPull(fromKmh.most, toKmh.most + 1)).toBe(false);
    expect(isPull(25, 25)).toBe(false);
  });

  it('is as cold as the air an hour after the last pull, as the model has it, and begins anew from there', () => {
    const last = heat(20, 20);
    expect(last.rotorC).toBeGreaterThan(COOL_FROM_C / 2);
    const almost = heat(20, 20, 3599);
    expect(almost.rotorC - AIR_C).toBeGreaterThan(0);
    expect(almost.rotorC - AIR_C).toBeLessThan(1);
    for (const afterS of [3601, 86_400, 365 * 86_400])
      expect(heat(20, 20, afterS)).toEqual({ rotorC: AIR_C, padC: AIR_C, fluidC: AIR_C });
    const today = pulls(5, 20);
    const yesterday = pulls(20, 20).map((pull) => ({ ...pull, atMs: pull.atMs - 86_400_000 }));
    expect(beddingHeat(ROTOR, MASS_KG, [...yesterday, ...today], 0)).toEqual(heat(5, 20));
  });

  it('a pull warms 131.5 g by 35.2 K less what leaves while it lasts', () => {
    // The trade's own worked value, with nothing lost, is the most that it can be.
    expect(trackMassKg(ROTOR)).toBeCloseTo(0.1315, 4);
    const rise = heat(1, 30).rotorC - AIR_C;
    expect(rise).toBeLessThan(35.2);
    expect(rise).toBeGreaterThan(33);
  });

  it('pulls close to each other heat more than pulls far apart, and what was heated cools again', () => {
    expect(heat(0, 1).rotorC).toBe(AIR_C);
    expect(heat(10, 15).rotorC).toBeGreaterThan(heat(10, 60).rotorC + 20);
    expect(heat(10, 15, 60).rotorC).toBeLessThan(heat(10, 15).rotorC - 40);
    expect(heat(10, 15, 7200).rotorC - AIR_C).toBeLessThan(2);
    const { rotorC, padC, fluidC } = heat(10, 15);
    expect(rotorC).toBeGreaterThan(padC);
    expect(padC).toBeGreaterThan(fluidC);
  });

  it('says how long to ride on before the next pull stays under the limit', () => {
    expect(coolFor(ROTOR, MASS_KG, heat(1, 30), USUAL_PULL)).toBe(0);
    const hot = { rotorC: 240, padC: 120, fluidC: 100 };
    const wait = coolFor(ROTOR, MASS_KG, hot, USUAL_PULL);
    expect(wait).toBeGreaterThan(5);
    expect(wait).toBeLessThan(600);
    const heavier = coolFor(ROTOR, 2 * MASS_KG, hot, USUAL_PULL);
    expect(heavier).toBeGreaterThan(wait);
    // A pull that no waiting allows is said to need the longest.
    expect(coolFor(beddedRotor(140, 1.5), 400, hot, { fromKmh: 60, toKmh: 1 })).toBe(600);
    expect(COOL_FROM_C).toBeLessThan(250);
  });
});
