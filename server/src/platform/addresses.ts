import { randomBytes } from 'node:crypto';
import { run, select, selectOne, type Queryable, type Transaction, type Value } from './database';

// Addresses nobody can guess: whoever has one sees what it shows, until it is withdrawn. Each table of them has the same columns.
type Table = 'report_link' | 'calendar_feed';

/** 128 bits of chance, base64url: nobody comes by it by trying. */
export const newToken = (): string => randomBytes(16).toString('base64url');

interface Address {
  id: string;
  token: string;
  madeAt: string;
  madeBy: string;
  withdrawn: { at: string; by: string } | null;
}

/** The addresses of a table, or of one thing in it, the newest first. */
export async function addressesIn(
  on: Queryable,
  table: Table,
  where = 'TRUE',
  values: readonly Value[] = [],
): Promise<Address[]> {
  const rows = await select<{
    id: string;
    token: string;
    madeAt: Date;
    madeBy: string;
    withdrawnAt: Date | null;
    withdrawnBy: string | null;
  }>(
    on,
    `SELECT a.id, a.token, a.made_at AS madeAt, m.name AS madeBy, a.withdrawn_at AS withdrawnAt, w.name AS withdrawnBy
       FROM ${table} a JOIN person m ON m.id = a.made_by LEFT JOIN person w ON w.id = a.withdrawn_by
      WHERE ${where} ORDER BY a.made_at DESC, a.id DESC LIMIT 50`,
    [...values],
  );
  return rows.map(({ withdrawnAt, withdrawnBy, madeAt, ...row }) => ({
    ...row,
    madeAt: madeAt.toISOString(),
    withdrawn: withdrawnAt && { at: withdrawnAt.toISOString(), by: withdrawnBy! },
  }));
}

/** Withdraws an address; one that was withdrawn before stays as it was. @returns whether there is such a one */
export async function withdrawAddress(
  on: Transaction,
  table: Table,
  id: string,
  at: Date,
  personId: string,
): Promise<boolean> {
  if (!(await selectOne(on, `SELECT id FROM ${table} WHERE id = ? FOR UPDATE`, [id]))) return false;
  await run(
    on,
    `UPDATE ${table} SET withdrawn_at = ?, withdrawn_by = ? WHERE id = ? AND withdrawn_at IS NULL`,
    [at, personId, id],
  );
  return true;
}
