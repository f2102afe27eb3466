import { AREAS } from '@hold-fast/core/inspection/findings';
import { LARGEST_PHOTOS_OF_JOB } from '@hold-fast/contract/photos';
import type { Problem } from '@hold-fast/contract/problem';
import { createHash, randomBytes } from 'node:crypto';
import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { NOW, openJob, openTestShop, type Client, type TestShop } from '../testing/testShop';

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

let JPEG: Buffer;
beforeAll(async () => {
  JPEG = await pictureOf(64);
});
/** A picture of noise, so many points a side: noise is what JPEG cannot make small. */
const pictureOf = (side: number) =>
  sharp(randomBytes(side * side * 3), { raw: { width: side, height: side, channels: 3 } })
    .jpeg({ quality: 95 })
    .toBuffer();
const picture = (change: object = {}) => ({
  id: uuid(),
  end: 'front',
  area: 'rotor',
  jpegBase64: JPEG.toString('base64'),
  ...change,
});
const add = (body: object, to = jobId) => client.sendJob('POST', `/jobs/${to}/photos`, body);

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

it('is whose it was taken by, at the time it was taken, and nobody else’s by their sign-in', async () => {
  const stranger = await add(picture({ by: uuid() }));
  expect([stranger.status, stranger.body.type]).toEqual([
    403,
    expect.stringContaining('other-person') as unknown,
  ]);
  // Ten minutes before it was sent, by a phone that is a day slow.
  const minutes = (after: number, from = NOW) => new Date(from.getTime() + after * 60_000);
  shop.clock.now = minutes(30);
  const slow = minutes(-24 * 60, shop.clock.now);
  const answer = await add(
    picture({ at: minutes(-10, slow).toISOString(), sentAt: slow.toISOString() }),
  );
  expect(answer.body.photos.at(-1)!.at).toBe(minutes(20).toISOString());
  shop.clock.now = NOW;
});

it('takes one of every area there is, and of the bike as it came in', async () => {
  for (const area of AREAS)
    expect([area, (await add(picture({ area }))).status]).toEqual([area, 201]);
  const whole = await add(picture({ end: null, area: 'as-it-came-in' }));
  expect(whole.body.photos.at(-1)).toMatchObject({ end: null, area: 'as-it-came-in' });
});

it.each([
  ['a brake as it came in', { end: 'rear', area: 'as-it-came-in' }, 'of-area'],
  ['an area of no brake', { end: null, area: 'pads' }, 'of-area'],
  ['a third brake that is not there', { end: 'third' }, 'no-disc'],
])('refuses one of %s', async (_what, change, code) => {
  const { status, body } = await client.send<{ fields: object[] }>(
    'POST',
    `/jobs/${jobId}/photos`,
    picture(change),
  );
  expect([status, body.fields]).toMatchObject([422, [{ code }]]);
});

it('refuses another picture under the same id, and one for a job that is not there', async () => {
  const body = picture();
  await add(body);
  expect((await add({ ...body, area: 'pads' })).status).toBe(409);
  expect((await add(picture(), uuid())).status).toBe(404);
});

it.each([
  ['cut off in the middle', () => JPEG.subarray(0, JPEG.length / 2)],
  ['only begins like one', () => Buffer.concat([JPEG.subarray(0, 4), Buffer.alloc(2000, 7)])],
])('refuses what is no whole picture: %s', async (_, bytes) => {
  const answer = await client.send(
    'POST',
    `/jobs/${jobId}/photos`,
    picture({ jpegBase64: bytes().toString('base64') }),
  );
  expect([answer.status, answer.body.fields?.[0]?.path]).toEqual([422, 'jpegBase64']);
});

it('keeps so many pictures of one job, says when it is full, and keeps those there', async () => {
  const full = await openJob(shop, client);
  const jpeg = await pictureOf(380);
  const fits = Math.floor(LARGEST_PHOTOS_OF_JOB / jpeg.length);
  const one = (path = full) =>
    client.send<Problem>(
      'POST',
      `/jobs/${path}/photos`,
      picture({ jpegBase64: jpeg.toString('base64') }),
    );
  for (let i = 0; i < fits; i++) expect((await one()).status).toBe(201);
  const over = await one();
  expect([over.status, over.body.type]).toEqual([413, 'urn:hold-fast:problem:too-large']);
  expect((await client.sendJob('GET', `/jobs/${full}`)).body.photos).toHaveLength(fits);
  expect((await one(await openJob(shop, client))).status).toBe(201);
});
