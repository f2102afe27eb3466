import type { BikePage } from '@hold-fast/contract/bikes';
import type { BikeMet } from '@hold-fast/contract/notices';
import type { Page } from '@hold-fast/contract/jobs';
import type { TraceRow } from '@hold-fast/contract/trace';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import { v7 as uuid } from 'uuid';
import {
  comeAgain,
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

  it('lies on the shelf again where it was written on a bike by a slip of the hand, and leaves no trace on that', async () => {
    const used = await shelved();
    const jobId = await openJob(shop, client);
    const slip = entry('fitting', { end: 'front', part: 'rotor', description: 'The old one' });
    expect((await client.append(jobId, slip)).status).toBe(201);
    const { bike, fittings } = (await fit(jobId, used)).body;
    const of = fittings.at(-1)!.id;
    const back = await client.append(jobId, entry('taken-back', { of }));
    expect(back.body.neverFitted).toMatchObject([{ id: of, usedPartId: used.id }]);
    expect(await onShelf()).toEqual([used]);
    const twice = await client.append(jobId, entry('taken-back', { of }));
    expect([twice.status, twice.body.fields?.[0]?.code]).toEqual([422, 'unknown']);
    const other = await openJob(shop, client);
    expect((await fit(other, used)).status).toBe(201);
    expect(await onShelf()).toEqual([]);

    const next = await comeAgain(shop, client, bike);
    expect(next.earlierFittings.map(({ id }) => id)).toEqual([slip.id]);
    const page = await client.send<BikePage>('GET', `/bikes/${bike.id}`);
    expect(page.body.fittings.map(({ id }) => id)).toEqual([slip.id]);
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

  it('is met on another bike by a notice of the batch it was of, told two visits before', async () => {
    const lead = await shop.signedIn('Lead');
    const stockId = uuid();
    const line = { id: stockId, part: 'rotor', description: '180, one piece', fits: '180' };
    const made = await lead.send('POST', '/stock', { ...line, reorderAt: 0, priceCents: 0 });
    expect(made.status).toBe(201);
    const moved = await lead.send('POST', '/stock/moves', {
      id: uuid(),
      stockId,
      pieces: 2,
      batch: 'R-118',
      why: 'Delivered',
    });
    expect(moved.status).toBe(201);
    const send = async (jobId: string, of: ReturnType<typeof entry>) =>
      expect((await client.append(jobId, of)).status).toBe(201);
    const jobOf = async (jobId: string) => (await client.sendJob('GET', `/jobs/${jobId}`)).body;

    const first = await openJob(shop, client);
    await send(first, entry('fitting', { end: 'front', part: 'rotor', description: '180' }));
    await send(first, entry('part-taken', { end: 'front', stockId, pieces: 1, batch: '' }));
    const { bike } = await jobOf(first);
    const { id: second } = await comeAgain(shop, client, bike);
    await send(
      second,
      entry('identification', {
        end: 'front',
        sheetRevisionId: shop.ids.sheet,
        stampedLimit: null,
      }),
    );
    await measureRotor(shop, client, second, [1.7, 1.68, 1.7]);
    expect((await off(second)).status).toBe(201);
    const used = (await onShelf())[0]!;
    expect(used.batches).toEqual(['R-118']);

    const notice = {
      id: uuid(),
      title: 'Arms that crack',
      words: 'Change it',
      source: 'Bulletin 12',
      doNotRide: true,
      maker: '',
      serialFrom: '',
      serialTo: '',
      sheetId: null,
      lot: 'r-118',
      withdrawn: false,
      withdrawnBecause: '',
    };
    expect((await lead.send('POST', '/notices', notice)).status).toBe(201);
    const other = await openJob(shop, client);
    const openAt = async (jobId: string) =>
      (await jobOf(jobId)).bars.some(({ code }) => code === 'notice-open');
    expect(await openAt(other)).toBe(false);
    expect((await fit(other, used)).status).toBe(201);
    expect(await openAt(other)).toBe(true);

    const job = await jobOf(other);
    const back = entry('taken-back', { of: job.fittings.at(-1)!.id });
    expect((await client.append(other, back)).body.fields).toMatchObject([
      { path: 'entry.of', code: 'answer-first' },
    ]);
    const met = await lead.send<Page<BikeMet>>('GET', `/notices/${notice.id}/bikes`);
    expect(met.body.items.map(({ bikeId }) => bikeId).sort()).toEqual(
      [bike.id, job.bike.id].sort(),
    );
    const next = await comeAgain(shop, client, job.bike);
    expect(next.notices).toContainEqual(
      expect.objectContaining({ id: notice.id, lotBefore: true }),
    );
    expect(next.earlierBatches).toMatchObject([{ end: 'front', part: 'rotor', batch: 'R-118' }]);
    expect(await openAt(next.id)).toBe(true);

    const traced = await lead.send<Page<TraceRow>>('GET', '/trace?by=batch&name=R-118');
    expect(traced.body.items).toMatchObject([
      { jobId: other, ends: ['front'], codes: ['rotor'] },
      { jobId: first, ends: ['front'], codes: ['rotor'] },
    ]);
    const days = await lead.send<Page<TraceRow>>('GET', '/trace?by=batch&name=R-118&to=2026-11-24');
    expect(days.body.items).toEqual([]);
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
