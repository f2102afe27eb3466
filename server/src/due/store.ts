import type { DueRow } from '@hold-fast/contract/due';
import type { DuesOfVisit } from '@hold-fast/core/due/due';
import type { End } from '@hold-fast/core/ends';
import { run, select, selectOne, type Queryable, type Transaction } from '../platform/database';

/** Keeps what a signed visit leaves due: what it set takes the place of what was due before, put off or not. */
export async function keepDues(
  transaction: Transaction,
  job: { id: string; bikeId: string },
  { set, answered }: DuesOfVisit,
): Promise<void> {
  for (const { end, of } of answered)
    await run(transaction, 'DELETE FROM due WHERE bike_id = ? AND brake_end = ? AND what = ?', [
      job.bikeId,
      end,
      of,
    ]);
  for (const { end, of, on, because, days, proven } of set)
    await run(
      transaction,
      `${proven ? 'REPLACE' : 'INSERT IGNORE'} INTO due (bike_id, brake_end, what, due_on, shown_on, because, days, job_id)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
      [job.bikeId, end, of, on, on, because, days, job.id],
    );
}

const PAGE = 50;
/** Of two that fall on one day the same comes first each time. */
const ORDER = 'd.shown_on, d.bike_id, d.brake_end, d.what';
const ROW = `d.bike_id AS bikeId, b.name AS bikeName, c.name AS customerName, c.phone, d.brake_end AS end,
  d.what AS \`of\`, DATE_FORMAT(d.due_on, '%Y-%m-%d') AS \`on\`,
  DATE_FORMAT(d.shown_on, '%Y-%m-%d') AS shownOn, d.because, d.days, d.job_id AS jobId, j.tag,
  d.snoozed_words AS words, p.name AS \`by\`,
  (SELECT MAX(m.at) FROM message m WHERE m.bike_id = d.bike_id AND m.about = 'due'
     AND m.at >= (SELECT MAX(s.sealed_at) FROM sealed_record s WHERE s.job_id = d.job_id AND s.nth = 0)) AS remindedAt`;
const JOINED = `due d JOIN bike b ON b.id = d.bike_id JOIN customer c ON c.id = b.customer_id
  JOIN job j ON j.id = d.job_id LEFT JOIN person p ON p.id = d.snoozed_by`;
/** Those that fall first of what is asked for: cut before anything is joined to them. */
const cut = (where: string, most: number) =>
  `SELECT ${ROW} FROM (SELECT d.bike_id, d.brake_end, d.what FROM due d WHERE ${where} ORDER BY ${ORDER} LIMIT ${most}) first
    STRAIGHT_JOIN ${JOINED}
    WHERE d.bike_id = first.bike_id AND d.brake_end = first.brake_end AND d.what = first.what ORDER BY ${ORDER}`;
type Row = Omit<DueRow, 'snoozed' | 'remindedAt'> & {
  words: string | null;
  by: string | null;
  remindedAt: Date | null;
};

const dueOf = ({ words, by, remindedAt, ...row }: Row): DueRow => ({
  ...row,
  remindedAt: remindedAt?.toISOString() ?? null,
  snoozed: words !== null && by !== null ? { words, by } : null,
});

/** What is due, the soonest first, after a place in that order. */
export async function duesPage(
  on: Queryable,
  after: readonly string[] | null,
): Promise<{ items: DueRow[]; after: string | null }> {
  const rows = await select<Row>(
    on,
    cut(after ? `(${ORDER}) > (?, ?, ?, ?)` : 'TRUE', PAGE),
    after ? [...after] : [],
  );
  const last = rows.length === PAGE ? rows.at(-1)! : null;
  return {
    items: rows.map(dueOf),
    after: last ? [last.shownOn, last.bikeId, last.end, last.of].join(' ') : null,
  };
}

/** All that is due until a day, for a calendar. */
export async function duesUntil(on: Queryable, day: string, most: number): Promise<DueRow[]> {
  const rows = await select<Row>(on, cut('d.shown_on <= ?', most), [day]);
  return rows.map(dueOf);
}

export async function duesOfBike(on: Queryable, bikeId: string): Promise<DueRow[]> {
  const rows = await select<Row>(
    on,
    `SELECT ${ROW} FROM ${JOINED} WHERE d.bike_id = ? ORDER BY ${ORDER}`,
    [bikeId],
  );
  return rows.map(dueOf);
}

/** Puts something due off. @returns whether there is such a thing */
export async function snooze(
  transaction: Transaction,
  { bikeId, end, of }: { bikeId: string; end: End; of: string },
  until: string,
  words: string,
  personId: string,
): Promise<boolean> {
  const here = await selectOne(
    transaction,
    'SELECT what FROM due WHERE bike_id = ? AND brake_end = ? AND what = ? FOR UPDATE',
    [bikeId, end, of],
  );
  if (!here) return false;
  await run(
    transaction,
    `UPDATE due SET shown_on = ?, snoozed_until = ?, snoozed_words = ?, snoozed_by = ?
      WHERE bike_id = ? AND brake_end = ? AND what = ?`,
    [until, until, words, personId, bikeId, end, of],
  );
  return true;
}
