import { exampleLog, reads } from '../testing/exampleJob';
import { client, keys, laterOf, takeChange, type HeldJob } from './client';

const { base, entries } = exampleLog();
const key = keys.job(base.id);
const atHand = () => client.getQueryData<HeldJob>(key);
const said = (revision: number, complaint: string) => ({ ...base, revision, complaint });

beforeEach(() => client.setQueryData(key, laterOf({ base, entries })));
afterEach(() => client.clear());

it('keeps the later of two answers, whichever arrives last', () => {
  takeChange(base.id, { base: said(5, 'later'), added: [], count: 1 });
  takeChange(base.id, { base: said(4, 'overtaken'), added: [], count: 1 });
  expect(atHand()!.job).toMatchObject({ revision: 5, complaint: 'later' });
  expect(laterOf({ base: said(4, 'overtaken'), entries }).job.complaint).toBe('later');
  takeChange(base.id, { base: said(6, 'latest'), added: [], count: 1 });
  expect(atHand()!.job.complaint).toBe('latest');
});

it('adds what a write added once, and asks for the whole where something between is missing', () => {
  const entry = reads(base.id, '1', 1.7);
  const added = [{ entry, known: null, seq: 2, by: 'Maren Okafor' }];
  for (let twice = 0; twice < 2; twice++)
    takeChange(base.id, { base: said(2, ''), added, count: 2 });
  expect(atHand()!.log.entries.map(({ seq }) => seq)).toEqual([1, 2]);

  const asked = jest.spyOn(client, 'invalidateQueries');
  const later = [{ ...added[0]!, entry: reads(base.id, '2', 1.7), seq: 4 }];
  expect(takeChange(base.id, { base: said(4, ''), added: later, count: 4 })).toBeNull();
  expect(asked).toHaveBeenCalledWith({ queryKey: key });
  expect(atHand()!.log.entries).toHaveLength(2);
});
