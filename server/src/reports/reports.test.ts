import type { Page, SealedRow } from '@hold-fast/contract/jobs';
import type { Report, ReportLink } from '@hold-fast/contract/report';
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
/** Somebody who is not signed in. */
let anyone: Client;
let recordId: string;
let jobId: string;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  anyone = shop.client();
  jobId = await openJob(shop, client);
  await measureRotor(shop, client, jobId, [1.7, 1.71, 1.72, 1.7, 1.7, 1.71]);
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
  });
  const { items } = (await client.send<Page<SealedRow>>('GET', '/records')).body;
  recordId = items[0]!.id;
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const links = async () =>
  (await client.send<{ items: ReportLink[] }>('GET', `/records/${recordId}/links`)).body.items;
const make = (id = uuid()) =>
  client.send<{ items: ReportLink[] }>('POST', `/records/${recordId}/links`, { id });
const read = (token: string) => anyone.send<Report & { type: string }>('GET', `/reports/${token}`);

it('says what the record holds, what it left due, and nothing that is not the customer’s', async () => {
  const { body } = await client.send<Report>('GET', `/records/${recordId}/report`);
  expect(body).toMatchObject({
    recordId,
    number: 1,
    customerName: 'Harbour post',
    dues: [{ end: 'front', of: 'rotor' }],
    amendments: [],
  });
  expect(body.record.inspection).toEqual([
    expect.objectContaining({ end: 'front', subject: 'rotor', word: 'holds' }),
  ]);
  expect(JSON.stringify(body)).not.toContain('0555 0140');
  expect(body.record).not.toHaveProperty('odometerKm');
});

it('shows one report by an address, to nobody signed in, until it is withdrawn', async () => {
  const id = uuid();
  const made = await make(id);
  expect(made.status).toBe(201);
  const { token } = made.body.items[0]!;
  expect(token).toMatch(/^[A-Za-z0-9_-]{22}$/);
  // Sent again, it is the same one.
  expect((await make(id)).body.items).toHaveLength(1);

  expect((await read(token)).body).toMatchObject({ recordId, bikeName: 'Post trike 7' });
  // The address opens that and nothing else.
  expect((await anyone.send('GET', `/records/${recordId}/report`)).status).toBe(401);
  expect((await anyone.send('GET', `/records/${recordId}/links`)).status).toBe(401);

  const withdraw = { id: uuid() };
  const path = `/links/${made.body.items[0]!.id}/withdraw`;
  expect((await anyone.send('POST', path, withdraw)).status).toBe(401);
  expect((await client.send('POST', path, withdraw)).status).toBe(200);
  expect((await client.send('POST', path, withdraw)).status).toBe(200);
  const gone = await read(token);
  expect(gone.status).toBe(410);
  expect(gone.body.type).toBe('urn:hold-fast:problem:withdrawn');
  expect((await links())[0]!.withdrawn).toMatchObject({ by: 'Mechanic' });

  // Another one shows it again; the withdrawn one stays so.
  const again = (await make()).body.items[0]!;
  expect(again.token).not.toBe(token);
  expect((await read(again.token)).status).toBe(200);
  expect((await read(token)).status).toBe(410);
});

it('tells of an amendment that took a verdict back, to whoever has the address', async () => {
  const { token } = (await make()).body.items[0]!;
  const amended = await client.send('POST', `/jobs/${jobId}/amendments`, {
    id: uuid(),
    pin: PIN,
    words: 'The gauge was 0.2 off.',
    takesBack: [{ end: 'front', subject: 'rotor' }],
  });
  expect(amended.status).toBe(201);
  expect((await read(token)).body.amendments).toEqual([
    {
      id: expect.any(String) as string,
      words: 'The gauge was 0.2 off.',
      takesBack: [{ end: 'front', subject: 'rotor' }],
    },
  ]);
});

it.each(['', 'short', 'A'.repeat(22), 'A'.repeat(400), "' OR 1=1 --aaaaaaaaaaaa", '../records'])(
  'finds nothing by %j',
  async (token) => {
    expect([401, 404]).toContain((await read(encodeURIComponent(token))).status);
  },
);

it('makes no address for what is no record, or an amendment', async () => {
  const id = uuid();
  expect((await client.send('POST', `/records/${uuid()}/links`, { id })).status).toBe(404);
  const { items } = (await client.send<Page<SealedRow>>('GET', '/records')).body;
  const amendment = items.find(({ nth }) => nth > 0)!;
  const asked = await client.send('POST', `/records/${amendment.id}/links`, { id: uuid() });
  expect(asked.status).toBe(404);
  expect((await client.send('POST', `/links/${uuid()}/withdraw`, { id: uuid() })).status).toBe(404);
});
