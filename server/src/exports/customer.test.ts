import type { BikePage } from '@hold-fast/contract/bikes';
import type { JobLog } from '@hold-fast/contract/jobs';
import { sealOf } from '@hold-fast/core/seal/chain';
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
import type { CustomerFile } from './store';

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

it('gives everything that is written of one customer, each record so that its seal can be worked out again, and nothing of another', async () => {
  const jobId = await openJob(shop, client);
  await measureRotor(shop, client, jobId, [1.7, 1.71, 1.72, 1.7, 1.7, 1.71]);
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  const { body: job } = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
  });
  await openJob(shop, client);
  const words = 'Your rotor is due.';
  await lead.send('POST', '/messages', { id: uuid(), bikeId: job.bike.id, about: 'due', words });
  const { status, body } = await lead.send<CustomerFile>(
    'GET',
    `/customers/${job.customer.id}/export`,
  );
  expect(status).toBe(200);
  expect(body.customer).toEqual({ name: 'Harbour post', phone: '0555 0140' });
  expect(body.bikes).toHaveLength(1);
  const [bike] = body.bikes;
  expect(bike!.messages).toEqual([expect.objectContaining({ words, phone: '0555 0140' })]);
  expect(bike!.records).toHaveLength(1);
  const [record] = bike!.records;
  expect(sealOf(record!.canonical)).toBe(record!.seal);
  expect((await lead.send('GET', `/customers/${uuid()}/export`)).status).toBe(404);
  expect((await client.send('GET', `/customers/${job.customer.id}/export`)).status).toBe(403);
});

it('gives what was at a bike to whoever it was then, and none of it to whoever has the bike now', async () => {
  const jobId = await openJob(shop, client);
  const sold = (await client.send<JobLog>('GET', `/jobs/${jobId}`)).body.base;
  const left = { words: 'Takes it as it is', takenBy: 'Harbour post' };
  await measureRotor(shop, client, jobId, [1.7, 1.71, 1.72, 1.7, 1.7, 1.71]);
  const signed = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    notRepaired: left,
  });
  expect(signed.status).toBe(201);
  const buyer = (await client.send<JobLog>('GET', `/jobs/${await openJob(shop, client)}`)).body
    .base;
  const { version, ...bike } = (await lead.send<BikePage>('GET', `/bikes/${sold.bike.id}`)).body
    .bike;
  const moved = await lead.send('PUT', `/bikes/${sold.bike.id}`, {
    ...bike,
    id: uuid(),
    version,
    customerId: buyer.customer.id,
    words: 'Sold',
  });
  expect(moved.status).toBe(200);
  const recordsOf = async (customerId: string) =>
    (await lead.send<CustomerFile>('GET', `/customers/${customerId}/export`)).body.bikes
      .filter(({ serial }) => serial === bike.serial)
      .map(({ records }) => records.length);
  expect(await recordsOf(sold.customer.id)).toEqual([1]);
  expect(await recordsOf(buyer.customer.id)).toEqual([0]);
});
