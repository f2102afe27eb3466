import { boltLength, engagementMm } from './engagement';

// Common practice: one diameter in steel, one and a half in aluminium.
describe('a bolt in its thread', () => {
  it.each([
    ['M5', 'steel', 5],
    ['M5', 'aluminium', 7.5],
    ['M6', 'steel', 6],
    ['M6', 'aluminium', 9],
  ] as const)('%s in %s stands in %d mm at least', (bolt, threadedIn, mm) =>
    expect(engagementMm(bolt, threadedIn)).toBe(mm),
  );

  it('is as long as what it passes through and its thread, and no longer than the hole is deep', () => {
    expect(boltLength('M5', 'aluminium', 12, null)).toEqual({ leastMm: 19.5, mostMm: null });
    expect(boltLength('M6', 'aluminium', 10, 12)).toEqual({ leastMm: 19, mostMm: 22 });
  });

  it('is refused where the hole is too shallow to hold it, and of nothing', () => {
    expect(() => boltLength('M6', 'aluminium', 10, 8)).toThrow('too-shallow');
    expect(() => boltLength('M6', 'steel', 0, null)).toThrow('not-positive');
    expect(() => boltLength('M6', 'steel', 10, -1)).toThrow('not-positive');
    expect(() => boltLength('M6', 'steel', NaN, null)).toThrow();
  });
});
