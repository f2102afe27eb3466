import type { DueRow } from '@hold-fast/contract/due';
import type { Page } from '@hold-fast/contract/jobs';
import type { Message } from '@hold-fast/contract/outbox';
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
let counter: Client;
let bikeId: string;
let jobId: string;
beforeAll(async () => {
  shop = await openTestShop();
  counter = await shop.signedIn('Counter');
  const client = await shop.signedIn();
  jobId = await openJob(shop, client);
  await measureRotor(shop, client, jobId, [1.7, 1.71, 1.72, 1.7, 1.7, 1.71]);
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  const signed = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
  });
  bikeId = signed.body.bike.id;
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const write = (change: object = {}) =>
  counter.send<{ fields?: { path: string; code: string }[] }>('POST', '/messages', {
    id: uuid(),
    bikeId,
    about: 'due',
    words: 'Your rotor is due.',
    ...change,
  });
const sent = async () => (await counter.send<Page<Message>>('GET', '/messages')).body.items;

it('keeps a message once, to the number written of the customer, and says at the due that it was sent', async () => {
  const dues = async () => (await counter.send<Page<DueRow>>('GET', '/due')).body.items;
  expect((await dues())[0]!.remindedAt).toBeNull();
  const id = uuid();
  expect((await write({ id })).status).toBe(201);
  expect((await write({ id })).status).toBe(201);
  expect(await sent()).toEqual([
    expect.objectContaining({ id, phone: '0555 0140', words: 'Your rotor is due.', by: 'Counter' }),
  ]);
  expect((await dues())[0]!.remindedAt).not.toBeNull();
  // The next one stands before it.
  await write({ about: 'trace', words: 'Bring it in.' });
  expect((await sent()).map(({ words }) => words)).toEqual(['Bring it in.', 'Your rotor is due.']);
});

it('names what is missing', async () => {
  expect((await write({ words: ' ' })).body.fields).toEqual([
    expect.objectContaining({ path: 'words' }),
  ]);
  expect((await write({ bikeId: uuid() })).status).toBe(404);
  await shop.pool.query('UPDATE customer SET phone = NULL');
  expect((await write()).body.fields).toEqual([{ path: 'bikeId', code: 'no-phone' }]);
});

it('is written and read by those who ring', async () => {
  const mechanic = await shop.signedIn();
  expect((await mechanic.send('GET', '/messages')).status).toBe(403);
  expect((await mechanic.send('POST', '/messages', {})).status).toBe(403);
});
