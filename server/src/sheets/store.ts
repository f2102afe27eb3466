import type { SheetRevision } from '@hold-fast/contract/sheets';
import { insert, select, selectOne, type Asked } from '../platform/database';

const COLUMNS = 'r.id, r.sheet_id AS sheetId, r.revision, r.body';

/** The newest revision of every sheet. */
export function currentSheets(on: Asked): Promise<SheetRevision[]> {
  return select<SheetRevision>(
    on,
    `SELECT ${COLUMNS} FROM spec_sheet_revision r
      WHERE r.revision = (SELECT MAX(n.revision) FROM spec_sheet_revision n WHERE n.sheet_id = r.sheet_id)
      ORDER BY r.title, r.id LIMIT 500`,
  );
}

export function sheetRevision(on: Asked, id: string): Promise<SheetRevision | null> {
  return selectOne(on, `SELECT ${COLUMNS} FROM spec_sheet_revision r WHERE r.id = ?`, [id]);
}

export async function addSheet(on: Asked, sheet: SheetRevision, at: Date): Promise<void> {
  if (sheet.revision === 1) await insert(on, 'spec_sheet', { id: sheet.sheetId, created_at: at });
  await insert(on, 'spec_sheet_revision', {
    id: sheet.id,
    sheet_id: sheet.sheetId,
    revision: sheet.revision,
    title: sheet.body.title,
    body: JSON.stringify(sheet.body),
    created_at: at,
  });
}
