import { identified } from '../adversary/visit';
import { SUM_IDS, sumsAt } from './sum';

describe('a sum that was sent to a brake', () => {
  it('stands where it belongs, the last of each calculator', () => {
    const visit = identified();
    const send = (calculator: 'wear' | 'wrench', keyed: Record<string, string>) =>
      visit.send('sum', { end: 'front', calculator, keyed });
    send('wear', { readMm: '1.62' });
    send('wrench', { lo: '6', hi: '8' });
    send('wear', { readMm: '1.47' });
    expect(sumsAt(visit.job, 'front', 'rotor')).toEqual([
      { calculator: 'wear', keyed: { readMm: '1.47' } },
    ]);
    expect(sumsAt(visit.job, 'front').map(({ calculator }) => calculator)).toEqual([
      'wear',
      'wrench',
    ]);
    expect(sumsAt(visit.job, 'rear')).toEqual([]);
  });

  it('proves nothing, judges nothing and bars nothing, whatever was keyed', () => {
    const visit = identified().rotor([1.47, 1.47, 1.47]);
    const [bars, word] = [visit.barred, visit.word('rotor')];
    expect(word).toBe('replace');
    for (const calculator of SUM_IDS)
      visit.send('sum', { end: 'front', calculator, keyed: { readMm: '1.80', firmMm: '20' } });
    expect(visit.barred).toEqual(bars);
    expect(visit.word('rotor')).toBe(word);
    expect(visit.word('pads')).toBeNull();
  });
});
