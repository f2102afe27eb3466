import type { Job } from '@hold-fast/contract/jobs';
import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { openJob, openTestShop, type Client, type TestShop } from '../testing/testShop';

let shop: TestShop;
let client: Client;
let jobId: string;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  jobId = await openJob(shop, client);
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const JPEG = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(2000, 7)]);
const picture = (change: object = {}) => ({
  id: uuid(),
  end: 'front',
  area: 'rotor',
  jpegBase64: JPEG.toString('base64'),
  ...change,
});
const add = (body: object, to = jobId) => client.send<Job>('POST', `/jobs/${to}/photos`, body);

it('keeps a picture once, however often it is sent, and lists it by its digest', async () => {
  const body = picture();
  await add(body);
  const { status, body: job } = await add(body);
  expect(status).toBe(201);
  expect(job.photos).toMatchObject([
    {
      id: body.id,
      end: 'front',
      area: 'rotor',
      sha256: createHash('sha256').update(JPEG).digest('hex'),
    },
  ]);
});

it.each([
  ['no JPEG', { jpegBase64: Buffer.from('GIF89a').toString('base64') }],
  ['too large', { jpegBase64: `/9j/${'A'.repeat(600_000)}` }],
  ['of no area', { area: 'saddle' }],
])('refuses one that is %s, by its field', async (_what, change) => {
  const { status, body } = await add(picture(change));
  expect(status).toBe(422);
  expect(JSON.stringify(body)).toContain(Object.keys(change)[0]);
});

it('refuses another picture under the same id, and one for a job that is not there', async () => {
  const body = picture();
  await add(body);
  expect((await add({ ...body, area: 'pads' })).status).toBe(409);
  expect((await add(picture(), uuid())).status).toBe(404);
});
