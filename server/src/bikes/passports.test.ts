import type { BikePage } from '@hold-fast/contract/bikes';
import type { JobLog, Page } from '@hold-fast/contract/jobs';
import type { PassportTaken } from '@hold-fast/contract/passport';
import type { TraceRow } from '@hold-fast/contract/trace';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import {
  bikeSaid,
  PASSPORT_FORMAT,
  sealPassport,
  type Passport,
} from '@hold-fast/core/passport/passport';
import { sealLink } from '@hold-fast/core/seal/chain';
import { v7 as uuid } from 'uuid';
import {
  checkIn,
  entry,
  measureRotor,
  openJob,
  openTestShop,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

let here: TestShop;
let there: TestShop;
let client: Client;
let lead: Client;
beforeAll(async () => {
  here = await openTestShop();
  there = await openTestShop();
  client = await here.signedIn();
  lead = await here.signedIn('Lead');
});
afterAll(async () => {
  await here.close();
  await there.close();
});
afterEach(() => {
  expect(here.faults).toEqual([]);
  expect(there.faults).toEqual([]);
});

const bikeOf = async (by: Client, jobId: string) =>
  (await by.send<JobLog>('GET', `/jobs/${jobId}`)).body.base.bike;
const ofSerial = (serial: string) => {
  const sent = checkIn();
  return { ...sent, bike: { ...(sent.bike as object), serial } };
};

/** What the passport of a bike says that leaves the other shop unrepaired. */
async function leaves(mechanic: Client, jobId: string): Promise<Passport> {
  const closed = await mechanic.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    notRepaired: { words: 'Too dear', takenBy: 'Ana Rider' },
  });
  expect(closed.status).toBe(201);
  const { id } = await bikeOf(mechanic, jobId);
  const away = await (await there.signedIn('Lead')).send<Passport>('GET', `/bikes/${id}/passport`);
  expect(away.status).toBe(200);
  return away.body;
}

/** A bike that left the other shop with a worn rotor and a do-not-ride, as its passport says it. */
async function passportOfElsewhere(serial: string): Promise<Passport> {
  const mechanic = await there.signedIn();
  const jobId = await openJob(there, mechanic, ofSerial(serial));
  await measureRotor(there, mechanic, jobId, [1.4, 1.4, 1.4, 1.4, 1.4, 1.4]);
  return leaves(mechanic, jobId);
}
const take = (bikeId: string, passport: unknown, by = client, id = uuid()) =>
  by.send<{ items: PassportTaken[]; fields?: object[]; facts?: object }>(
    'POST',
    `/bikes/${bikeId}/passports`,
    { id, passport },
  );
const page = async (bikeId: string) =>
  (await client.send<BikePage>('GET', `/bikes/${bikeId}`)).body;

it('brings the do-not-ride of elsewhere, names nobody, and proves nothing', async () => {
  const passport = await passportOfElsewhere('SV-1');
  expect(JSON.stringify(passport)).not.toMatch(/Ana Rider|Harbour post|Post trike/);
  const jobId = await openJob(here, client, ofSerial('SV-1'));
  const { id } = await bikeOf(client, jobId);
  const taken = await take(id, passport);
  expect(taken.status).toBe(201);
  expect(taken.body.items).toMatchObject([{ by: 'Mechanic', passport: { seal: passport.seal } }]);
  expect((await page(id)).doNotRide).toMatchObject({ jobId });
  expect((await page(id)).wear).toEqual([]);

  // The hurried way: a good reading of what was worn elsewhere lifts nothing.
  await measureRotor(here, client, jobId, [1.7, 1.7, 1.7, 1.7, 1.7, 1.7]);
  const { body: job } = await client.sendJob('GET', `/jobs/${jobId}`);
  expect(job.bars.map(({ code }) => code)).toContain('still-tagged');
  const signed = await client.send<{ type?: string }>('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
  });
  expect(signed.body.type).toMatch('sign-off-refused');
});

const noticeOf = (lot: string) => ({
  id: uuid(),
  title: lot,
  words: 'Take them off',
  source: 'Recall',
  doNotRide: true,
  maker: '',
  serialFrom: '',
  serialTo: '',
  sheetId: null,
  lot,
  withdrawn: false,
  withdrawnBecause: '',
});
const answerNotice = (jobId: string, noticeId: string) =>
  lead.append(
    jobId,
    entry('notice-answer', { noticeId, noticeVersion: 1, words: 'Seen: others are on' }),
  );

