import type { BikePage } from '@hold-fast/contract/bikes';
import { readReadingTable } from '@hold-fast/contract/readingCsv';
import type { ReadingRow } from '@hold-fast/contract/readingTable';
import type { RulesInForce } from '@hold-fast/contract/shopRules';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import { v7 as uuid } from 'uuid';
import { earlierThickness } from '../jobs/before';
import {
  measureRotor,
  openJob,
  openTestShop,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
let lead: Client;
let jobId: string;
let bikeId: string;
let serial: string;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  lead = await shop.signedIn('Lead');
  jobId = await openJob(shop, client);
  // Near its limit: what a brought reading could better, were it to count.
  await measureRotor(shop, client, jobId, [1.52, 1.53, 1.52]);
  ({ id: bikeId, serial } = (await client.sendJob('GET', `/jobs/${jobId}`)).body.bike);
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const row = (change: Partial<ReadingRow> = {}): ReadingRow => ({
  line: 2,
  takenAt: '2024-03-02T12:00:00.000Z',
  customer: '',
  bike: '',
  serial,
  end: 'front',
  part: 'rotor',
  place: '1',
  valueMm: 1.72,
  gauge: 'old caliper',
  replaced: false,
  ...change,
});
const send = async (mode: 'preview' | 'take', rows: readonly ReadingRow[], id = uuid()) =>
  (
    await lead.send<{ items: RowOutcome[] }>('POST', '/readings/import', { id, mode, rows })
  ).body.items.map(({ does, fault }) => fault ?? does);
const page = async () => (await client.send<BikePage>('GET', `/bikes/${bikeId}`)).body;

it('says what it would do and does it, once: again, with the answer lost, and by two at once', async () => {
  expect(await send('preview', [row()])).toEqual(['add']);
  expect((await page()).brought).toEqual([]);
  const id = uuid();
  expect(await send('take', [row(), row({ line: 3, place: '2', valueMm: 1.7 })], id)).toEqual([
    'add',
    'add',
  ]);
  expect(await send('take', [row(), row({ line: 3, place: '2', valueMm: 1.7 })], id)).toEqual([
    'there',
    'there',
  ]);
  const more = row({ takenAt: '2025-03-02T12:00:00.000Z', valueMm: 1.65 });
  const both = await Promise.all([send('take', [more]), send('take', [more])]);
  expect(both.flat().sort()).toEqual(['add', 'there']);
  expect((await page()).brought).toEqual([
    {
      end: 'front',
      part: 'rotor',
      takenAt: '2025-03-02T12:00:00.000Z',
      mm: [1.65],
      gauge: 'old caliper',
      by: 'Lead',
    },
    expect.objectContaining({ mm: [1.72, 1.7] }),
  ]);
});

it('judges, forecasts and calls nothing by what was brought, however good it reads', async () => {
  const standing = async () => {
    const { brought: _, ...rest } = await page();
    const job = (await client.sendJob('GET', `/jobs/${jobId}`)).body;
    const due = (await client.send('GET', '/due')).body;
    return { rest, job, due };
  };
  const before = await standing();
  expect(before.job.bars).not.toEqual([]);
  expect(
    await send('take', [
      row({ takenAt: '2026-11-25T08:59:00.000Z', valueMm: 1.8 }),
      row({ takenAt: '2026-11-25T08:59:00.000Z', part: 'pads', place: 'inner', valueMm: 3.9 }),
    ]),
  ).toEqual(['add', 'add']);
  expect(await standing()).toEqual(before);
});

it('shows nothing that was corrected where it was taken', async () => {
  const shown = (await page()).brought.length;
  const wrong = row({ takenAt: '2023-01-05T12:00:00.000Z', replaced: true });
  expect(await send('take', [wrong])).toEqual(['add']);
  expect((await page()).brought).toHaveLength(shown);
  expect(await send('preview', [wrong])).toEqual(['there']);
});

it('knows a bike by its serial, or its name at its customer, and asks where that is none or two', async () => {
  const namesakes = [await openJob(shop, client), await openJob(shop, client)];
  expect(namesakes).toHaveLength(2);
  const named = { serial: '', customer: 'Harbour post' };
  expect(
    await send('preview', [
      row({ ...named, bike: 'Post trike 7' }),
      row({ ...named, bike: 'Post trike 70' }),
      row({ serial: 'NOBODYS' }),
      // It is nine in the morning.
      row({ takenAt: '2026-11-25T12:00:00.000Z' }),
      row({ takenAt: '2026-11-26T12:00:00.000Z' }),
    ]),
  ).toEqual(['which-bike', 'no-such-bike', 'no-such-bike', 'add', 'not-yet']);
});

it('counts days by the shop’s own midnight, of what was brought and what was measured here', async () => {
  const { version, rules } = (await lead.send<RulesInForce>('GET', '/rules')).body;
  const lay = (from: number, timeZone: string) =>
    lead.send('PUT', '/rules', { id: uuid(), version: from, rules: { ...rules, timeZone } });
  // Ten hours behind UTC: nine in the morning there is eleven at night of the day before.
  expect((await lay(version, 'Pacific/Honolulu')).status).toBe(200);
  const onDays = [
    row({ takenAt: '2022-03-02T09:00:00.000Z', valueMm: 1.71 }),
    row({ takenAt: '2022-03-02T20:00:00.000Z', valueMm: 1.7 }),
    row({ takenAt: '2022-03-03T03:00:00.000Z', place: '2', valueMm: 1.69 }),
  ];
  expect(await send('take', onDays)).toEqual(['add', 'add', 'add']);
  const ofThat = (await page()).brought.filter(({ takenAt }) => takenAt.startsWith('2022-03'));
  expect(ofThat.map(({ mm }) => mm)).toEqual([[1.7, 1.69], [1.71]]);
  const next = (await client.sendJob('GET', `/jobs/${await openJob(shop, client)}`)).body;
  const visits = await earlierThickness(shop.pool, bikeId, next.tag, 'Pacific/Honolulu');
  expect(visits.map(({ visit }) => visit.day)).toEqual(['2026-11-24']);
  expect((await lay(version + 1, rules.timeZone)).status).toBe(200);
});

it('knows this shop’s own readings again, and takes nothing from who may not', async () => {
  const response = await fetch(`${shop.address}/api/exports/readings.csv`, {
    headers: { cookie: lead.cookie },
  });
  const table = readReadingTable(await response.text());
  if (!table.ok) throw new Error(table.code);
  // With the gauge’s zero.
  expect([table.faults, table.unknown, table.rows.length]).toEqual([[], [], 4]);
  expect(await send('take', table.rows)).toEqual(table.rows.map(() => 'there'));
  expect((await client.send('POST', '/readings/import', {})).status).toBe(403);
});
