import { cableStands } from './cable';

const NOTHING = { leverPull: null, caliperPull: null, fixedGapMm: null, armMm: null };

// Common practice.
describe('a cable brake as it was set up', () => {
  it('fits where lever and caliper want the same pull, and nothing is said while one is not known', () => {
    const pull = (leverPull: 'long' | 'short' | null, caliperPull: 'long' | 'short' | null) =>
      cableStands({ ...NOTHING, leverPull, caliperPull }).pull;
    expect(pull('long', 'long')).toBe('match');
    expect(pull('short', 'long')).toBe('mismatch');
    expect(pull('short', null)).toBe('unknown');
    expect(pull(null, 'short')).toBe('unknown');
  });

  it('has a fixed pad whose gap is told against the usual one, 0.1 to 0.2 mm, from memory [M]', () => {
    const gap = (fixedGapMm: number | null) => cableStands({ ...NOTHING, fixedGapMm }).gap;
    expect([null, 0, 0.09, 0.1, 0.2, 0.21].map(gap)).toEqual([
      'unknown',
      'rubs',
      'narrow',
      'usual',
      'usual',
      'wide',
    ]);
  });

  it('refuses what can be no gap and no travel, naming the field', () => {
    const refused = (wrong: object) => () => cableStands({ ...NOTHING, ...wrong });
    expect(refused({ fixedGapMm: -0.1 })).toThrow('fixedGapMm: out-of-range');
    expect(refused({ fixedGapMm: NaN })).toThrow('fixedGapMm: not-a-number');
    expect(refused({ armMm: 0 })).toThrow('armMm: out-of-range');
    expect(refused({ armMm: 81 })).toThrow('armMm: out-of-range');
  });
});
