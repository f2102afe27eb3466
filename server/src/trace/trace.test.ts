import type { Page } from '@hold-fast/contract/jobs';
import type { TraceRow } from '@hold-fast/contract/trace';
import { randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { run, select, selectOne } from '../platform/database';
import {
  checkIn,
  entry,
  measureRotor,
  NOW,
  openJob,
  openTestShop,
  SHEET,
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

const trace = async (query: string) =>
  (await lead.send<Page<TraceRow>>('GET', `/trace?${query}`)).body.items;
const named = async (table: 'containers' | 'gauges', id: string) =>
  (
    await client.send<{ items: { id: string; label?: string; name?: string; lot?: string }[] }>(
      'GET',
      `/${table}`,
    )
  ).body.items.find((each) => each.id === id)!;

it('a gauge is traced to every bike it measured, once a visit, with whom to ring', async () => {
  const { customer, bike } = checkIn();
  const jobId = await openJob(shop, client, {
    customer: { ...customer, name: 'Odd Trace', phone: '0555 0199' },
    bike,
  });
  await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
  await measureRotor(shop, client, jobId, [1.7, 1.7, 1.7]);
  const gauge = await named('gauges', shop.ids.point);
  const found = await trace(`by=gauge&name=${encodeURIComponent(gauge.name!)}`);
  expect(found).toMatchObject([
    { jobId, customerName: 'Odd Trace', phone: '0555 0199', ends: ['front'], codes: ['rotor'] },
  ]);
  expect(await trace(`by=gauge&name=${encodeURIComponent(gauge.name!)}&to=2026-11-24`)).toEqual([]);
  expect(await trace('by=gauge&name=nobody')).toEqual([]);
});

it('a lot of fluid is traced through all of its containers, with how much went in', async () => {
  const jobId = await openJob(shop, client);
  const bottle = await named('containers', shop.ids.bottle);
  for (const ml of [4, 6])
    await client.append(
      jobId,
      entry('fill', { end: 'front', containerId: shop.ids.bottle, ml, colour: '' }),
    );
  const lot = await trace(`by=lot&name=${encodeURIComponent(bottle.lot!)}`);
  expect(lot).toMatchObject([{ jobId, ml: 10, codes: [] }]);
  expect(await trace(`by=container&name=${encodeURIComponent(bottle.label!)}`)).toEqual(lot);
  // As the maker’s letter writes it.
  expect(
    await trace(`by=lot&name=${encodeURIComponent(` ${[...bottle.lot!].join('-')}`)}`),
  ).toEqual(lot);
});

it('a mechanic is traced through everything they wrote', async () => {
  const found = await trace('by=mechanic&name=Mechanic');
  expect(found.length).toBeGreaterThanOrEqual(2);
  expect(found.every(({ codes }) => codes.includes('identification'))).toBe(true);
  expect(new Set(found.map(({ jobId }) => jobId)).size).toBe(found.length);
});

it('pages by key, each visit once', async () => {
  for (let i = 0; i < 51; i++) await openJob(shop, client);
  const first = (await lead.send<Page<TraceRow>>('GET', '/trace?by=mechanic&name=Mechanic')).body;
  expect(first.items).toHaveLength(50);
  const second = (
    await lead.send<Page<TraceRow>>('GET', `/trace?by=mechanic&name=Mechanic&after=${first.after!}`)
  ).body;
  const ids = [...first.items, ...second.items].map(({ jobId }) => jobId);
  expect(new Set(ids).size).toBe(ids.length);
  expect(second.items.length).toBeGreaterThan(0);
});

it('pages what was put in here and what passports brought as one list, each visit once', async () => {
  const { pool } = shop;
  const jobsNow = () =>
    select<{ id: string; bikeId: string }>(
      pool,
      'SELECT id, bike_id AS bikeId FROM job ORDER BY id LIMIT 52',
    );
  while ((await jobsNow()).length < 52) await openJob(shop, client);
  const jobs = await jobsNow();
  const person = (await selectOne<{ id: string }>(pool, 'SELECT id FROM person LIMIT 1'))!;
  // Every other of them by a passport, every fourth by both.
  for (const [i, job] of jobs.entries()) {
    const brought = i % 2 === 0;
    if (!brought || i % 4 === 0)
      await run(
        pool,
        "INSERT INTO batch_put_in (entry_id, batch, job_id, brake_end, part, seq, at) VALUES (?, 'M-5', ?, 'front', 'pads', ?, ?)",
        [uuid(), job.id, i, NOW],
      );
    if (!brought) continue;
    const id = uuid();
    await run(
      pool,
      "INSERT INTO passport (id, bike_id, seal, body, at, by_person) VALUES (?, ?, ?, '{}', ?, ?)",
      [id, job.bikeId, randomBytes(32).toString('hex'), NOW, person.id],
    );
    await run(
      pool,
      "INSERT INTO lot_brought (passport_id, brake_end, part, lot, bike_id, job_id, seq) VALUES (?, 'rear', 'pads', 'M-5', ?, ?, ?)",
      [id, job.bikeId, job.id, i],
    );
  }
  const page = async (after: string) =>
    (await lead.send<Page<TraceRow>>('GET', `/trace?by=batch&name=m+05${after}`)).body;
  const first = await page('');
  expect(first.items).toHaveLength(50);
  const second = await page(`&after=${first.after!}`);
  const all = [...first.items, ...second.items];
  const newestFirst = jobs.map(({ id }) => id).reverse();
  expect(all.map(({ jobId }) => jobId)).toEqual(newestFirst);
  expect(second.after).toBeNull();
  expect(all.filter(({ brought }) => brought)).toHaveLength(26);
  expect(all.filter(({ ends }) => ends.length === 2)).toHaveLength(13);
});

it('is a lead’s, and says which field is wrong', async () => {
  expect((await client.send('GET', '/trace?by=lot&name=L1')).status).toBe(403);
  for (const [field, query] of [
    ['by', 'by=moon&name=L1'],
    ['name', 'by=lot&name=%20'],
    ['from', 'by=lot&name=L1&from=soon'],
    ['after', `by=lot&name=L1&after=${uuid().slice(1)}`],
  ] as const) {
    const refused = await lead.send('GET', `/trace?${query}`);
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain(field);
  }
});

it('a corrected sheet is traced to the visits that would have been judged otherwise, and to no others', async () => {
  const thin = await openJob(shop, client);
  await measureRotor(shop, client, thin, [1.62, 1.63, 1.63, 1.62, 1.63, 1.62]);
  const sound = await openJob(shop, client);
  await measureRotor(shop, client, sound, [1.79, 1.79, 1.78, 1.79, 1.79, 1.79]);
  const query = `by=sheet&name=${encodeURIComponent(SHEET.title)}`;
  // While nobody has corrected it, nothing was judged by an older one.
  expect(await trace(query)).toEqual([]);
  const { rotor } = SHEET;
  const corrected = await lead.send('PUT', `/sheets/${shop.ids.sheetId}`, {
    id: uuid(),
    sheetId: shop.ids.sheetId,
    baseId: shop.ids.sheet,
    body: { ...SHEET, rotor: { ...rotor, limit: { ...rotor.limit!, limitMm: 1.65 } } },
    note: 'The limit was misread',
  });
  expect(corrected.status).toBeLessThan(300);
  const found = await trace(query);
  const row = found.find(({ jobId }) => jobId === thin);
  expect(row).toMatchObject({
    ends: ['front'],
    changes: [{ end: 'front', part: 'rotor', now: 'replace' }],
    phone: '0555 0140',
  });
  expect(['holds', 'watch']).toContain(row!.changes[0]!.was);
  expect(found.map(({ jobId }) => jobId)).not.toContain(sound);
});