it('brings the lots that went in elsewhere: a notice of one meets the bike, whenever it was written', async () => {
  const worker = await there.signedIn();
  const boss = await there.signedIn('Lead');
  const away = await openJob(there, worker, ofSerial('SV-6'));
  const stock = { part: 'pads', description: 'Tolve', fits: '', reorderAt: 1, priceCents: 100 };
  const stockId = uuid();
  expect((await boss.send('POST', '/stock', { id: stockId, ...stock })).status).toBe(201);
  const move = { id: uuid(), stockId, pieces: 2, batch: 'P-77', why: 'Delivered' };
  expect((await boss.send('POST', '/stock/moves', move)).status).toBe(201);
  const taken = { end: 'rear' as const, stockId, pieces: 1, batch: 'P-77' };
  expect((await worker.append(away, entry('part-taken', taken))).status).toBe(201);
  const fill = { end: 'front' as const, containerId: there.ids.bottle, ml: 5, colour: '' };
  expect((await worker.append(away, entry('fill', fill))).status).toBe(201);
  const passport = await leaves(worker, away);

  const [pads, fluid] = [noticeOf('p-77'), noticeOf('L1')];
  expect((await lead.send('POST', '/notices', pads)).status).toBe(201);
  const jobId = await openJob(here, client, ofSerial('SV-6'));
  const { id } = await bikeOf(client, jobId);
  const metNow = async () => (await page(id)).notices.map(({ title }) => title).sort();
  const traced = async (query: string) =>
    (await lead.send<Page<TraceRow>>('GET', `/trace?${query}`)).body.items;
  expect(await metNow()).toEqual([]);
  expect(await traced('by=batch&name=P-77')).toEqual([]);
  expect((await take(id, passport)).status).toBe(201);
  expect((await lead.send('POST', '/notices', fluid)).status).toBe(201);
  expect(await metNow()).toEqual(['L1', 'p-77']);
  const bikes = await lead.send<{ items: { bikeId: string }[] }>(
    'GET',
    `/notices/${pads.id}/bikes`,
  );
  expect(bikes.body.items.map(({ bikeId }) => bikeId)).toEqual([id]);
  // Who traces it rings this bike's rider too, and is told where it was put in.
  const reached = { jobId, bikeId: id, phone: '0555 0140', brought: true };
  expect(await traced('by=batch&name=p-77')).toMatchObject([
    { ...reached, ends: ['rear'], codes: ['pads'], ml: null },
  ]);
  const fluidOnly = { ...reached, ends: ['front'], codes: [], ml: null };
  expect(await traced('by=lot&name=L1')).toMatchObject([fluidOnly]);
  expect(await traced('by=batch&name=L1')).toEqual([]);
  expect(await traced('by=batch&name=P-77&to=2026-11-24')).toEqual([]);
  const filledHere = entry('fill', { ...fill, containerId: here.ids.bottle });
  expect((await client.append(jobId, filledHere)).status).toBe(201);
  // Put in here as well: one visit, and both are said.
  expect(await traced('by=lot&name=L1')).toMatchObject([{ ...reached, ends: ['front'], ml: 5 }]);
  const open = async () =>
    (await client.sendJob('GET', `/jobs/${jobId}`)).body.bars.filter(
      ({ code }) => code === 'notice-open',
    ).length;
  expect(await open()).toBe(2);
  expect((await answerNotice(jobId, pads.id)).status).toBe(201);
  expect(await open()).toBe(1);
  const left = { notRepaired: { words: 'Too dear', takenBy: 'Ana Rider' } };
  const sealed = await client.send('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    ...left,
  });
  expect(sealed.status).toBe(201);
  const found = await client.send<{ items: { jobId: string }[] }>('GET', '/records?q=p-77');
  expect(found.body.items.map((each) => each.jobId)).toEqual([jobId]);
  const [kept] = await here.pool.query('SELECT DISTINCT part, lot FROM lot_brought ORDER BY lot');
  expect(kept).toEqual([
    { part: 'fluid', lot: 'L1' },
    { part: 'pads', lot: 'P-77' },
  ]);
});

