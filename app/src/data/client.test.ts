import { exampleLog, reads } from '../testing/exampleJob';
import type { JobLog } from '@hold-fast/contract/jobs';
import { NoConnection } from './api';
import { client, keys, laterOf, takeChange } from './client';

const { base, entries } = exampleLog();
const key = keys.job(base.id);
const atHand = () => client.getQueryData<JobLog>(key);
const said = (revision: number, complaint: string) => ({ ...base, revision, complaint });

beforeEach(() => client.setQueryData(key, laterOf({ base, entries })));
afterEach(() => client.clear());

it('keeps the later of two answers, whichever arrives last', async () => {
  await takeChange(base.id, { base: said(5, 'later'), added: [], count: 1, registers: [] });
  await takeChange(base.id, { base: said(4, 'overtaken'), added: [], count: 1, registers: [] });
  expect(atHand()!.base).toMatchObject({ revision: 5, complaint: 'later' });
  expect(laterOf({ base: said(4, 'overtaken'), entries }).base.complaint).toBe('later');
  await takeChange(base.id, { base: said(6, 'latest'), added: [], count: 1, registers: [] });
  expect(atHand()!.base.complaint).toBe('latest');
});

it('adds what a write added once, and asks for the whole where something between is missing', async () => {
  const entry = reads(base.id, '1', 1.7);
  const added = [{ entry, known: null, seq: 2, by: 'Maren Okafor' }];
  for (let twice = 0; twice < 2; twice++)
    await takeChange(base.id, { base: said(2, ''), added, count: 2, registers: [] });
  expect(atHand()!.entries.map(({ seq }) => seq)).toEqual([1, 2]);

  const [theirs, mine] = ['2', '3'].map((place, i) => ({
    ...added[0]!,
    entry: reads(base.id, place, 1.7),
    seq: 3 + i,
  }));
  const change = { base: said(4, ''), added: [mine!], count: 4, registers: [] };
  // The network goes between the two: what was taken must not be let go of.
  globalThis.fetch = jest.fn(() => Promise.reject(new TypeError('network')));
  await expect(takeChange(base.id, change)).rejects.toThrow(NoConnection);
  expect(atHand()!.entries).toHaveLength(2);
  // And where the device answers by what it kept before.
  const old = { base: said(3, ''), entries: atHand()!.entries };
  globalThis.fetch = jest.fn(() => Promise.resolve(Response.json(old)));
  await expect(takeChange(base.id, change)).rejects.toThrow(NoConnection);
  const whole = { base: said(4, ''), entries: [...atHand()!.entries, theirs!, mine!] };
  globalThis.fetch = jest.fn(() => Promise.resolve(Response.json(whole)));
  expect(await takeChange(base.id, change)).toEqual(whole);
  expect(atHand()).toEqual(whole);
});

it('asks again for what a write says it changed, and for nothing else', async () => {
  for (const queryKey of [keys.usedParts, keys.stock, keys.dues]) client.setQueryData(queryKey, []);
  const change = { base: said(2, ''), added: [], count: 1 };
  await takeChange(base.id, { ...change, registers: ['usedParts', 'dues'] });
  const isAskedAgain = (queryKey: readonly string[]) =>
    client.getQueryState(queryKey)!.isInvalidated;
  expect([keys.usedParts, keys.stock, keys.dues].map(isAskedAgain)).toEqual([true, false, true]);
});
