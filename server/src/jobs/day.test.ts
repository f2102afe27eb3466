import type { Workday } from '@hold-fast/contract/day';
import { wantedOfDay } from '@hold-fast/core/workday/wanted';
import { v7 as uuid } from 'uuid';
import { entry, openJob, openTestShop, type Client, type TestShop } from '../testing/testShop';

let shop: TestShop;
let client: Client;
let counter: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  counter = await shop.signedIn('Counter');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const DAY = '2026-11-26';
const day = async (on = DAY) => (await client.send<Workday>('GET', `/day?day=${on}`)).body;
const who = async (name: string) => (await day()).mechanics.find((each) => each.name === name)!.id;
const jobsOf = async (name: string, on = DAY) =>
  (await day(on)).mechanics.find((each) => each.name === name)!.jobs;
const idsOf = async (name: string, on = DAY) => (await jobsOf(name, on)).map(({ jobId }) => jobId);

async function place(
  jobId: string,
  name: string | null,
  before: string | null = null,
  id = uuid(),
) {
  const at = name === null ? null : { day: DAY, personId: await who(name), before };
  return client.send<{ type: string; fields?: { path: string; code: string }[] }>(
    'POST',
    '/day/places',
    { id, jobId, at },
  );
}

it('places a job with a mechanic, before another or last, moves it, and takes it off again', async () => {
  const [a, b, c] = [
    await openJob(shop, client),
    await openJob(shop, client),
    await openJob(shop, client),
  ];
  expect((await day()).unplaced.map(({ jobId }) => jobId)).toEqual(
    expect.arrayContaining([a, b, c]),
  );
  for (const jobId of [a, b]) expect((await place(jobId, 'Mechanic')).status).toBe(201);
  await place(c, 'Mechanic', b);
  expect(await idsOf('Mechanic')).toEqual([a, c, b]);
  await place(b, 'Lead');
  expect([await idsOf('Mechanic'), await idsOf('Lead')]).toEqual([[a, c], [b]]);
  await place(a, null);
  expect(await idsOf('Mechanic')).toEqual([c]);
  expect((await day()).unplaced.map(({ jobId }) => jobId)).toContain(a);
  // Before one that has gone elsewhere meanwhile: it stands last.
  await place(a, 'Mechanic', b);
  expect(await idsOf('Mechanic')).toEqual([c, a]);
});

it('does a place once, however often it is sent', async () => {
  const jobId = await openJob(shop, client);
  const id = uuid();
  await place(jobId, 'Owner', null, id);
  await place(jobId, 'Lead');
  await place(jobId, 'Owner', null, id);
  expect(await idsOf('Owner')).not.toContain(jobId);
});

it('takes another order of the same jobs, and refuses one of a day that has changed since', async () => {
  const [a, b] = [await openJob(shop, client), await openJob(shop, client)];
  for (const jobId of [a, b]) await place(jobId, 'Owner');
  const personId = await who('Owner');
  const order = (jobs: string[]) =>
    counter.send<{ type: string }>('POST', '/day/orders', { id: uuid(), day: DAY, personId, jobs });
  expect((await order([b, a])).status).toBe(201);
  expect(await idsOf('Owner')).toEqual([b, a]);
  for (const jobs of [[a], [a, a], [a, b, uuid()], []]) {
    const { status, body } = await order(jobs);
    expect([status, body.type]).toEqual([409, 'urn:hold-fast:problem:version-conflict']);
  }
  expect(await idsOf('Owner')).toEqual([b, a]);
});

it('keeps every job when two move at once', async () => {
  const jobs = await Promise.all(Array.from({ length: 6 }, () => openJob(shop, client)));
  const moved = await Promise.all(jobs.map((jobId) => place(jobId, 'Apprentice')));
  expect(moved.map(({ status }) => status)).toEqual(jobs.map(() => 201));
  expect((await idsOf('Apprentice')).toSorted()).toEqual(jobs.toSorted());
});

it('says what a plan takes: its minutes, its kit, its parts and its fluid', async () => {
  const jobId = await openJob(shop, client);
  await client.append(
    jobId,
    entry('identification', {
      end: 'front',
      sheetRevisionId: shop.ids.sheet,
      stampedLimit: null,
    }),
  );
  await client.append(
    jobId,
    entry('plan-choice', {
      procedures: { front: ['change-pads', 'bleed-gravity'], rear: [] },
      bleed: { front: 'gravity-down', rear: 'gravity-down' },
      again: [],
      agreed: 'agreed',
      words: '',
    }),
  );
  await place(jobId, 'Lead');
  const row = (await jobsOf('Lead')).find((each) => each.jobId === jobId)!;
  expect(row.kits).toEqual(['mineral']);
  expect(row.parts).toContain('pads');
  expect(row.minutes).toBeGreaterThan(12);
  expect(row.fluids).toEqual([
    {
      asked: expect.objectContaining({
        fluid: { family: 'mineral', blend: 'Selkie 10' },
      }) as object,
      ml: expect.any(Number) as number,
    },
  ]);
  const wanted = wantedOfDay(
    [row, row],
    { parts: [{ part: 'pads', count: 1 }], containers: [] },
    DAY,
  );
  expect(wanted.short).toContainEqual({ part: 'pads', wanted: 2, onShelf: 1 });
  expect(wanted.fluids).toEqual([
    { asked: row.fluids[0]!.asked, ml: 2 * row.fluids[0]!.ml, onShelfMl: 0 },
  ]);
});

it('names what is wrong with a place', async () => {
  const jobId = await openJob(shop, client);
  const send = (body: object) =>
    client.send<{ fields?: { path: string; code: string }[] }>('POST', '/day/places', body);
  const at = { day: DAY, personId: await who('Mechanic'), before: null };
  for (const [body, path] of [
    [{ id: uuid(), jobId, at: { ...at, day: 'tomorrow' } }, 'at.day'],
    [{ id: uuid(), jobId, at: { ...at, personId: await counterId() } }, 'at.personId'],
    [{ id: uuid(), jobId: 'x', at }, 'jobId'],
  ] as const)
    expect((await send(body)).body.fields).toEqual([expect.objectContaining({ path })]);
  expect((await client.send('POST', '/day/places', { id: uuid(), jobId: uuid(), at })).status).toBe(
    404,
  );
  expect((await client.send('GET', '/day?day=soon')).status).toBe(422);
});

async function counterId(): Promise<string> {
  return (await counter.send<{ person: { id: string } }>('GET', '/session')).body.person.id;
}
