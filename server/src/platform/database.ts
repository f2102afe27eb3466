import mysql, {
  type Pool,
  type PoolConnection,
  type ResultSetHeader,
  type RowDataPacket,
} from 'mysql2/promise';
import { setTimeout as pause } from 'node:timers/promises';

export type { Pool } from 'mysql2/promise';
/** A connection inside a transaction, or the pool: anything that can be asked. */
export type Queryable = Pick<PoolConnection, 'execute' | 'query'>;
export type Transaction = PoolConnection;

export interface Account {
  socketPath: string;
  user: string;
  password?: string;
  database?: string;
}

/** MariaDB's error numbers; the driver's names for them are wrong. */
export const ERRNO = { duplicate: 1062, lockWait: 1205, deadlock: 1213 } as const;

const MOST_TRIES = 12;

export function openPool(account: Account): Pool {
  const pool = mysql.createPool({
    ...account,
    connectionLimit: 10,
    timezone: 'Z',
    dateStrings: ['DATE'],
    decimalNumbers: true,
    supportBigNumbers: true,
    charset: 'UTF8MB4_UNICODE_520_CI',
  });
  // Every statement sees what is committed by then: after waiting for a lock, what it guards is read afresh.
  pool.pool.on('connection', (connection) =>
    connection.query('SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED'),
  );
  return pool;
}

export type Value = string | number | boolean | Date | Buffer | null;

/** Rows of a parameterised SELECT. */
export async function select<Row>(
  on: Queryable,
  sql: string,
  values: readonly Value[] = [],
): Promise<Row[]> {
  const [rows] = await on.execute<(RowDataPacket & Row)[]>(sql, [...values]);
  return rows;
}

/** The only row, or null. */
export async function selectOne<Row>(
  on: Queryable,
  sql: string,
  values: readonly Value[] = [],
): Promise<Row | null> {
  return (await select<Row>(on, sql, values))[0] ?? null;
}

/** Runs a parameterised statement and tells how many rows it touched. */
export async function run(
  on: Queryable,
  sql: string,
  values: readonly Value[] = [],
): Promise<number> {
  const [result] = await on.execute<ResultSetHeader>(sql, [...values]);
  return result.affectedRows;
}

/** Holds what there is one of in the shop until the transaction ends: who does the same waits. */
export const holdShop = (on: Transaction): Promise<unknown[]> =>
  select(on, 'SELECT one FROM counter FOR UPDATE');

/** What stands for a list of values in a statement, in parentheses. The list is not empty. */
export const placesFor = (values: readonly unknown[]): string =>
  `(${values.map(() => '?').join(', ')})`;

/** Inserts a row given as column → value. Column names come from code, never from input. */
export async function insert(
  on: Queryable,
  table: string,
  row: Record<string, Value>,
): Promise<void> {
  const columns = Object.keys(row);
  await run(
    on,
    `INSERT INTO ${table} (${columns.join(', ')}) VALUES ${placesFor(columns)}`,
    Object.values(row),
  );
}

/** The error number of a database error, or null of any other. */
export function errnoOf(error: unknown): number | null {
  return typeof error === 'object' &&
    error !== null &&
    'errno' in error &&
    typeof error.errno === 'number'
    ? error.errno
    : null;
}

/**
 * Runs `work` in a transaction: committed when it returns, rolled back when it throws, and tried again
 * when the database chose it as the victim of a deadlock.
 */
export async function inTransaction<T>(
  pool: Pool,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  for (let tries = 1; ; tries++) {
    const connection = await pool.getConnection();
    try {
      await connection.beginTransaction();
      const result = await work(connection);
      await connection.commit();
      return result;
    } catch (error) {
      await connection.rollback().catch(() => connection.destroy());
      const errno = errnoOf(error);
      const lostARace = errno === ERRNO.deadlock || errno === ERRNO.lockWait;
      if (!lostARace || tries === MOST_TRIES) throw error;
    } finally {
      connection.release();
    }
    await pause(Math.random() * 10 * tries);
  }
}
