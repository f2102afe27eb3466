import type { LearnedGive } from '@hold-fast/core/lever/learnedGive';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import type { Page } from '@hold-fast/contract/jobs';
import {
  SHEETS_FORMAT,
  type ImportRow,
  type SheetHistoryRow,
  type SheetsFile,
} from '@hold-fast/contract/sheets';
import { v7 as uuid } from 'uuid';
import {
  entry,
  measure,
  openJob,
  openTestShop,
  PIN,
  SHEET,
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

const edit = (change: object = {}) => {
  const sheetId = uuid();
  return {
    id: uuid(),
    sheetId,
    baseId: null,
    body: { ...SHEET, title: `Sheet ${sheetId}` },
    note: '',
    ...change,
  };
};
const put = <T = SheetHistoryRow[]>(by: Client, what: { sheetId: string }) =>
  by.send<T>('PUT', `/sheets/${what.sheetId}`, what);
const bring = (file: unknown[], mode = 'all', id = uuid()) =>
  lead.send<ImportRow[]>('POST', '/sheets/import', {
    id,
    mode,
    file: { format: SHEETS_FORMAT, sheets: file },
  });

describe('editing a sheet', () => {
  it('adds a revision with who and why, and keeps the old one', async () => {
    const first = edit();
    await put(lead, first);
    const second = {
      ...first,
      id: uuid(),
      baseId: first.id,
      body: { ...first.body, source: 'Revision B' },
      note: 'New limit',
    };
    expect((await put(lead, second)).body).toMatchObject([
      { revision: 2, note: 'New limit', by: 'Lead', body: { source: 'Revision B' } },
      { revision: 1, body: { source: SHEET.source } },
    ]);
    expect((await put(lead, second)).body).toHaveLength(2);
  });

  it('is for leads, and shows a change made in the meantime', async () => {
    const mechanic = await shop.signedIn('Mechanic');
    expect((await put(mechanic, edit())).status).toBe(403);
    const first = edit();
    await put(lead, first);
    const late = { ...first, id: uuid(), baseId: null };
    expect((await put<{ type: string }>(lead, late)).body.type).toMatch('version-conflict');
  });

  it('refuses a sheet that contradicts itself, naming the value, and another’s title', async () => {
    const wrong = edit();
    const upsideDown = { ...wrong, body: { ...wrong.body, rotor: { ...SHEET.rotor, newMm: 1.4 } } };
    expect((await put(lead, upsideDown)).body).toMatchObject({
      fields: [{ path: 'body.rotor.newMm' }],
    });
    expect((await put(lead, edit({ body: SHEET }))).body).toMatchObject({
      fields: [{ path: 'body.title' }],
    });
  });
});

describe('sheets from a file', () => {
  const sheet = (title: string, change: object = {}) => ({ ...SHEET, title, ...change });

  it('preview writes nothing and says row by row what is wrong', async () => {
    const rows = await bring(
      [
        sheet('Fresh'),
        sheet('Upside down', { rotor: { ...SHEET.rotor, newMm: 1 } }),
        { title: 'Half' },
        SHEET,
        sheet('Fresh'),
        7,
      ],
      'preview',
    );
    expect(rows.body.map(({ row, does }) => `${row} ${does}`)).toEqual([
      '1 add',
      '2 refused',
      '3 refused',
      '4 nothing',
      '5 refused',
      '6 refused',
    ]);
    expect(rows.body[1]?.faults).toEqual([{ path: 'rotor.newMm', code: 'new-is-worn' }]);
    expect(rows.body[2]?.faults.map(({ path }) => path)).toContain('brake');
    const { sheets } = (await lead.send<SheetsFile>('GET', '/sheets/export')).body;
    expect(sheets.map(({ title }) => title)).not.toContain('Fresh');
  });

  it('all or nothing, or the good rows only, by choice', async () => {
    const mixed = [sheet('One good'), sheet('One bad', { torque: 'none' })];
    expect((await bring(mixed)).status).toBe(422);
    const titles = async () =>
      (await lead.send<SheetsFile>('GET', '/sheets/export')).body.sheets.map(({ title }) => title);
    expect(await titles()).not.toContain('One good');
    expect((await bring(mixed, 'good-rows')).status).toBe(200);
    expect(await titles()).toContain('One good');
  });

  it('what was exported comes back in without doubling anything', async () => {
    const before = (await lead.send<SheetsFile>('GET', '/sheets/export')).body;
    const rows = await bring(before.sheets);
    expect(new Set(rows.body.map(({ does }) => does))).toEqual(new Set(['nothing']));
    expect((await lead.send<SheetsFile>('GET', '/sheets/export')).body).toEqual(before);
  });

  it('a known title with other values is a new revision, once however often it is sent', async () => {
    await bring([sheet('Revised')]);
    const id = uuid();
    const changed = [sheet('Revised', { source: 'Revision B' })];
    expect((await bring(changed, 'all', id)).body[0]).toMatchObject({ does: 'revise' });
    await bring(changed, 'all', id);
    const found = (await lead.send<Page<SheetRevision>>('GET', '/sheets')).body.items.find(
      ({ body }) => body.title === 'Revised',
    );
    expect(found?.revision).toBe(2);
    // The file of before is no revision: what was put right since stands.
    expect((await bring([sheet('Revised')])).body[0]).toMatchObject({ does: 'older' });
    const { body } = await lead.send<SheetRevision[]>('GET', `/sheets/${found!.sheetId}`);
    expect(body.map(({ body: { source } }) => source)).toEqual(['Revision B', SHEET.source]);
  });

  it('a file of another format is refused', async () => {
    const answer = await lead.send('POST', '/sheets/import', {
      id: uuid(),
      mode: 'all',
      file: { format: 'other/1', sheets: [SHEET] },
    });
    expect(answer.body.fields?.[0]?.path).toBe('file.format');
  });
});

describe('a brake’s own give', () => {
  const give = async () =>
    (await lead.send<LearnedGive>('GET', `/sheets/${shop.ids.sheetId}/give`)).body;
  const leave = { words: 'Waits for pads at home', takenBy: 'The customer' };
  const visit = async (
    firm: number,
    notRepaired: object | null = null,
    change: Record<string, unknown> = {},
  ) => {
    const jobId = await openJob(shop, lead, change);
    await measure(
      lead,
      jobId,
      'lever',
      shop.ids.rule,
      { reach: 60, bite: 20, firm, sunk: firm },
      { basis: 'travel' },
    );
    await lead.append(jobId, entry('test', { test: 'lever-side', end: null, outcome: 'passed' }));
    const sent = { id: uuid(), pin: PIN, toldOf: [], notRepaired };
    expect((await lead.sendJob('POST', `/jobs/${jobId}/sign-off`, sent)).status).toBe(201);
    return jobId;
  };

  it('is learned of five good brakes that were signed off, and of none that left unrepaired or came back', async () => {
    for (const firm of [27, 27, 28, 27]) await visit(firm);
    await visit(26, leave);
    expect(await give()).toEqual({ brakes: 4, ownGiveMl: null });
    const last = await visit(27);
    // (π/4)·10² mm² · 7 mm / 5, in mL, rounded down.
    expect(await give()).toEqual({ brakes: 5, ownGiveMl: 0.109 });
    const { bike, customer } = (await lead.sendJob('GET', `/jobs/${last}`)).body;
    await openJob(shop, lead, { bike: bike.id, customer: customer.id, comebackOf: last });
    expect((await give()).brakes).toBe(4);
  });
});
