import { exampleLog, reads } from '../testing/exampleJob';
import type { JobLog } from '@hold-fast/contract/jobs';
import type { Logged } from '@hold-fast/core/job/kinds';
import { NoConnection } from './api';
import { client, keys, laterOf, takeChange } from './client';

const { base, entries } = exampleLog();
const key = keys.job(base.id);
const atHand = () => client.getQueryData<JobLog>(key);
const said = (revision: number, complaint: string) => ({ ...base, revision, complaint });

beforeEach(() => client.setQueryData(key, laterOf({ base, entries })));
afterEach(() => client.clear());

it('keeps the later of two answers, whichever arrives last', async () => {
  await takeChange(base.id, { base: said(5, 'later'), added: [], count: 1 });
  await takeChange(base.id, { base: said(4, 'overtaken'), added: [], count: 1 });
  expect(atHand()!.base).toMatchObject({ revision: 5, complaint: 'later' });
  expect(laterOf({ base: said(4, 'overtaken'), entries }).base.complaint).toBe('later');
  await takeChange(base.id, { base: said(6, 'latest'), added: [], count: 1 });
  expect(atHand()!.base.complaint).toBe('latest');
});

it('adds what a write added once, and asks for the whole where something between is missing', async () => {
  const entry = reads(base.id, '1', 1.7);
  const added = [{ entry, known: null, seq: 2, by: 'Maren Okafor' }];
  for (let twice = 0; twice < 2; twice++)
    await takeChange(base.id, { base: said(2, ''), added, count: 2 });
  expect(atHand()!.entries.map(({ seq }) => seq)).toEqual([1, 2]);

  const [theirs, mine] = ['2', '3'].map((place, i) => ({
    ...added[0]!,
    entry: reads(base.id, place, 1.7),
    seq: 3 + i,
  }));
  const change = { base: said(4, ''), added: [mine!], count: 4 };
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

it('asks for the used parts again once one came off, or was fitted', async () => {
  for (const [i, kind] of (['part-off', 'fitting'] as const).entries()) {
    client.setQueryData(keys.usedParts, []);
    const entry = { ...reads(base.id, '1', 1.7), kind };
    const logged = { entry, known: null, seq: 2, by: 'Maren Okafor' } as unknown as Logged;
    await takeChange(base.id, { base: said(2 + i, ''), added: [logged], count: 2 });
    expect(client.getQueryState(keys.usedParts)!.isInvalidated).toBe(true);
    client.setQueryData(key, { base, entries });
  }
});
