import fc from 'fast-check';
import { inchesFromMm, micrometres, millimetres } from './length';
import { NM_PER_UNIT, torqueIn, type TorqueUnit } from './torque';

describe('length', () => {
  it('counts in whole micrometres, so that 3.3 − 1.8 is not under 1.5', () => {
    expect(3.3 - 1.8).toBeLessThan(1.5);
    expect(micrometres(3.3) - micrometres(1.8)).toBe(micrometres(1.5));
  });

  it('refuses what is not a number', () => {
    expect(() => micrometres(Number.NaN)).toThrow('length: not-a-number');
  });

  // [S] NIST SP 811 (2008), Appendix B.8: both exact.
  it.each([
    ['inch', 1, 25.4],
    ['mil', 0.001, 0.0254],
  ])('published: one %s, %d in, is %d mm', (_unit, inches, mm) =>
    expect(inchesFromMm(mm)).toBeCloseTo(inches, 12),
  );

  it('round-trips micrometres', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1_000_000 }), (um) =>
        expect(micrometres(millimetres(um))).toBe(um),
      ),
    );
  });
});

describe('torque', () => {
  // [S] NIST SP 811 (2008), Appendix B.8, to the digits printed there.
  it.each<[TorqueUnit, number, number]>([
    ['lbf·in', 0.1129848, 7],
    ['lbf·ft', 1.355818, 6],
    ['kgf·cm', 0.0980665, 7],
  ])('published: %s is %d N·m', (unit, nm, digits) => {
    expect(NM_PER_UNIT[unit]).toBeCloseTo(nm, digits);
  });

  // The same table, the other way.
  it.each<[TorqueUnit, number, number]>([
    ['lbf·in', 8.850746, 5],
    ['lbf·ft', 0.737562, 6],
    ['kgf·cm', 10.19716, 5],
  ])('published: 1 N·m in %s is %d', (unit, printed, digits) => {
    expect(torqueIn(unit, 1)).toBeCloseTo(printed, digits);
  });
});
