import { fault } from './entry';
import { identified, type Visit } from '../adversary/visit';

const front = { end: 'front' } as const;
const felt = (visit: Visit, rose: boolean) => visit.send('bite', { ...front, rose });
const pull = (visit: Visit) => visit.send('bedding-pull', { ...front, fromKmh: 25, toKmh: 5 });
const barred = (visit: Visit) => visit.barred.includes('bite-not-risen');

describe('a bite that did not rise', () => {
  it('bars the signature, and feeling it again with nothing done lifts nothing', () => {
    const visit = identified();
    felt(visit, true);
    expect(barred(visit)).toBe(false);
    felt(visit, false);
    expect(barred(visit)).toBe(true);
    felt(visit, true);
    expect(barred(visit)).toBe(true);
  });

  it('is answered by more pulls, or by other faces, and a bite that rose after them', () => {
    const pulled = identified();
    felt(pulled, false);
    expect(pull(pulled)).toBeNull();
    expect(barred(pulled)).toBe(true);
    felt(pulled, true);
    expect(barred(pulled)).toBe(false);

    const cleaned = identified();
    felt(cleaned, false);
    cleaned.repair('decontaminate');
    expect(barred(cleaned)).toBe(true);
    felt(cleaned, true);
    expect(barred(cleaned)).toBe(false);
    felt(cleaned, false);
    expect(barred(cleaned)).toBe(true);
  });

  it('is not unsaid', () => {
    const visit = identified();
    felt(visit, false);
    expect(visit.send('taken-back', { of: visit.last })).toEqual(
      fault('invalid-input', 'of', 'failed-check'),
    );
    const slip = identified();
    felt(slip, true);
    expect(slip.send('taken-back', { of: slip.last })).toBeNull();
  });

  it('at one end bars nothing at the other', () => {
    const visit = identified();
    visit.send('bite', { end: 'rear', rose: false });
    expect(visit.bars.filter(({ code }) => code === 'bite-not-risen')).toEqual([
      { code: 'bite-not-risen', end: 'rear' },
    ]);
  });
});
