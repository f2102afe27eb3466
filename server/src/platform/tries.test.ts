import { FREE_TRIES, Tries } from './tries';

const right = () => Promise.resolve(true);
const wrong = () => Promise.resolve(false);
let clock: number;
let tries: Tries;
beforeEach(() => {
  clock = 0;
  tries = new Tries(() => new Date(clock));
});
const waits = (whose = 'lead') =>
  tries.attempt(whose, wrong).then(
    () => 0,
    (refusal: { problem: { facts: { seconds: number } } }) => refusal.problem.facts.seconds,
  );

it('costs nothing for ten wrong tries, then slows down, doubling to half a minute', async () => {
  for (let i = 0; i < FREE_TRIES; i++) expect(await waits()).toBe(0);
  const seen: number[] = [];
  for (let i = 0; i < 7; i++) {
    const seconds = await waits();
    seen.push(seconds);
    clock += seconds * 1000;
    expect(await waits()).toBe(0);
  }
  expect(seen).toEqual([2, 4, 8, 16, 30, 30, 30]);
});

it('a try made while it lasts neither counts nor lengthens it, and a right one ends it', async () => {
  for (let i = 0; i < FREE_TRIES; i++) await waits();
  for (let i = 0; i < 50; i++) expect(await waits()).toBe(2);
  clock += 2000;
  expect(await tries.attempt('lead', right)).toBe(true);
  for (let i = 0; i < FREE_TRIES; i++) expect(await waits()).toBe(0);
});

it('counts each person apart, and right tries not at all', async () => {
  for (let i = 0; i < 100; i++) expect(await tries.attempt('lead', right)).toBe(true);
  for (let i = 0; i < FREE_TRIES; i++) await waits();
  expect(await waits()).toBe(2);
  expect(await waits('owner')).toBe(0);
});

it('lets no more through at once than one after the other', async () => {
  let looked = 0;
  const answers = await Promise.allSettled(
    Array.from({ length: 200 }, () =>
      tries.attempt('lead', async () => {
        looked += 1;
        await new Promise((resolve) => setImmediate(resolve));
        return false;
      }),
    ),
  );
  expect(looked).toBe(FREE_TRIES);
  expect(answers.filter(({ status }) => status === 'rejected')).toHaveLength(200 - FREE_TRIES);
});
