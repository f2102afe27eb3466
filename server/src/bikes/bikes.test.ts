import type { Bike, BikeCorrection, BikePage } from '@hold-fast/contract/bikes';
import type { BenchPage } from '@hold-fast/contract/jobs';
import { v7 as uuid } from 'uuid';
import {
  checkIn,
  entry,
  motorBike,
  openJob,
  openTestShop,
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

const pageOf = async (bikeId: string) =>
  (await client.send<BikePage>('GET', `/bikes/${bikeId}`)).body;
const barsOf = async (jobId: string) =>
  (await client.sendJob('GET', `/jobs/${jobId}`)).body.bars.map(({ code }) => code);
/** A job of a bike that is new to the shop, with the bike as it was taken in. */
async function taken(made: { bike: Bike } = motorBike()): Promise<{ jobId: string; bike: Bike }> {
  const jobId = await openJob(shop, client, made);
  return { jobId, bike: made.bike };
}
function correct(bike: Bike, change: Partial<BikeCorrection>, by = client) {
  const { id: bikeId, ...written } = bike;
  return by.send<Bike & { version: number }>('PUT', `/bikes/${bikeId}`, {
    id: uuid(),
    version: 1,
    words: '',
    ...written,
    ...change,
  });
}
const without = () => {
  const made = motorBike();
  return { ...made, bike: { ...made.bike, motor: false } };
};

describe('a bike corrected', () => {
  it('keeps what stood before, with who and why', async () => {
    const { bike } = await taken();
    const { status, body } = await correct(bike, {
      name: 'Shopper',
      kmPerWeek: 40,
      words: 'Misheard',
    });
    expect([status, body]).toMatchObject([200, { name: 'Shopper', kmPerWeek: 40, version: 2 }]);
    const { changes } = await pageOf(bike.id);
    expect(changes).toMatchObject([
      { was: { name: 'Commuter' }, became: { name: 'Shopper' }, words: 'Misheard', by: 'Mechanic' },
    ]);
  });

  it('a motor added in the middle of a job: each lever’s cut-off is asked for from then on', async () => {
    const { jobId, bike } = await taken(without());
    expect(await barsOf(jobId)).not.toContain('cut-off-untested');
    expect((await correct(bike, { motor: true })).status).toBe(200);
    expect((await barsOf(jobId)).filter((code) => code === 'cut-off-untested')).toHaveLength(2);
  });

  // Never better without an answer: with the motor its cut-offs would go unasked.
  it('that it has none after all is a lead’s to say, with words', async () => {
    const { jobId, bike } = await taken();
    const refused = await correct(bike, { motor: false, words: 'No motor' });
    expect([refused.status, await barsOf(jobId)]).toEqual([
      403,
      expect.arrayContaining(['cut-off-untested']),
    ]);
    expect(refused.body).toMatchObject({ fields: [{ path: 'motor', code: 'asks-less' }] });
    const silent = await correct(bike, { motor: false }, lead);
    expect([silent.status, silent.body]).toMatchObject([
      422,
      { fields: [{ path: 'words', code: 'say-why' }] },
    ]);
    expect((await correct(bike, { motor: false, words: 'Looked again' }, lead)).status).toBe(200);
    expect(await barsOf(jobId)).not.toContain('cut-off-untested');
  });

  it('a third brake is kept, judged and hung on the bike like the others, and struck off by a lead alone', async () => {
    const made = without();
    const trike = { ...made.bike, thirdBrake: 'disc' as const };
    const { jobId, bike } = await taken({ ...made, bike: trike });
    expect(await pageOf(bike.id)).toMatchObject({ bike: trike });
    const sheetRevisionId = shop.ids.sheet;
    await client.append(
      jobId,
      entry('identification', { end: 'third', sheetRevisionId, stampedLimit: null }),
    );
    await client.append(
      jobId,
      entry('look-over', { end: 'third', area: 'rotor', found: ['crack'] }),
    );
    expect((await client.sendJob('GET', `/jobs/${jobId}`)).body.bars).toContainEqual(
      expect.objectContaining({ code: 'do-not-ride', end: 'third' }),
    );
    expect((await pageOf(bike.id)).doNotRide).toMatchObject({ jobId });
    const { items } = (await client.send<BenchPage>('GET', '/bench')).body;
    expect(items.find(({ id }) => id === jobId)).toMatchObject({
      third: 'replace',
      doNotRide: true,
    });
    const plain = await taken(without());
    const others = (await client.send<BenchPage>('GET', '/bench')).body.items;
    expect(others.find(({ id }) => id === plain.jobId)).not.toHaveProperty('third');
    expect(await correct(bike, { thirdBrake: 'none', words: 'Two only' })).toMatchObject({
      status: 403,
      body: { fields: [{ path: 'thirdBrake', code: 'asks-less' }] },
    });
    expect((await correct(bike, { thirdBrake: 'none', words: 'Two only' }, lead)).status).toBe(200);
    // What was found at it stays in the way, whatever the page says.
    expect(await barsOf(jobId)).toContain('do-not-ride');
  });

  it('every table that says an end knows a third one', async () => {
    const [rows] = await shop.pool.query(
      "SELECT table_name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'brake_end' AND column_type NOT LIKE '%third%'",
    );
    expect(rows).toEqual([]);
  });

  it('two at once: the second is told what it is now, and a retry is done once', async () => {
    const { bike } = await taken();
    const id = uuid();
    const first = () => correct(bike, { id, name: 'One' });
    expect((await first()).status).toBe(200);
    expect((await first()).status).toBe(200);
    const second = await correct(bike, { name: 'Other' });
    expect([second.status, second.body]).toMatchObject([
      409,
      { facts: { current: { name: 'One', version: 2 } } },
    ]);
    expect((await pageOf(bike.id)).changes).toHaveLength(1);
  });

  it('a serial is one bike’s, at check-in and in a correction', async () => {
    const { bike } = await taken();
    const { bike: other } = await taken(without());
    expect((await correct(bike, { serial: 'HF-2204' })).status).toBe(200);
    const twice = await correct(other, { serial: 'HF-2204' });
    expect([twice.status, twice.body]).toMatchObject([
      422,
      { fields: [{ path: 'serial', code: 'serial-taken' }] },
    ]);
    const made = motorBike();
    // A tag that hangs on it is not left behind by copying the frame's number in another way.
    for (const serial of ['HF-2204', 'hf2204', 'HF 2204']) {
      const third = { ...made, bike: { ...made.bike, serial } };
      const answer = await client.send('POST', '/jobs', checkIn(third));
      expect([answer.status, answer.body]).toMatchObject([
        422,
        { fields: [{ path: 'bike.serial', code: 'serial-taken' }] },
      ]);
      const found = await client.send<{ items: { bikeId: string }[] }>(
        'GET',
        `/bikes?q=${encodeURIComponent(serial)}`,
      );
      expect(found.body.items.map(({ bikeId }) => bikeId)).toContain(bike.id);
    }
  });

  it('is found in the parts of a serial that was written as one word', async () => {
    const { bike } = await taken();
    expect((await correct(bike, { serial: 'QN7781B' })).status).toBe(200);
    for (const q of ['QN-7781', '7781', 'qn 7781 b']) {
      const found = await client.send<{ items: { bikeId: string }[] }>(
        'GET',
        `/bikes?q=${encodeURIComponent(q)}`,
      );
      expect(found.body.items.map(({ bikeId }) => bikeId)).toContain(bike.id);
    }
  });

  it('moved to another customer it keeps its jobs; to nobody it does not go', async () => {
    const { jobId, bike } = await taken();
    const { bike: theirs } = await taken();
    expect((await correct(bike, { customerId: theirs.customerId })).status).toBe(200);
    const page = await pageOf(bike.id);
    expect([page.customer.id, page.jobs.map(({ id }) => id)]).toEqual([theirs.customerId, [jobId]]);
    const nobody = await correct(theirs, { customerId: uuid() });
    expect([nobody.status, nobody.body]).toMatchObject([
      422,
      { fields: [{ path: 'customerId', code: 'unknown' }] },
    ]);
  });

  it('one that is not there is not corrected', async () => {
    expect((await correct({ ...motorBike().bike, id: uuid() }, {})).status).toBe(404);
  });
});
