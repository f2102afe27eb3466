import type { BikeRow } from '@hold-fast/contract/bikeRows';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import { readBikeTable } from '@hold-fast/contract/bikeCsv';
import type { FoundBike } from '@hold-fast/contract/bikes';
import { v7 as uuid } from 'uuid';
import { bikeRowsAfter } from '../exports/store';
import {
  measureRotor,
  openJob,
  openTestShop,
  type Client,
  type TestShop,
} from '../testing/testShop';

let shop: TestShop;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const table = (lines: string[]): BikeRow[] => {
  const read = readBikeTable(
    ['customer,phone,bike,serial,third_brake', ...lines.map((line) => `${line},none`)].join('\n'),
  );
  if (!read.ok || read.faults.length > 0) throw new Error(JSON.stringify(read));
  return read.rows;
};
const send = (mode: 'preview' | 'take', rows: BikeRow[], id = uuid()) =>
  lead.send<{ items: RowOutcome[] }>('POST', '/bikes/import', { id, mode, rows });
const does = async (...asked: Parameters<typeof send>) =>
  (await send(...asked)).body.items.map(({ does: done, fault }) => fault ?? done);
const found = async (q: string) =>
  (await lead.send<{ items: FoundBike[] }>('GET', `/bikes?q=${q}`)).body.items;

it('says what would be, takes it in, and doubles nothing when it is taken in again', async () => {
  const rows = table([
    'Lifeboat crew,0555 0171,Slipway cargo,SL-1',
    'Lifeboat crew,,Slipway two,',
    'Lone Walker,,,',
  ]);
  expect(await does('preview', rows)).toEqual(['add', 'add', 'add']);
  expect(await found('Slipway')).toEqual([]);
  const id = uuid();
  expect(await does('take', rows, id)).toEqual(['add', 'add', 'add']);
  // Once more with the same id, after its answer was lost; and on another day with another.
  expect(await does('take', rows, id)).toEqual(['there', 'there', 'there']);
  expect(await does('take', rows)).toEqual(['there', 'there', 'there']);
  const bikes = await found('Slipway');
  expect(bikes.map(({ bikeName }) => bikeName).sort()).toEqual(['Slipway cargo', 'Slipway two']);
  expect(new Set(bikes.map(({ customerId }) => customerId)).size).toBe(1);
});

it('gives nobody another’s bike, and does not guess which of two customers is meant', async () => {
  await does(
    'take',
    table(['First Owner,0555 1,Hers,SER-1', 'Twin Name,0555 2,One,', 'Twin Name,0555 3,Two,']),
  );
  expect(await does('take', table(['Second Owner,0555 9,His,SER-1']))).toEqual(['serial-taken']);
  expect(await does('take', table(['Twin Name,,Three,']))).toEqual(['which-customer']);
  expect(await does('take', table(['Twin Name,0555 3,Three,']))).toEqual(['add']);
  expect(await found('Second')).toEqual([]);
});

it('refuses what is no row, by its field, and more than a request may hold', async () => {
  const [row] = table(['A,,B,']);
  for (const [rows, path] of [
    [[{ ...row, customer: { name: '', phone: null } }], 'rows.0.customer.name'],
    [[{ ...row, extra: 1 }], 'rows.0.extra'],
    [Array.from({ length: 201 }, () => row), 'rows'],
    [[], 'rows'],
  ] as const) {
    const { status, body } = await lead.send<{ fields: { path: string }[] }>(
      'POST',
      '/bikes/import',
      {
        id: uuid(),
        mode: 'take',
        rows,
      },
    );
    expect([status, body.fields[0]!.path]).toEqual([422, path]);
  }
});

describe('tables sent out', () => {
  const csv = async (name: string, client = lead) => {
    const response = await fetch(`${shop.address}/api/exports/${name}.csv`, {
      headers: { cookie: client.cookie },
    });
    const bytes = Buffer.from(await response.clone().arrayBuffer());
    if (response.ok) expect(bytes.subarray(0, 3).toString('hex')).toBe('efbbbf');
    return {
      status: response.status,
      type: response.headers.get('content-type'),
      text: await response.text(),
    };
  };

  it('hold every customer and bike, and come in again to nothing new', async () => {
    const { status, type, text } = await csv('bikes');
    expect([status, type]).toEqual([200, 'text/csv; charset=utf-8']);
    const read = readBikeTable(text);
    if (!read.ok) throw new Error(read.code);
    expect(read.faults).toEqual([]);
    expect(read.rows.length).toBeGreaterThan(5);
    expect(new Set(await does('preview', read.rows))).toEqual(new Set(['there']));
  });

  it('are read a page at a time, and no row is left out or told twice at the seam', async () => {
    const whole = (await bikeRowsAfter(shop.pool, null)).map(({ key }) => key);
    for (const most of [1, 2, 3]) {
      const seen: string[] = [];
      for (let after: string | null = null; ;) {
        const page = await bikeRowsAfter(shop.pool, after, most);
        seen.push(...page.map(({ key }) => key));
        if (page.length < most) break;
        after = page.at(-1)!.key;
      }
      expect(seen).toEqual(whole);
    }
    expect(whole.some((key) => key.endsWith(' '))).toBe(true);
  });

  it('hold every reading as it was taken, and the shelf as it stands', async () => {
    const mechanic = await shop.signedIn();
    const jobId = await openJob(shop, mechanic);
    await measureRotor(shop, mechanic, jobId, [1.71, 1.72, 1.73, 1.7, 1.7, 1.71]);
    const lines = (await csv('readings')).text.trim().split('\r\n');
    expect(lines[0]).toBe('at,tag,customer,bike,serial,end,part,place,mm,gauge,replaced');
    expect(lines.filter((line) => line.includes('rotor')).length).toBe(7);
    expect(lines.filter((line) => /front,rotor,3,1\.730?,/.test(line))).toHaveLength(1);
    expect((await csv('stock')).text).toContain(
      'part,description,fits,count,reorder_at,price_cents',
    );
  });

  it('are nobody’s but a lead’s and the owner’s', async () => {
    for (const name of ['Mechanic', 'Counter'])
      expect((await csv('bikes', await shop.signedIn(name))).status).toBe(403);
  });
});
