import type { Page } from '@hold-fast/contract/jobs';
import type { SheetsFile } from '@hold-fast/contract/sheets';
import { v7 as uuid } from 'uuid';
import { addSheet } from './sheets/store';
import { addContainer, addGauge, addStockLine, addWrench } from './stores/store';
import { entry, openJob, openTestShop, SHEET, type TestShop } from './testing/testShop';
import { insert, selectOne, type Value } from './platform/database';
import { A_PAGE } from './platform/page';

let shop: TestShop;
beforeAll(async () => {
  shop = await openTestShop();
});
afterAll(() => shop.close());
afterEach(() => expect(shop.faults).toEqual([]));

/** Names that sort otherwise than they are added. */
const nameOf = (n: number) => `Many ${String((n * 37) % 1000).padStart(3, '0')}`;

/** Lists of the shop, and how one more comes into each. */
const LISTS: Record<string, (id: string, name: string) => Promise<void>> = {
  '/gauges': (id, name) =>
    addGauge(shop.pool, {
      id,
      name,
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      uncertaintyMm: 0.02,
      uncertaintyAssumed: false,
      anvils: 'point',
      calibrationDueOn: null,
      feedSerial: null,
      retired: false,
    }),
  '/wrenches': (id, name) =>
    addWrench(shop.pool, {
      id,
      name,
      kind: 'click',
      maxNm: 25,
      markNm: 0.5,
      tolerance: 0.04,
      toleranceAssumed: false,
      calibrationDueOn: null,
      uses: 0,
      feedSerial: null,
      retired: false,
    }),
  '/containers': (id, name) =>
    addContainer(shop.pool, {
      id,
      label: name,
      fluid: { family: 'mineral', blend: 'Brake mineral' },
      lot: 'L1',
      sizeMl: 500,
      openedOn: null,
      printedUseBy: null,
      monthsAfterOpening: null,
      condition: 'clear',
      writtenOff: false,
      writtenOffReason: '',
      wrongFluid: false,
    }),
  '/stock': (id, name) =>
    addStockLine(shop.pool, {
      id,
      part: 'olive',
      description: name,
      fits: '',
      reorderAt: 0,
      priceCents: 0,
    }),
  '/sheets': (id, name) =>
    addSheet(shop.pool, {
      id,
      sheetId: uuid(),
      revision: 1,
      body: { ...SHEET, title: name },
      at: new Date(),
    }),
};

it.each(Object.entries(LISTS))('%s: page after page, each once, in order', async (path, add) => {
  const client = await shop.signedIn();
  const ids = new Map<string, string>();
  for (let n = 0; n <= A_PAGE; n++) {
    const id = uuid();
    ids.set(nameOf(n), id);
    await add(id, nameOf(n));
  }
  const seen: string[] = [];
  const lengths: number[] = [];
  for (let after: string | null = ''; after !== null;) {
    const page: Page<{ id: string }> = (
      await client.send<Page<{ id: string }>>('GET', after ? `${path}?after=${after}` : path)
    ).body;
    seen.push(...page.items.map(({ id }) => id));
    lengths.push(page.items.length);
    after = page.after;
  }
  expect(lengths.length).toBeGreaterThan(1);
  expect(lengths.slice(0, -1)).toEqual(lengths.slice(1).map(() => A_PAGE));
  const mine = [...ids].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, id]) => id);
  const added = new Set(mine);
  expect(seen.filter((id) => added.has(id))).toEqual(mine);
  expect(new Set(seen).size).toBe(seen.length);
  if (path === '/sheets') {
    const { sheets } = (await client.send<SheetsFile>('GET', '/sheets/export')).body;
    expect(sheets).toHaveLength(seen.length);
  }
});

it('where a container’s fluid went: page after page, the last first', async () => {
  const client = await shop.signedIn();
  const jobId = await openJob(shop, client);
  const fill = entry('fill', { end: 'front', containerId: shop.ids.bottle, ml: 0.5 });
  const { body } = await client.append(jobId, fill);
  expect(body.filled).toHaveLength(1);
  const first = await selectOne<Record<string, Value>>(
    shop.pool,
    'SELECT * FROM fill WHERE id = ?',
    [fill.id],
  );
  for (let n = 1; n <= A_PAGE; n++)
    await insert(shop.pool, 'fill', { ...first, id: uuid(), seq: 1_000_000 + n });
  const path = `/containers/${shop.ids.bottle}/fills`;
  const head = (await client.send<Page<{ id: string }>>('GET', path)).body;
  expect(head.items).toHaveLength(A_PAGE);
  const rest = (
    await client.send<Page<{ id: string }>>('GET', `${path}?after=${String(head.after)}`)
  ).body;
  expect(rest).toMatchObject({ items: [{ id: fill.id }], after: null });
});

it('a page after what is no id is refused, naming the field', async () => {
  const client = await shop.signedIn();
  const answer = await client.send('GET', '/gauges?after=yesterday');
  expect(answer.status).toBe(422);
  expect(answer.body.fields).toMatchObject([{ path: 'after' }]);
});
