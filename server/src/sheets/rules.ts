import {
  SpecSheetBody,
  type ImportRow,
  type SheetEdit,
  type SheetsImport,
} from '@hold-fast/contract/sheets';
import { canonicalJson, type Json } from '@hold-fast/core/seal/canonical';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import type { Person } from '@hold-fast/contract/people';
import { v7 as uuid } from 'uuid';
import { holdShop, inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { faultsOf } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { addSheet, sheetByTitle, sheetHistory } from './store';

/**
 * Adds a sheet, or a revision to one. The old revision stays, and jobs keep the one they were judged by.
 * @throws Refusal `version-conflict` when somebody revised it in the meantime, `invalid-input` for a sheet that
 * takes another's title.
 */
export async function editSheet(shop: Shop, person: Person, edit: SheetEdit): Promise<void> {
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const write = { id: edit.id, body: edit, personId: person.id, at };
    if ((await takeOnce(transaction, write)) === null) return;
    await holdLibrary(transaction);
    const [newest] = await sheetHistory(transaction, edit.sheetId);
    if ((newest?.id ?? null) !== edit.baseId)
      throw new Refusal('version-conflict', { facts: { current: newest ?? null } });
    const namesake = await sheetByTitle(transaction, edit.body.title);
    if (namesake && namesake.sheetId !== edit.sheetId)
      throw refuseField('invalid-input', 'body.title', 'taken');
    await addSheet(transaction, {
      ...edit,
      revision: (newest?.revision ?? 0) + 1,
      at,
      personId: person.id,
    });
  });
}

/**
 * Takes sheets in from a file: a new title adds a sheet, a known one revises it, and what is there already, or was
 * before it was revised, is left alone: the same file taken in twice doubles nothing, and an old one undoes nothing.
 * @returns what it does with each row; a preview writes nothing
 * @throws Refusal `invalid-input` in mode `all` when a row is refused: nothing is written then
 */
export async function importSheets(
  shop: Shop,
  person: Person,
  { id, mode, file }: SheetsImport,
): Promise<ImportRow[]> {
  return inTransaction(shop.pool, async (transaction) => {
    await holdLibrary(transaction);
    const rows: ImportRow[] = [];
    const titles = new Set<string>();
    const writes: (() => Promise<void>)[] = [];
    const at = shop.now();
    for (const [i, sheet] of file.sheets.entries()) {
      const { row, body } = rowOf(i + 1, sheet, titles);
      rows.push(row);
      if (!body) continue;
      const known = await sheetByTitle(transaction, body.title);
      row.does = known ? await revises(transaction, known, body) : 'add';
      if (row.does === 'add' || row.does === 'revise')
        writes.push(() =>
          addSheet(transaction, {
            id: uuid(),
            sheetId: known?.sheetId ?? uuid(),
            revision: (known?.revision ?? 0) + 1,
            body,
            note: 'taken in from a file',
            at,
            personId: person.id,
          }),
        );
    }
    if (mode === 'preview') return rows;
    if (mode === 'all' && rows.some(({ does }) => does === 'refused'))
      throw new Refusal('invalid-input', {
        facts: { code: 'rows-refused' },
        fields: rows.flatMap(({ row, faults }) =>
          faults.map(({ path, code }) => ({ path: `file.sheets.${row - 1}.${path}`, code })),
        ),
      });
    const taken = { id, body: { mode, file }, personId: person.id, at };
    if ((await takeOnce(transaction, taken)) !== null) for (const write of writes) await write();
    return rows;
  });
}

/** What a body does to the sheet of its title: a file of before does not undo what was put right since. */
async function revises(
  transaction: Transaction,
  { sheetId, body: stands }: SheetRevision,
  body: SpecSheetBody,
): Promise<'nothing' | 'older' | 'revise'> {
  if (sameBody(stands, body)) return 'nothing';
  const before = await sheetHistory(transaction, sheetId);
  return before.some((each) => sameBody(each.body, body)) ? 'older' : 'revise';
}

/** One change to the library at a time. */
async function holdLibrary(transaction: Transaction): Promise<void> {
  await holdShop(transaction);
}

function rowOf(
  row: number,
  sheet: unknown,
  titles: Set<string>,
): { row: ImportRow; body: SpecSheetBody | null } {
  const named = typeof sheet === 'object' && sheet !== null && 'title' in sheet;
  const title = named && typeof sheet.title === 'string' ? sheet.title.slice(0, 80) : '';
  const refused = (faults: ImportRow['faults']) => ({
    row: { row, title, does: 'refused' as const, faults },
    body: null,
  });
  const parsed = SpecSheetBody.safeParse(sheet);
  if (!parsed.success) return refused(parsed.error.issues.flatMap(faultsOf));
  if (titles.has(parsed.data.title)) return refused([{ path: 'title', code: 'taken' }]);
  titles.add(parsed.data.title);
  return { row: { row, title, does: 'nothing', faults: [] }, body: parsed.data };
}

function sameBody(a: SpecSheetBody, b: SpecSheetBody): boolean {
  return canonicalJson(a as unknown as Json) === canonicalJson(b as unknown as Json);
}
