import type { Page } from '@hold-fast/contract/jobs';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import { readStockTable } from '@hold-fast/contract/stockCsv';
import type { StockInStore } from '@hold-fast/contract/stores';
import { v7 as uuid } from 'uuid';
import { openTestShop, type Client, type TestShop } from '../testing/testShop';

let shop: TestShop;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

const ROW = {
  line: 2,
  part: 'pads',
  description: 'Table pads',
  fits: '',
  count: 7,
  reorderAt: 2,
  priceCents: 1200,
  batch: 'T1',
};
const send = (mode: 'preview' | 'take', rows: readonly object[], id = uuid()) =>
  lead.send<{ items: RowOutcome[]; fields?: { path: string }[] }>('POST', '/stock/import', {
    id,
    mode,
    why: 'From the table shelf.csv',
    rows,
  });
const onShelf = async (description: string) =>
  (await lead.send<Page<StockInStore>>('GET', '/stock')).body.items.find(
    (line) => line.description === description,
  );

it('says what it would do and does it, once: the same table again adds no piece', async () => {
  expect((await send('preview', [ROW])).body.items).toMatchObject([{ line: 2, does: 'add' }]);
  expect(await onShelf('Table pads')).toBeUndefined();
  const id = uuid();
  expect((await send('take', [ROW], id)).body.items).toMatchObject([{ does: 'add' }]);
  for (const again of [id, uuid()])
    expect((await send('take', [ROW], again)).body.items).toMatchObject([{ does: 'there' }]);
  expect(await onShelf('Table pads')).toMatchObject({
    count: 7,
    reorderAt: 2,
    priceCents: 1200,
    batches: ['T1'],
  });
});

it('takes in what another shelf sent out', async () => {
  const response = await fetch(`${shop.address}/api/exports/stock.csv`, {
    headers: { cookie: lead.cookie },
  });
  const table = readStockTable(await response.text());
  if (!table.ok) throw new Error(table.code);
  expect(table.faults).toEqual([]);
  expect(table.rows).toContainEqual(
    expect.objectContaining({ description: 'Table pads', count: 7 }),
  );
  expect((await send('preview', table.rows)).body.items.map(({ does }) => does)).toEqual(
    table.rows.map(() => 'there'),
  );
});

it('refuses a row that no shelf holds, and whoever keeps no shelf', async () => {
  const { status, body } = await send('take', [{ ...ROW, count: -1 }]);
  expect([status, body.fields![0]!.path]).toEqual([422, 'rows.0.count']);
  const mechanic = await shop.signedIn();
  expect((await mechanic.send('POST', '/stock/import', {})).status).toBe(403);
});
