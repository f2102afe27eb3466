import { Visit } from '../adversary/visit';
import { minutesTaken } from './handsOn';

const seconded = (visit: Visit) => visit.job.bars.filter(({ code }) => code === 'unseconded');
const looks = (visit: Visit, byApprentice: boolean) =>
  visit.send('second-look', { end: 'front', words: 'Bolts and joint' }, { byApprentice });

// "An apprentice's work on a safety part is seen by a second pair of eyes, by name" [P].
describe('an apprentice’s work', () => {
  const apprentice = () => new Visit().as({ by: 'Ebbe', byApprentice: true }).identify();
  const seen = (visit: Visit) => visit.as({ by: 'Maren' });

  it.each([
    ['tightening', (visit: Visit) => visit.tighten('rotor-bolts')],
    ['fitting', (visit: Visit) => (visit.fit(), visit)],
    ['filling', (visit: Visit) => (visit.fill(), visit)],
    ['bleeding', (visit: Visit) => visit.cycle('none')],
  ])('%s bars until somebody else has looked, and again after more of it', (_what, work) => {
    const visit = work(apprentice());
    expect(seconded(visit)).toEqual([{ code: 'unseconded', end: 'front' }]);
    expect(looks(seen(visit), false)).toBeNull();
    expect(seconded(visit)).toEqual([]);
    work(visit.as({ by: 'Ebbe', byApprentice: true }));
    expect(seconded(visit)).toHaveLength(1);
  });

  it('is not looked at by an apprentice', () => {
    const visit = apprentice().tighten('rotor-bolts');
    expect(looks(visit, true)).toMatchObject({ field: 'words', code: 'second-pair' });
    expect(seconded(visit)).toHaveLength(1);
  });

  it('on bolts that another began is looked at too', () => {
    const visit = new Visit().identify();
    visit.begin('rotor-bolts');
    visit.as({ by: 'Ebbe', byApprentice: true });
    visit.send('pass-mark', {
      tighteningId: visit.last,
      pass: 'snug',
      bolt: null,
      measuredNm: null,
      via: 'keys',
    });
    expect(seconded(visit)).toHaveLength(1);
  });

  it('of measuring and looking needs no second pair of eyes', () => {
    const visit = apprentice();
    visit.look('hose');
    expect(seconded(visit)).toEqual([]);
  });
});

describe('minutes at the bench, by what was written down', () => {
  const at = (minute: number) => new Date(Date.UTC(2026, 10, 25, 9, minute)).toISOString();
  const worked = (...entries: [by: string, minute: number][]) =>
    entries.map(([by, minute]) => ({ by, at: at(minute) }));

  it('run from entry to entry, and stop for a long pause', () => {
    expect(minutesTaken(worked(['M', 0], ['M', 4], ['M', 12]))).toBe(12);
    expect(minutesTaken(worked(['M', 0], ['M', 4], ['M', 44], ['M', 50]))).toBe(10);
  });

  it('are each person’s own, and an entry that arrives late takes nothing away', () => {
    expect(minutesTaken(worked(['M', 0], ['E', 2], ['M', 10], ['E', 8]))).toBe(16);
    expect(minutesTaken(worked(['M', 10], ['M', 4], ['M', 12]))).toBe(8);
  });

  it('are none where nobody was at it, and a minute for a single entry', () => {
    expect([minutesTaken([]), minutesTaken(worked(['M', 0]))]).toEqual([0, 1]);
  });
});
