import * as fc from 'fast-check';
import { FAMILIES } from '../fluid/families';
import { layOutDay, suggestedOrder, WEIGHED, type DayHours, type DayJob } from './order';

const HOURS: DayHours = { opensAt: 480, closesAt: 1020, kitMinutes: 8 };
const job = (id: string, minutes: number, promisedAt: number, ...kits: DayJob['kits']): DayJob => ({
  id,
  minutes,
  promisedAt,
  kits,
});
const ids = (jobs: readonly { id: string }[]) => jobs.map(({ id }) => id).join('');

describe('a day laid out', () => {
  it('goes one after the other from opening on, with a kit set up where another stood', () => {
    const day = layOutDay(
      [
        job('a', 45, 600, 'mineral'),
        job('b', 30, 700),
        job('c', 60, 650, 'mineral'),
        job('d', 60, 720, 'glycol'),
      ],
      HOURS,
    );
    expect(day.slots).toEqual([
      { id: 'a', setsUp: ['mineral'], startsAt: 488, endsAt: 533, late: null },
      // What bleeds nothing leaves the kit where it is.
      { id: 'b', setsUp: [], startsAt: 533, endsAt: 563, late: null },
      { id: 'c', setsUp: [], startsAt: 563, endsAt: 623, late: null },
      { id: 'd', setsUp: ['glycol'], startsAt: 631, endsAt: 691, late: null },
    ]);
    expect(day).toMatchObject({ setUps: 2, lateMinutes: 0 });
  });

  it('flags what is done after its promise, and what the shop closes over', () => {
    const { slots, lateMinutes } = layOutDay([job('a', 200, 600), job('b', 400, 2400)], HOURS);
    expect(slots.map(({ late }) => late)).toEqual(['promise', 'closing']);
    expect(lateMinutes).toBe(80);
  });

  it('leaves the kit standing that spares a set-up later, though the next job wants both', () => {
    const jobs = [
      job('a', 5, 480, 'glycol', 'silicone'),
      job('b', 5, 480, 'glycol', 'silicone'),
      job('c', 5, 514, 'glycol'),
    ];
    const { slots, setUps } = layOutDay(jobs, HOURS);
    expect(slots.map(({ setsUp }) => setsUp)).toEqual([['glycol', 'silicone'], ['glycol'], []]);
    expect(setUps).toBe(3);
  });

  it('has nothing of an empty day', () => {
    expect(layOutDay([], HOURS)).toEqual({ slots: [], setUps: 0, lateMinutes: 0 });
    expect(suggestedOrder([], HOURS)).toEqual([]);
  });
});

describe('the order suggested', () => {
  it('sets each kit up once, then keeps promises, then goes by them', () => {
    const jobs = [
      job('a', 60, 600, 'mineral'),
      job('b', 60, 700, 'glycol'),
      job('c', 60, 800, 'mineral'),
      job('d', 20, 560),
    ];
    expect(ids(suggestedOrder(jobs, HOURS))).toBe('dacb');
    // By promises alone the mineral kit is set up twice.
    expect(layOutDay([jobs[3]!, jobs[0]!, jobs[1]!, jobs[2]!], HOURS).setUps).toBe(3);
  });

  const anyJob = fc.record({
    minutes: fc.integer({ min: 5, max: 180 }),
    promisedAt: fc.integer({ min: 480, max: 1500 }),
    kits: fc.uniqueArray(fc.constantFrom(...FAMILIES), { maxLength: 2 }),
  });
  const days = (maxLength: number) =>
    fc
      .array(anyJob, { maxLength })
      .map((jobs) => jobs.map((each, i) => ({ ...each, id: String.fromCharCode(97 + i) })));

  it('is as good as the best of all orders, tried one by one', () => {
    fc.assert(
      fc.property(days(6), (jobs) => {
        const rank = (order: readonly DayJob[]) => {
          const { setUps, lateMinutes } = layOutDay(order, HOURS);
          return setUps * 1e6 + lateMinutes;
        };
        const best = Math.min(...permutations(jobs).map(rank));
        expect(rank(suggestedOrder(jobs, HOURS))).toBe(best);
      }),
      { numRuns: 60 },
    );
  });

  it('loses and doubles no job, however many there are, and does not go by the order they came in', () => {
    fc.assert(
      fc.property(days(WEIGHED + 4), (jobs) => {
        const order = ids(suggestedOrder(jobs, HOURS));
        expect([...order].sort().join('')).toBe(ids(jobs));
        expect(ids(suggestedOrder(jobs.toReversed(), HOURS))).toBe(order);
      }),
      { numRuns: 30 },
    );
  });

  it('sets up no more kits than by promises, on a day too long to weigh every order', () => {
    fc.assert(
      fc.property(days(24), (jobs) => {
        const single = jobs.map((each) => ({ ...each, kits: each.kits.slice(0, 1) }));
        const { setUps } = layOutDay(suggestedOrder(single, HOURS), HOURS);
        expect(setUps).toBe(new Set(single.flatMap(({ kits }) => kits)).size);
      }),
      { numRuns: 40 },
    );
  });
});

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length === 0) return [[]];
  return items.flatMap((item, i) =>
    permutations(items.filter((_, j) => j !== i)).map((rest) => [item, ...rest]),
  );
}
