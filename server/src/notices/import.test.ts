import type { BikeMet, NoticeKept } from '@hold-fast/contract/notices';
import type { Page } from '@hold-fast/contract/jobs';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import { v7 as uuid } from 'uuid';
import { checkIn, openTestShop, type Client, type TestShop } from '../testing/testShop';

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
  title: 'Crown may crack',
  words: 'Look for a line under the crown',
  source: 'Letter of 3 March',
  doNotRide: true,
  maker: 'GUNNEL works',
  serialFrom: 'GW-',
  serialTo: '',
  lot: '',
};
const send = (mode: 'preview' | 'take', rows: readonly object[], id = uuid()) =>
  lead.send<{ items: RowOutcome[]; fields?: { path: string; code: string }[] }>(
    'POST',
    '/notices/import',
    { id, mode, rows },
  );
const notices = async () =>
  (await lead.send<Page<NoticeKept>>('GET', '/notices')).body.items.filter(
    ({ title }) => title === ROW.title,
  );

it('says what it would do and does it, once, and the notice meets its bikes', async () => {
  const taken = checkIn();
  expect((await lead.send('POST', '/jobs', taken)).status).toBe(201);
  expect((await send('preview', [ROW])).body.items).toMatchObject([{ line: 2, does: 'add' }]);
  expect(await notices()).toEqual([]);
  const id = uuid();
  expect((await send('take', [ROW], id)).body.items).toMatchObject([{ does: 'add' }]);
  for (const again of [id, uuid()])
    expect((await send('take', [ROW], again)).body.items).toMatchObject([{ does: 'there' }]);
  const [notice, ...others] = await notices();
  expect(others).toEqual([]);
  const { line: _, ...written } = ROW;
  expect(notice).toMatchObject({ ...written, withdrawn: false, writtenBy: 'Lead' });
  const met = await lead.send<Page<BikeMet>>('GET', `/notices/${notice!.id}/bikes`);
  expect(met.body.items.map(({ serial }) => serial)).toEqual([taken.bike.serial]);
});

it('brings back none that was withdrawn', async () => {
  const [{ version, writtenAt: _, writtenBy: __, narrowed: ___, ...notice }] =
    (await notices()) as [NoticeKept];
  const withdrawn = { ...notice, withdrawn: true, withdrawnBecause: 'The maker took it back' };
  const edit = { version, notice: withdrawn };
  expect((await lead.send('PUT', `/notices/${notice.id}`, edit)).status).toBe(200);
  expect((await send('take', [ROW])).body.items).toMatchObject([{ does: 'there' }]);
  expect((await notices()).map((each) => each.withdrawn)).toEqual([true]);
});

it('takes none that meets nobody, and nothing of whoever runs no bench', async () => {
  const { status, body } = await send('take', [
    { ...ROW, maker: '', serialFrom: '', serialTo: '' },
  ]);
  expect([status, body.fields![0]]).toMatchObject([422, { code: 'meets-nobody' }]);
  const mechanic = await shop.signedIn();
  expect((await mechanic.send('POST', '/notices/import', {})).status).toBe(403);
});