it('brings its lots anew with each that comes: what was said before says nothing of them', async () => {
  const jobId = await openJob(here, client, ofSerial('SV-7'));
  const { id, ...bike } = await bikeOf(client, jobId);
  const record = { bike: { serial: 'SV-7' }, taken: [{ end: 'rear', part: 'pads', batch: 'Q-1' }] };
  const bring = async (hour: number) => {
    const passport = sealPassport({
      format: PASSPORT_FORMAT,
      writtenAt: `2026-11-25T${hour}:00:00.000Z`,
      bike: bikeSaid({ ...USUAL_USE, motor: bike.motor, maker: bike.maker, serial: 'SV-7' }),
      doNotRide: [],
      againstAdvice: [],
      records: [{ number: 1, prev: null, ...sealLink({ prev: null, record }) }],
    });
    expect((await take(id, passport)).status).toBe(201);
  };
  const notice = noticeOf('Q-1');
  expect((await lead.send('POST', '/notices', notice)).status).toBe(201);
  const open = async () =>
    (await client.sendJob('GET', `/jobs/${jobId}`)).body.bars.some(
      ({ code }) => code === 'notice-open',
    );
  for (const hour of [10, 11]) {
    await bring(hour);
    expect(await open()).toBe(true);
    expect((await answerNotice(jobId, notice.id)).status).toBe(201);
    expect(await open()).toBe(false);
  }
  await client.append(jobId, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));
  const sent = { id: uuid(), pin: PIN, toldOf: [], notRepaired: null };
  expect((await client.sendJob('POST', `/jobs/${jobId}/sign-off`, sent)).status).toBe(201);
  const metNow = async () => (await page(id)).notices.map(({ title }) => title);
  expect(await metNow()).toEqual([]);
  await bring(12);
  expect(await metNow()).toEqual(['Q-1']);
});

it('is taken in once, however often it comes', async () => {
  const passport = await passportOfElsewhere('SV-2');
  const { id } = await bikeOf(client, await openJob(here, client, ofSerial('SV-2')));
  const write = uuid();
  for (const each of [write, write, uuid()]) await take(id, passport, lead, each);
  expect((await take(id, passport)).body.items).toHaveLength(1);
  const [rows] = await here.pool.query('SELECT id FROM bike_tag WHERE bike_id = ?', [id]);
  expect(rows).toHaveLength(1);
});

it('refuses one that was altered, another bike’s, and what is none', async () => {
  const passport = await passportOfElsewhere('SV-3');
  const { id } = await bikeOf(client, await openJob(here, client, ofSerial('SV-3')));
  const { seal: _, ...rest } = passport;
  const fieldsOf = async (sent: unknown) => (await take(id, sent)).body.fields;
  expect(await fieldsOf({ ...passport, doNotRide: [] })).toEqual([
    { path: 'passport', code: 'altered', facts: {} },
  ]);
  const [record] = passport.records;
  const forged = { ...record!, canonical: record!.canonical.replace('1.4', '1.7') };
  expect(await fieldsOf(sealPassport({ ...rest, records: [forged] }))).toEqual([
    { path: 'passport', code: 'record-altered', facts: { number: record!.number } },
  ]);
  const other = await bikeOf(client, await openJob(here, client, ofSerial('SV-4')));
  expect((await take(other.id, passport)).body.fields).toEqual([
    { path: 'passport', code: 'other-bike', facts: { serial: 'SV-3' } },
  ]);
  expect((await fieldsOf({ ...passport, format: 'hold-fast/passport/9' }))![0]).toMatchObject({
    path: 'passport.format',
  });
  expect((await page(id)).doNotRide).toBeNull();
  expect((await take(uuid(), passport)).status).toBe(404);
});

it('keeps the do-not-ride of the last visit, though whoever wrote the passport left it out', async () => {
  const { seal: _, ...rest } = await passportOfElsewhere('SV-5');
  const { id } = await bikeOf(client, await openJob(here, client, ofSerial('SV-5')));
  await take(id, sealPassport({ ...rest, doNotRide: [] }));
  expect((await page(id)).doNotRide).not.toBeNull();
});

it('reads a long file of whoever is signed in, and of nobody else', async () => {
  const long = { id: uuid(), passport: 'x'.repeat(1_000_000) };
  const to = `/bikes/${uuid()}/passports`;
  expect((await here.client().send('POST', to, long)).status).toBe(401);
  expect((await client.send('POST', to, long)).status).toBe(422);
  const longer = { ...long, passport: 'x'.repeat(9_000_000) };
  expect((await client.send('POST', to, longer)).status).toBe(413);
});
