import type { BikePage } from '@hold-fast/contract/bikes';
import type { CalendarFeed } from '@hold-fast/contract/calendar';
import type { DueRow } from '@hold-fast/contract/due';
import type { Page } from '@hold-fast/contract/jobs';
import { daysAfter } from '@hold-fast/core/due/due';
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
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  client = await shop.signedIn();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const TODAY = '2026-11-25';
const GOOD = [1.7, 1.71, 1.72, 1.7, 1.7, 1.71];

async function signed(
  change: Record<string, unknown> = {},
  notRepaired: object | null = null,
  rotor = GOOD,
) {
  const jobId = await openJob(shop, client, change);
  await measureRotor(shop, client, jobId, rotor);
  if (rotor !== GOOD)
    await client.send('POST', `/jobs/${jobId}/decisions`, {
      id: uuid(),
      end: 'front',
      subject: 'rotor',
      decision: 'accepted-unproven',
      words: 'The gauge is away',
      personName: 'Lead',
      pin: PIN,
    });
  await client.append(
    jobId,
    entry('test', { test: 'lever-side', end: null, outcome: 'passed', words: '' }),
  );
  const answer = await client.sendJob('POST', `/jobs/${jobId}/sign-off`, {
    id: uuid(),
    pin: PIN,
    toldOf: [],
    ...(notRepaired ? { notRepaired } : {}),
  });
  expect(answer.status).toBe(201);
  return answer.body;
}
const dues = async (by = client) => (await by.send<Page<DueRow>>('GET', '/due')).body.items;

it('a signed visit leaves due what it measured, and the next one moves it', async () => {
  const job = await signed();
  const [due, ...others] = await dues();
  expect(others).toEqual([]);
  expect(due).toMatchObject({
    bikeId: job.bike.id,
    end: 'front',
    of: 'rotor',
    // The post rides in the wet: winter comes before its year is over.
    on: '2027-03-01',
    shownOn: '2027-03-01',
    because: 'winter',
    tag: job.tag,
    snoozed: null,
  });
  const page = (await client.send<BikePage>('GET', `/bikes/${job.bike.id}`)).body;
  expect(page.dues.map(({ of }) => of)).toEqual(['rotor']);
  expect(page.dues[0]!.phone).toBeNull();
});

it('a bike that left as it came leaves nothing due', async () => {
  const before = (await dues()).length;
  await signed({}, { words: 'Takes it as it is', takenBy: 'Harbour post' });
  expect(await dues()).toHaveLength(before);
});

it('shows the phone only to those who ring', async () => {
  expect((await dues())[0]!.phone).toBeNull();
  expect((await dues(lead))[0]!.phone).toBe('0555 0140');
});

describe('putting off', () => {
  const put = (due: DueRow, change: object = {}) =>
    client.send<{ type: string }>('POST', '/due/snoozes', {
      id: uuid(),
      bikeId: due.bikeId,
      end: due.end,
      of: due.of,
      days: 14,
      words: 'Away at sea',
      ...change,
    });

  it('moves the day it is shown on and keeps the day it is due, with the reason and who gave it', async () => {
    const [due] = await dues();
    const id = uuid();
    for (let times = 0; times < 2; times++) expect((await put(due!, { id })).status).toBe(201);
    expect((await dues()).find(({ bikeId }) => bikeId === due!.bikeId)).toMatchObject({
      on: due!.on,
      shownOn: daysAfter(TODAY, 14),
      snoozed: { words: 'Away at sea', by: 'Mechanic' },
    });
  });

  it.each([
    ['words', { words: ' ' }],
    ['days', { days: 61 }],
    ['days', { days: 0 }],
    ['of', { of: 'chain' }],
  ])('is refused by its field: %s', async (field, change) => {
    const [due] = await dues();
    const refused = await put(due!, change);
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain(field);
  });

  it('of what is not due is not found', async () => {
    const [due] = await dues();
    expect((await put(due!, { of: 'cable' })).status).toBe(404);
  });
});

