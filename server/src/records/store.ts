import type { Job } from '@hold-fast/core/job/job';
import type { SealedRecord, SealedRow } from '@hold-fast/contract/jobs';
import type { SealedLink } from '@hold-fast/core/seal/chain';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';

export async function sealOfJob(on: Queryable, jobId: string): Promise<Job['sealed']> {
  const row = await selectOne<{
    seal: string;
    prev: string | null;
    number: number;
    at: Date;
    by: string;
    said: string | null;
    takenBy: string | null;
  }>(
    on,
    `SELECT s.seal, s.prev, s.number, s.sealed_at AS at, p.name AS \`by\`,
            JSON_VALUE(s.canonical, '$.record.notRepaired.words') AS said,
            JSON_VALUE(s.canonical, '$.record.notRepaired.takenBy') AS takenBy
       FROM sealed_record s JOIN person p ON p.id = s.sealed_by WHERE s.job_id = ? AND s.nth = 0`,
    [jobId],
  );
  if (!row) return null;
  const { said, takenBy, at, ...sealed } = row;
  const notRepaired = said !== null && takenBy !== null ? { words: said, takenBy } : null;
  return { ...sealed, at: at.toISOString(), notRepaired };
}

const ROW = `s.id, s.number, s.job_id AS jobId, j.bike_id AS bikeId, j.tag, b.name AS bikeName,
  c.name AS customerName, s.seal, s.prev, s.nth, s.sealed_at AS sealedAt, p.name AS sealedBy,
  JSON_VALUE(s.canonical, '$.record.notRepaired.words') IS NOT NULL AS notRepaired`;
const JOINED = `sealed_record s JOIN job j ON j.id = s.job_id JOIN bike b ON b.id = j.bike_id
  JOIN customer c ON c.id = b.customer_id JOIN person p ON p.id = s.sealed_by`;

type Kept<T> = Omit<T, 'sealedAt' | 'notRepaired'> & { sealedAt: Date; notRepaired: number };
const rowOf = <T extends { sealedAt: Date; notRepaired: number }>(row: T) => ({
  ...row,
  sealedAt: row.sealedAt.toISOString(),
  notRepaired: row.notRepaired === 1,
});
const PAGE = 50;

/** Sealed records, newest first, below number `before` when it is given. */
export async function recordsPage(
  on: Queryable,
  before: number | null,
): Promise<{ items: SealedRow[]; after: string | null }> {
  const rows = await select<Kept<SealedRow>>(
    on,
    `SELECT ${ROW} FROM ${JOINED} ${before === null ? '' : 'WHERE s.number < ?'} ORDER BY s.number DESC LIMIT ${PAGE}`,
    before === null ? [] : [before],
  );
  return {
    items: rows.map(rowOf),
    after: rows.length === PAGE ? String(rows.at(-1)!.number) : null,
  };
}

export async function recordById(on: Queryable, id: string): Promise<SealedRecord | null> {
  const row = await selectOne<Kept<SealedRecord>>(
    on,
    `SELECT ${ROW}, s.canonical FROM ${JOINED} WHERE s.id = ?`,
    [id],
  );
  return row && rowOf(row);
}

/** So many links of the chain after one, in order. */
export function chainAfter(
  on: Queryable,
  number: number,
  most: number,
): Promise<(SealedLink & { number: number })[]> {
  return select(
    on,
    `SELECT number, canonical, seal FROM sealed_record WHERE number > ? ORDER BY number LIMIT ${most}`,
    [number],
  );
}

/** The number of the last link. */
export async function chainLength(on: Queryable): Promise<number> {
  return (await selectOne<{ number: number }>(
    on,
    'SELECT last_record AS number FROM counter WHERE one = 1',
  ))!.number;
}

/** The chain's last seal and number, held until the transaction ends: seals are given one at a time. */
export async function holdHead(on: Queryable): Promise<{ head: string | null; number: number }> {
  const row = await selectOne<{ head: string | null; number: number }>(
    on,
    'SELECT head, last_record AS number FROM counter WHERE one = 1 FOR UPDATE',
  );
  return row!;
}

export async function addRecord(
  on: Queryable,
  record: {
    id: string;
    number: number;
    jobId: string;
    link: SealedLink;
    prev: string | null;
    at: Date;
    personId: string;
    /** 0 for the job's own record; an amendment seals nothing anew. */
    nth: number;
  },
): Promise<void> {
  await insert(on, 'sealed_record', {
    id: record.id,
    number: record.number,
    job_id: record.jobId,
    canonical: record.link.canonical,
    seal: record.link.seal,
    prev: record.prev,
    sealed_at: record.at,
    sealed_by: record.personId,
    nth: record.nth,
  });
  await run(on, 'UPDATE counter SET head = ?, last_record = ? WHERE one = 1', [
    record.link.seal,
    record.number,
  ]);
  if (record.nth > 0) return;
  await run(on, "UPDATE job SET status = 'sealed' WHERE id = ?", [record.jobId]);
}
