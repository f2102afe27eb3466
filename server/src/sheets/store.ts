import type { Judgement } from '@hold-fast/core/inspection/judge';
import type { SignedLever } from '@hold-fast/core/lever/learnedGive';
import type { SheetRevision, SpecSheet } from '@hold-fast/core/sheet/sheet';
import type { SheetHistoryRow, SpecSheetBody } from '@hold-fast/contract/sheets';
import type { Page } from '@hold-fast/contract/jobs';
import { insert, placesFor, type Queryable, select, selectOne } from '../platform/database';
import { pageOf } from '../platform/page';

const COLUMNS = 'r.id, r.sheet_id AS sheetId, r.revision, r.body';

const NEWEST =
  'r.revision = (SELECT MAX(n.revision) FROM spec_sheet_revision n WHERE n.sheet_id = r.sheet_id)';

/** The newest revision of the sheets, by title. */
export function sheetsPage(on: Queryable, after: string | null): Promise<Page<SheetRevision>> {
  const list = {
    rows: `SELECT ${COLUMNS} FROM spec_sheet_revision r`,
    where: { sql: NEWEST, values: [] },
    key: 'r.title, r.id',
    keyOf: 'SELECT a.title, a.id FROM spec_sheet_revision a WHERE a.id = ?',
  };
  return pageOf(on, list, after);
}

export function sheetRevision(on: Queryable, id: string): Promise<SheetRevision | null> {
  return selectOne(on, `SELECT ${COLUMNS} FROM spec_sheet_revision r WHERE r.id = ?`, [id]);
}

/** Revisions of sheets, by their ids. */
export async function sheetRevisions(
  on: Queryable,
  ids: readonly string[],
): Promise<Map<string, SheetRevision>> {
  if (ids.length === 0) return new Map();
  const rows = await select<SheetRevision>(
    on,
    `SELECT ${COLUMNS} FROM spec_sheet_revision r WHERE r.id IN ${placesFor(ids)}`,
    ids,
  );
  return new Map(rows.map((row) => [row.id, row]));
}

/** The newest revision of each sheet that one of these revisions belongs to, by the sheet's id. */
export async function newestRevisions(
  on: Queryable,
  revisionIds: readonly string[],
): Promise<Record<string, SheetRevision>> {
  if (revisionIds.length === 0) return {};
  const rows = await select<SheetRevision>(
    on,
    `SELECT ${COLUMNS} FROM spec_sheet_revision r
      WHERE r.sheet_id IN (SELECT s.sheet_id FROM spec_sheet_revision s
                            WHERE s.id IN ${placesFor(revisionIds)})
      ORDER BY r.revision`,
    revisionIds,
  );
  return Object.fromEntries(rows.map((row) => [row.sheetId, row]));
}

/** So many of a sheet's levers are looked at, the newest first: what was learned of older ones is in the sheet by now. */
const MOST_LEVERS = 400;

/**
 * How the levers of a sheet's brakes were measured at visits that were signed off and did not come back, the newest first. One lever that
 * works two brakes gives for both, and says nothing of one.
 */
export async function signedLevers(on: Queryable, sheetId: string): Promise<SignedLever[]> {
  const rows = await select<
    Omit<SignedLever, 'verdict' | 'facts'> & { judgement: Judgement; body: SpecSheet }
  >(
    on,
    `SELECT j.bike_id AS bikeId, m.brake_end AS end, v.judgement, r.body
       FROM spec_sheet_revision r JOIN identification i ON i.sheet_revision_id = r.id
       JOIN job j ON j.id = i.job_id AND j.status = 'sealed'
       JOIN bike b ON b.id = j.bike_id AND b.shared_lever = 'none'
       JOIN sealed_record s ON s.job_id = j.id AND s.nth = 0
       JOIN measurement m ON m.job_id = j.id AND m.brake_end = i.brake_end AND m.part = 'lever'
       JOIN verdict v ON v.measurement_id = m.id AND v.sheet_revision_id = r.id
      WHERE r.sheet_id = ? AND JSON_TYPE(JSON_EXTRACT(s.canonical, '$.record.notRepaired')) = 'NULL'
        AND NOT EXISTS (SELECT 1 FROM job c WHERE c.comeback_of = j.id)
      ORDER BY j.tag DESC, v.seq DESC LIMIT ${MOST_LEVERS}`,
    [sheetId],
  );
  return rows.flatMap(({ judgement, body, ...lever }) =>
    judgement.ok && judgement.measurand === 'lever'
      ? [{ ...lever, facts: body.lever, verdict: judgement.verdict }]
      : [],
  );
}

/** Every revision of a sheet, newest first. */
export async function sheetHistory(on: Queryable, sheetId: string): Promise<SheetHistoryRow[]> {
  const rows = await select<Omit<SheetHistoryRow, 'at'> & { at: Date }>(
    on,
    `SELECT ${COLUMNS}, r.note, r.created_at AS at, p.name AS \`by\`
       FROM spec_sheet_revision r LEFT JOIN person p ON p.id = r.by_person
      WHERE r.sheet_id = ? ORDER BY r.revision DESC`,
    [sheetId],
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}

/** The newest revision of the sheet of this title, or null. */
export function sheetByTitle(on: Queryable, title: string): Promise<SheetRevision | null> {
  return selectOne(
    on,
    `SELECT ${COLUMNS} FROM spec_sheet_revision r
      WHERE r.title = ? AND ${NEWEST}
      ORDER BY r.id LIMIT 1`,
    [title],
  );
}

interface NewRevision {
  id: string;
  sheetId: string;
  revision: number;
  body: SpecSheetBody;
  note?: string;
  at: Date;
  personId?: string;
}

export async function addSheet(on: Queryable, sheet: NewRevision): Promise<void> {
  if (sheet.revision === 1)
    await insert(on, 'spec_sheet', { id: sheet.sheetId, created_at: sheet.at });
  await insert(on, 'spec_sheet_revision', {
    id: sheet.id,
    sheet_id: sheet.sheetId,
    revision: sheet.revision,
    title: sheet.body.title,
    body: JSON.stringify(sheet.body),
    note: sheet.note ?? '',
    by_person: sheet.personId ?? null,
    created_at: sheet.at,
  });
}