it('pages by key, each once', async () => {
  const use = { motor: false, wet: false, systemMassKg: null, terrain: null, kmPerWeek: null };
  const kit = { forkMaterial: null, frameMaterial: null, frontBrake: 'disc', rearBrake: 'disc' };
  const rows = Array.from({ length: 51 }, (_, i) => ({
    line: i + 2,
    customer: { name: 'Many bikes', phone: null },
    bike: { name: `Paged ${i}`, maker: '', serial: '', ...use, ...kit, furtherBrakes: '' },
  }));
  const taken = await lead.send('POST', '/bikes/import', { id: uuid(), mode: 'take', rows });
  expect(taken.status).toBe(200);
  // What a visit of each would have left: signing so many is about something else.
  await shop.pool.query(
    `INSERT INTO due (bike_id, brake_end, what, due_on, shown_on, because, days, job_id)
     SELECT b.id, d.brake_end, d.what, d.due_on, d.shown_on, d.because, d.days, d.job_id
       FROM bike b JOIN (SELECT * FROM due LIMIT 1) d WHERE b.name LIKE 'Paged %'`,
  );
  const first = (await client.send<Page<DueRow>>('GET', '/due')).body;
  expect(first.items).toHaveLength(50);
  const second = (
    await client.send<Page<DueRow>>('GET', `/due?after=${encodeURIComponent(first.after!)}`)
  ).body;
  const ids = [...first.items, ...second.items].map(({ bikeId, of }) => `${bikeId} ${of}`);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBe(52);
  expect((await client.send('GET', '/due?after=nonsense')).status).toBe(422);
});

describe('a calendar’s address', () => {
  const said = {
    title: 'Due',
    of: { pads: 'pads', rotor: 'rotor', bleed: 'bleed', cable: 'cable', bolts: 'bolts' },
    end: { front: 'front', rear: 'rear' },
  };
  const make = (by: Client, change: object = {}, id = uuid()) =>
    by.send<{ items: CalendarFeed[]; fields?: { path: string }[] }>('POST', '/due/feeds', {
      id,
      words: { ...said, ...change },
    });
  const read = async (token: string) => {
    const response = await fetch(`${shop.address}/api/calendars/${token}.ics`);
    return {
      status: response.status,
      etag: response.headers.get('etag'),
      text: await response.text(),
    };
  };

  it('gives what is due in the words it was made with, once, until it is withdrawn', async () => {
    const id = uuid();
    const [feed] = (await make(lead, {}, id)).body.items;
    expect((await make(lead, {}, id)).body.items).toHaveLength(1);
    const { status, etag, text } = await read(feed!.token);
    expect(status).toBe(200);
    expect(text).toContain('SUMMARY:Post trike 7: rotor\\, front');
    expect(text).not.toMatch(/0555 \d{4}/);
    // The same text all day: by its tag a program that asks again is told so.
    expect((await read(feed!.token)).etag).toBe(etag);
    const withdraw = { id: uuid() };
    for (let times = 0; times < 2; times++)
      expect((await lead.send('POST', `/due/feeds/${feed!.id}/withdraw`, withdraw)).status).toBe(
        200,
      );
    expect((await read(feed!.token)).status).toBe(410);
    expect((await read('A'.repeat(22))).status).toBe(404);
    expect((await read('..%2F..%2Fdue')).status).toBe(404);
  });

  it('wants every word, and somebody who rings', async () => {
    const { pads: _, ...missing } = said.of;
    expect((await make(lead, { of: missing })).body.fields![0]!.path).toBe('words.of.pads');
    expect((await make(client)).status).toBe(403);
  });
});

it('a look that proved nothing, and was accepted so, puts nothing off', async () => {
  const { bike } = await signed();
  const ofBike = async () =>
    (await client.send<BikePage>('GET', `/bikes/${bike.id}`)).body.dues.map(({ on }) => on);
  const [dueOn] = await ofBike();
  shop.clock.now = new Date('2027-02-25T09:00:00Z');
  client = await shop.signedIn();
  lead = await shop.signedIn('Lead');
  await signed({ customer: bike.customerId, bike: bike.id }, null, [1.7]);
  expect(await ofBike()).toEqual([dueOn]);
});
