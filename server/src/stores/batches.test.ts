import type { BikeMet } from '@hold-fast/contract/notices';
import type { Page, SealedRow } from '@hold-fast/contract/jobs';
import type { StockInStore } from '@hold-fast/contract/stores';
import type { TraceRow } from '@hold-fast/contract/trace';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { v7 as uuid } from 'uuid';
import {
  comeAgain,
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

/** Puts a kind of pads on the shelf, by the batches that came in. */
async function shelf(...came: readonly (readonly [batch: string, pieces: number])[]) {
  const id = uuid();
  const line = { id, part: 'pads', description: `Pads ${id}`, fits: '' };
  const made = await lead.send('POST', '/stock', { ...line, reorderAt: 0, priceCents: 0 });
  expect(made.status).toBe(201);
  for (const [batch, pieces] of came) await move(id, batch, pieces);
  return id;
}
const move = async (stockId: string, batch: string, pieces: number) => {
  const moved = { id: uuid(), stockId, pieces, batch, why: 'Delivered' };
  expect((await client.send('POST', '/stock/moves', moved)).status).toBe(201);
};
const lieThere = async (stockId: string) =>
  (await client.send<Page<StockInStore>>('GET', '/stock')).body.items.find(
    ({ id }) => id === stockId,
  )!.batches;
const take = async (jobId: string, stockId: string, batch: string) => {
  const taken = entry('part-taken', { end: 'front', stockId, pieces: 1, batch });
  expect((await client.append(jobId, taken)).status).toBe(201);
};
const traced = async (batch: string) =>
  (await lead.send<Page<TraceRow>>('GET', `/trace?by=batch&name=${batch}`)).body.items.map(
    ({ jobId }) => jobId,
  );

it('of a kind of part lie there of which more came in than was taken, the newest first', async () => {
  const pads = await shelf(['PA-1', 1], ['', 2], ['PA-2', 3]);
  expect(await lieThere(pads)).toEqual(['PA-2', '', 'PA-1']);
  const jobId = await openJob(shop, client);
  await take(jobId, pads, 'PA-1');
  expect(await lieThere(pads)).toEqual(['PA-2', '']);
  // A count that is put right says of no batch that it is gone, but where it names it.
  await move(pads, '', -2);
  expect(await lieThere(pads)).toEqual(['PA-2']);
  await move(pads, 'PA-2', -1);
  expect(await lieThere(pads)).toEqual(['PA-2']);
  await move(pads, 'PA-1', 4);
  expect(await lieThere(pads)).toEqual(['PA-1', 'PA-2']);
});

it('an empty shelf holds no batch, and what was taken beyond what was known of one takes nothing off its next delivery', async () => {
  const pads = await shelf(['PE-1', 2], ['PE-2', 1]);
  const jobId = await openJob(shop, client);
  for (const batch of ['', 'PE-9']) await take(jobId, pads, batch);
  expect(await lieThere(pads)).toEqual(['PE-2', 'PE-1']);
  await take(jobId, pads, 'PE-2');
  expect(await lieThere(pads)).toEqual([]);
  for (const batch of ['PE-9', 'PE-2', '']) await move(pads, batch, 1);
  expect(await lieThere(pads)).toEqual(['', 'PE-2', 'PE-9']);
});

it('what names no batch is traced by every one that lay there, and met by a notice of each', async () => {
  const pads = await shelf(['PB-1', 2], ['PB-2', 2]);
  const [said, unsaid] = [await openJob(shop, client), await openJob(shop, client)];
  await take(said, pads, 'PB-1');
  await take(unsaid, pads, '');
  expect([await traced('PB-1'), await traced('PB-2')]).toEqual([[unsaid, said], [unsaid]]);
  const { bike } = (await client.sendJob('GET', `/jobs/${unsaid}`)).body;
  const notice = {
    id: uuid(),
    title: 'Pads that come off their plate',
    words: 'Change them',
    source: 'Bulletin 9',
    doNotRide: false,
    maker: '',
    serialFrom: '',
    serialTo: '',
    sheetId: null,
    lot: 'PB-2',
    withdrawn: false,
    withdrawnBecause: '',
  };
  await lead.send('POST', '/notices', notice);
  const met = await lead.send<Page<BikeMet>>('GET', `/notices/${notice.id}/bikes`);
  expect(met.body.items.map(({ bikeId }) => bikeId)).toEqual([bike.id]);
});

it('a batch that is written in two ways goes to the shelf as one', async () => {
  const jobId = await openJob(shop, client);
  const append = async (of: ReturnType<typeof entry>) =>
    expect((await client.append(jobId, of)).status).toBe(201);
  await append(entry('fitting', { end: 'front', part: 'rotor', description: '180' }));
  for (const batch of ['RD-1', 'rd-1', 'RD-2'])
    await append(
      entry('part-brought', {
        end: 'front',
        part: 'rotor',
        pieces: 1,
        from: 'Customer',
        checked: 'Held against the old one',
        fits: '',
        batch,
      }),
    );
  await measureRotor(shop, client, jobId, [1.7, 1.68, 1.7]);
  await append(entry('part-off', { end: 'front', part: 'rotor', goes: 'shelf' }));
  const { items } = (await client.send<Page<UsedPart>>('GET', '/used-parts')).body;
  expect(items[0]!.batches).toEqual(['RD-1', 'RD-2']);
});

it('what a customer brought is found by the batch on its packet, at this visit and after', async () => {
  const jobId = await openJob(shop, client);
  const brought = entry('part-brought', {
    end: 'front',
    part: 'olive',
    pieces: 1,
    from: 'Customer',
    fits: '',
    checked: '',
    batch: 'PC-1',
  });
  expect((await client.append(jobId, brought)).status).toBe(201);
  expect(await traced('PC-1')).toEqual([jobId]);
  const { bike } = (await client.sendJob('GET', `/jobs/${jobId}`)).body;
  const tried = entry('test', { test: 'lever-side', end: null, outcome: 'passed' });
  expect((await client.append(jobId, tried)).status).toBe(201);
  const signature = { id: uuid(), pin: PIN, toldOf: [], notRepaired: null };
  expect((await client.send('POST', `/jobs/${jobId}/sign-off`, signature)).status).toBe(201);
  const { items } = (await client.send<Page<SealedRow>>('GET', '/records?q=PC-1')).body;
  expect(items.map((row) => row.jobId)).toEqual([jobId]);
  const next = await comeAgain(shop, client, bike);
  expect(next.earlierBatches).toMatchObject([{ end: 'front', part: 'olive', batch: 'PC-1' }]);
});

describe('what is written of a kind of part', () => {
  const lineOf = async (stockId: string) =>
    (await client.send<Page<StockInStore>>('GET', '/stock')).body.items.find(
      ({ id }) => id === stockId,
    )!;
  const became = { fits: 'Tolve oval', reorderAt: 4, priceCents: 2650 };

  it('is changed by a lead, from the version that was seen; what was taken keeps its price', async () => {
    const pads = await shelf(['PC-1', 3]);
    const jobId = await openJob(shop, client);
    await take(jobId, pads, 'PC-1');
    const change = (from: Client, version: number, body: object = became) =>
      from.send<StockInStore>('PUT', `/stock/${pads}`, { version, ...body });
    expect((await change(client, 1)).status).toBe(403);
    const changed = await change(lead, 1);
    expect(changed.body).toMatchObject({ ...became, version: 2, count: 2 });
    // Whoever saw it as it was overwrites nothing.
    expect((await change(lead, 1, { ...became, priceCents: 1 })).status).toBe(409);
    expect(await lineOf(pads)).toEqual(changed.body);
    const wrong = await change(lead, 2, { ...became, priceCents: -1 });
    expect([wrong.status, wrong.body]).toMatchObject([422, { fields: [{ path: 'priceCents' }] }]);

    await take(jobId, pads, 'PC-1');
    const { body: job } = await client.sendJob('GET', `/jobs/${jobId}`);
    expect(job.taken.map(({ priceCents }) => priceCents)).toEqual([0, 2650]);
  });

  it('is not changed of what is not there', async () => {
    const none = await lead.send('PUT', `/stock/${uuid()}`, { version: 1, ...became });
    expect(none.status).toBe(404);
  });
});
