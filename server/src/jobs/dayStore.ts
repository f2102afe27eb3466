import { MOST_A_DAY } from '@hold-fast/contract/day';
import { run, select, selectOne, type Queryable, type Transaction } from '../platform/database';

const AT_THE_BENCH = "role IN ('mechanic', 'lead', 'owner') AND NOT locked";

/** Who works at the bench on a day, by name: also who no longer does and has jobs there, so that none is out of sight. */
export function mechanics(on: Queryable, day: string): Promise<{ id: string; name: string }[]> {
  return select(
    on,
    `SELECT id, name FROM person
      WHERE ${AT_THE_BENCH} OR EXISTS (SELECT 1 FROM booking k WHERE k.person_id = person.id AND k.day = ?) ORDER BY name`,
    [day],
  );
}

const ROW = `j.id AS jobId, j.tag, b.name AS bikeName, c.name AS customerName, j.promised_at AS promisedAt, j.minutes`;
const JOINED = `job j JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id`;
export interface PlacedRow {
  jobId: string;
  tag: number;
  bikeName: string;
  customerName: string;
  promisedAt: Date;
  minutes: number | null;
}

/** The open jobs of a day, in the order of each mechanic. */
export function placedOn(
  on: Queryable,
  day: string,
): Promise<(PlacedRow & { personId: string })[]> {
  return select(
    on,
    `SELECT ${ROW}, k.person_id AS personId FROM booking k JOIN ${JOINED.replace('job j', 'job j ON j.id = k.job_id')}
      WHERE k.day = ? AND j.status = 'open' ORDER BY k.person_id, k.place, k.job_id`,
    [day],
  );
}

/** Open jobs that have no place, the first promised first. */
export function unplaced(on: Queryable): Promise<PlacedRow[]> {
  return select(
    on,
    `SELECT ${ROW} FROM ${JOINED} LEFT JOIN booking k ON k.job_id = j.id
      WHERE j.status = 'open' AND k.job_id IS NULL ORDER BY j.promised_at, j.id LIMIT ${MOST_A_DAY}`,
  );
}

export async function unplacedCount(on: Queryable): Promise<number> {
  const row = await selectOne<{ jobs: number }>(
    on,
    `SELECT COUNT(*) AS jobs FROM job j LEFT JOIN booking k ON k.job_id = j.id
      WHERE j.status = 'open' AND k.job_id IS NULL`,
  );
  return row!.jobs;
}

/** Holds a mechanic until the transaction ends: their days change one write at a time. @returns whether there is such a one */
export async function holdMechanic(on: Transaction, personId: string): Promise<boolean> {
  const row = await selectOne(
    on,
    `SELECT id FROM person WHERE id = ? AND ${AT_THE_BENCH} FOR UPDATE`,
    [personId],
  );
  return row !== null;
}

export async function isOpen(on: Transaction, jobId: string): Promise<boolean | null> {
  const row = await selectOne<{ status: string }>(on, 'SELECT status FROM job WHERE id = ?', [
    jobId,
  ]);
  return row && row.status === 'open';
}

/** The jobs of a mechanic's day in their order; what is sealed keeps its place. */
export async function orderOf(on: Queryable, day: string, personId: string): Promise<string[]> {
  const rows = await select<{ id: string }>(
    on,
    'SELECT job_id AS id FROM booking WHERE day = ? AND person_id = ? ORDER BY place, job_id',
    [day, personId],
  );
  return rows.map(({ id }) => id);
}

export async function takeOff(on: Transaction, jobId: string): Promise<void> {
  await run(on, 'DELETE FROM booking WHERE job_id = ?', [jobId]);
}

/** Writes a mechanic's day down in this order. */
export async function keepOrder(
  on: Transaction,
  day: string,
  personId: string,
  jobs: readonly string[],
): Promise<void> {
  for (const [place, jobId] of jobs.entries())
    await run(on, 'REPLACE INTO booking (job_id, day, person_id, place) VALUES (?, ?, ?, ?)', [
      jobId,
      day,
      personId,
      place,
    ]);
}
