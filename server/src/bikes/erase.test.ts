import type { BikePage } from '@hold-fast/contract/bikes';
import type { ChainState, JobLog, SealedRecord } from '@hold-fast/contract/jobs';
import type { ReportLink } from '@hold-fast/contract/report';
import { readSealed } from '@hold-fast/contract/recordRead';
import { ERASED } from '@hold-fast/core/job/withheld';
import { sealOf } from '@hold-fast/core/seal/chain';
import { v7 as uuid } from 'uuid';
import {
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
let owner: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  owner = await shop.signedIn('Owner');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

/** A visit whose bike left with a do-not-ride, and its sealed record. */
async function sealedVisit() {
  const jobId = await openJob(shop, client);
  const { base } = (await client.send<JobLog>('GET', `/jobs/${jobId}`)).body;
  const { version, bike, ...job } = base;
  const edit = await client.sendJob('PUT', `/jobs/${jobId}`, {
    id: uuid(),
    version,
    complaint: 'It squealed at Ana’s',
    symptoms: [],
    frontLever: job.frontLever,
    odometerKm: null,
    promisedAt: job.promisedAt,
    minutes: null,
    cameAlong: [],
    damage: '',
    ringAboveCents: null,
    mayRide: null,
    oldPartsBack: null,
    comebackOf: null,
  });
  expect(edit.status).toBe(200);
  await measureRotor(shop, client, jobId, [1.4, 1.4, 1.4, 1.4, 1.4, 1.4]);
  const id = uuid();
  const notRepaired = { words: 'No part', takenBy: 'Ana of the harbour' };
  const signed = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id,
    pin: PIN,
    toldOf: [],
    notRepaired,
  });
  expect(signed.status).toBe(201);
  return { jobId, recordId: id, bike, customer: base.customer };
}
const recordAt = async (id: string) =>
  (await client.send<SealedRecord>('GET', `/records/${id}`)).body;
const erase = (customerId: string, change: object = {}, by = owner) =>
  by.send<{ fields?: object[] }>('POST', `/customers/${customerId}/erase`, {
    id: uuid(),
    because: 'Asked by letter',
    pin: PIN,
    ...change,
  });
/** Every text the database holds, of every table. */
async function everythingWritten(): Promise<string> {
  const [tables] = await shop.pool.query('SHOW TABLES');
  const texts: string[] = [];
  for (const table of (tables as object[]).map((row) => String(Object.values(row)[0])))
    texts.push(JSON.stringify((await shop.pool.query(`SELECT * FROM ${table}`))[0]));
  return texts.join('\n');
}
const chain = async () => {
  for (;;) {
    const state = (await client.send<ChainState>('GET', '/chain')).body;
    if (!state.whole || state.checked === state.links) return state;
  }
};

it('seals no name, and shows it from beside the seal', async () => {
  const { recordId } = await sealedVisit();
  const record = await recordAt(recordId);
  for (const word of ['Harbour post', 'squealed', 'Ana of'])
    expect(record.canonical).not.toContain(word);
  expect(readSealed(record.canonical, record.withheld)).toMatchObject({
    record: {
      customer: { name: 'Harbour post' },
      complaint: 'It squealed at Ana’s',
      notRepaired: { takenBy: 'Ana of the harbour' },
    },
  });
});

it('erases a customer with sealed jobs: no word of theirs is left, every seal holds, and the bike stays forbidden', async () => {
  // Alone in the shop, so that what is left of the name is theirs.
  const other = await openTestShop();
  const was = { shop, client, owner };
  [shop, client, owner] = [other, await other.signedIn(), await other.signedIn('Owner')];
  try {
    const { jobId, recordId, bike, customer } = await sealedVisit();
    const before = await recordAt(recordId);
    await owner.send('POST', '/messages', {
      id: uuid(),
      bikeId: bike.id,
      about: 'ready',
      words: 'Dear Harbour post, it is ready.',
    });
    // Made by one, withdrawn by another: the erasing is the owner’s.
    await client.send('POST', `/records/${recordId}/links`, { id: uuid() });
    expect((await erase(customer.id)).status).toBe(200);
    const links = await client.send<{ items: ReportLink[] }>('GET', `/records/${recordId}/links`);
    expect(links.body.items).toMatchObject([
      { withdrawn: { by: 'Owner', at: shop.clock.now.toISOString() } },
    ]);

    const left = await everythingWritten();
    for (const word of ['Harbour post', '0555 0140', 'squealed', 'Ana of']) {
      expect([word, left.includes(word)]).toEqual([word, false]);
    }
    const after = await recordAt(recordId);
    expect(after).toMatchObject({ canonical: before.canonical, seal: before.seal, withheld: null });
    expect(sealOf(after.canonical)).toBe(after.seal);
    expect(readSealed(after.canonical, null)).toMatchObject({
      record: { customer: { name: ERASED }, complaint: ERASED, measured: [{ part: 'rotor' }] },
    });
    expect(await chain()).toMatchObject({ whole: true });
    const page = (await client.send<BikePage>('GET', `/bikes/${bike.id}`)).body;
    expect(page).toMatchObject({
      bike: { name: ERASED, serial: bike.serial },
      customer: { name: ERASED, phone: null },
      dues: [],
    });
    expect(page.doNotRide).not.toBeNull();
    expect((await client.send('GET', `/jobs/${jobId}`)).status).toBe(200);
  } finally {
    await other.close();
    ({ shop, client, owner } = was);
  }
});

it('is the owner’s, by their PIN, once, and not while a bike of theirs is in the shop', async () => {
  const { customer } = await sealedVisit();
  const lead = await shop.signedIn('Lead');
  expect((await erase(customer.id, {}, lead)).status).toBe(403);
  expect((await erase(customer.id, { pin: '0000' })).body.fields).toMatchObject([{ path: 'pin' }]);
  expect((await erase(customer.id, { because: '' })).body.fields).toMatchObject([
    { path: 'because' },
  ]);
  expect((await erase(uuid())).status).toBe(404);
  const open = (await client.send<JobLog>('GET', `/jobs/${await openJob(shop, client)}`)).body.base;
  expect((await erase(open.customer.id)).body.fields).toEqual([
    { path: 'customer', code: 'open-job' },
  ]);
  const id = uuid();
  for (let times = 0; times < 2; times++)
    expect((await erase(customer.id, { id })).status).toBe(200);
  expect((await erase(customer.id)).status).toBe(200);
});
