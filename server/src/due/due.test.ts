import type { BikePage } from '@hold-fast/contract/bikes';
import type { DueRow } from '@hold-fast/contract/due';
import type { Page } from '@hold-fast/contract/jobs';
import { daysAfter } from '@hold-fast/core/due/due';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const TODAY = '2026-11-25';
const GOOD = [1.7, 1.71, 1.72, 1.7, 1.7, 1.71];

async function signed(change: Record<string, unknown> = {}, notRepaired: object | null = null) {
  const jobId = await openJob(shop, client, change);
  await measureRotor(shop, client, jobId, GOOD);
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  const answer = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    customerToldOfWatch: false,
    ...(notRepaired ? { notRepaired } : {}),
  });
  expect(answer.status).toBe(201);
  return answer.body;
}
const dues = async (by = client) => (await by.send<Page<DueRow>>('GET', '/due')).body.items;

it('a signed visit leaves due what it measured, and the next one moves it', async () => {
  const job = await signed();
  const [due, ...others] = await dues();
  expect(others).toEqual([]);
  expect(due).toMatchObject({
    bikeId: job.bike.id,
    end: 'front',
    of: 'rotor',
    on: daysAfter(TODAY, 365),
    shownOn: daysAfter(TODAY, 365),
    because: 'time',
    tag: job.tag,
    snoozed: null,
  });
  const page = (await client.send<BikePage>('GET', `/bikes/${job.bike.id}`)).body;
  expect(page.dues.map(({ of }) => of)).toEqual(['rotor']);
  expect(page.dues[0]!.phone).toBeNull();
});

it('a bike that left as it came leaves nothing due', async () => {
  const before = (await dues()).length;
  await signed({}, { words: 'Takes it as it is', takenBy: 'Harbour post' });
  expect(await dues()).toHaveLength(before);
});

it('shows the phone only to those who ring', async () => {
  expect((await dues())[0]!.phone).toBeNull();
  expect((await dues(lead))[0]!.phone).toBe('0555 0140');
});

describe('putting off', () => {
  const put = (due: DueRow, change: object = {}) =>
    client.send<{ type: string }>('POST', '/due/snoozes', {
      id: uuid(),
      bikeId: due.bikeId,
      end: due.end,
      of: due.of,
      days: 14,
      words: 'Away at sea',
      ...change,
    });

  it('moves the day it is shown on and keeps the day it is due, with the reason and who gave it', async () => {
    const [due] = await dues();
    const id = uuid();
    for (let times = 0; times < 2; times++) expect((await put(due!, { id })).status).toBe(201);
    expect((await dues()).find(({ bikeId }) => bikeId === due!.bikeId)).toMatchObject({
      on: due!.on,
      shownOn: daysAfter(TODAY, 14),
      snoozed: { words: 'Away at sea', by: 'Mechanic' },
    });
  });

  it.each([
    ['words', { words: ' ' }],
    ['days', { days: 61 }],
    ['days', { days: 0 }],
    ['of', { of: 'chain' }],
  ])('is refused by its field: %s', async (field, change) => {
    const [due] = await dues();
    const refused = await put(due!, change);
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain(field);
  });

  it('of what is not due is not found', async () => {
    const [due] = await dues();
    expect((await put(due!, { of: 'cable' })).status).toBe(404);
  });
});

it('pages by key, each once', async () => {
  for (let i = 0; i < 51; i++) await signed();
  const first = (await client.send<Page<DueRow>>('GET', '/due')).body;
  expect(first.items).toHaveLength(50);
  const second = (
    await client.send<Page<DueRow>>('GET', `/due?after=${encodeURIComponent(first.after!)}`)
  ).body;
  const ids = [...first.items, ...second.items].map(({ bikeId, of }) => `${bikeId} ${of}`);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBe(52);
  expect((await client.send('GET', '/due?after=nonsense')).status).toBe(422);
});
