import type { Page } from '@hold-fast/contract/jobs';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measureRotor,
  openJob,
  openTestShop,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let client: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const onShelf = async () => (await client.send<Page<UsedPart>>('GET', '/used-parts')).body.items;
const off = (jobId: string) =>
  client.append(jobId, entry('part-off', { end: 'front', part: 'rotor', goes: 'shelf' }));
/** Takes a sound rotor off a bike, to the shelf. Answers with it as it lies there. */
async function shelved(thinnest = 1.68): Promise<UsedPart> {
  const jobId = await openJob(shop, client);
  await measureRotor(shop, client, jobId, [1.7, thinnest, 1.7]);
  expect((await off(jobId)).status).toBe(201);
  return (await onShelf())[0]!;
}
const fit = (jobId: string, used: UsedPart, change: object = {}) =>
  client.append(
    jobId,
    entry('fitting', {
      end: 'front',
      part: 'rotor',
      condition: 'used',
      description: used.description,
      construction: used.construction,
      newMm: used.newMm,
      stampedLimit: used.stampedLimit,
      usedPartId: used.id,
      ...change,
    }),
  );

describe('a used part', () => {
  it('lies on the shelf with its reading and its visit, until it is on a bike again', async () => {
    const used = await shelved();
    expect(used).toMatchObject({ part: 'rotor', leastMm: 1.68, bikeName: 'Post trike 7' });
    const jobId = await openJob(shop, client);
    expect((await fit(jobId, used)).status).toBe(201);
    expect(await onShelf()).toEqual([]);
    const { bars } = (await client.sendJob('GET', `/jobs/${jobId}`)).body;
    expect(bars).toContainEqual({ code: 'unproven-open', end: 'front', subject: 'rotor' });
  });

  it('is fitted once, by whoever is first of two', async () => {
    const used = await shelved();
    const jobs = await Promise.all([openJob(shop, client), openJob(shop, client)]);
    const answers = await Promise.all(jobs.map((jobId) => fit(jobId, used)));
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422]);
    expect(answers.find(({ status }) => status === 422)?.body.fields?.[0]).toMatchObject({
      path: 'entry.usedPartId',
      code: 'used-already',
    });
  });

  it('keeps its past, and goes nowhere condemned', async () => {
    const used = await shelved();
    const jobId = await openJob(shop, client);
    const other = await fit(jobId, used, {
      stampedLimit: { limitMm: 1.2, atLimitIsWorn: null },
    });
    expect(other.body.fields?.[0]?.code).toBe('past-differs');
    await measureRotor(shop, client, jobId, [1.7, 1.4, 1.7]);
    expect((await off(jobId)).body.fields?.[0]?.code).toBe('not-alive');
  });

  it('is thrown away once, with words, and then not fitted', async () => {
    const used = await shelved();
    const away = { id: uuid(), words: 'Bent in the drawer' };
    const scrap = () => client.send('POST', `/used-parts/${used.id}/scrap`, away);
    expect([(await scrap()).status, (await scrap()).status]).toEqual([201, 201]);
    expect((await onShelf()).map(({ id }) => id)).not.toContain(used.id);
    expect((await fit(await openJob(shop, client), used)).body.fields?.[0]?.code).toBe(
      'used-already',
    );
    const again = await client.send('POST', `/used-parts/${used.id}/scrap`, {
      ...away,
      id: uuid(),
    });
    expect(again.status).toBe(422);
  });
});
