import type { PassportTaken } from '@hold-fast/contract/passport';
import type { LotBrought } from '@hold-fast/core/passport/lots';
import { knownOf, type HangsOn, type Passport } from '@hold-fast/core/passport/passport';
import { v7 as uuid } from 'uuid';
import { insert, run, select, selectOne, type Queryable } from '../platform/database';

/** The sealed records of a bike and their corrections, in their order. */
export const recordsOfBike = (on: Queryable, bikeId: string): Promise<Passport['records']> =>
  select(
    on,
    `SELECT s.number, s.prev, s.seal, s.canonical
       FROM job j JOIN sealed_record s ON s.job_id = j.id WHERE j.bike_id = ? ORDER BY s.number`,
    [bikeId],
  );

/** The last visit of a bike, by its id; null while there was none. */
export async function lastJobOf(on: Queryable, bikeId: string): Promise<string | null> {
  const job = await selectOne<{ id: string }>(
    on,
    'SELECT id FROM job WHERE bike_id = ? ORDER BY tag DESC LIMIT 1',
    [bikeId],
  );
  return job?.id ?? null;
}

export async function isTaken(on: Queryable, bikeId: string, seal: string): Promise<boolean> {
  const values = [bikeId, seal];
  return (
    (await selectOne(on, 'SELECT id FROM passport WHERE bike_id = ? AND seal = ?', values)) !== null
  );
}

/** When a passport was taken in: its place among all writes, and whose write it was. */
interface Taken {
  id: string;
  bikeId: string;
  jobId: string;
  seq: number;
  at: Date;
}

export async function addPassport(
  on: Queryable,
  passport: Passport,
  { id, bikeId, at, personId }: Pick<Taken, 'id' | 'bikeId' | 'at'> & { personId: string },
): Promise<void> {
  await insert(on, 'passport', {
    id,
    bike_id: bikeId,
    seal: passport.seal,
    body: JSON.stringify(passport),
    at,
    by_person: personId,
  });
}

/** Hangs what a passport brings on the bike, at a visit; what was done before it came in takes nothing off. */
export async function hangBrought(
  on: Queryable,
  { end, subject, found }: HangsOn,
  { id, bikeId, jobId, seq, at }: Taken,
  /** Of what is ridden against advice; null of a do-not-ride. */
  words: string | null,
): Promise<void> {
  await insert(on, 'bike_tag', {
    id: uuid(),
    bike_id: bikeId,
    job_id: jobId,
    brake_end: end,
    subject,
    found: JSON.stringify(knownOf(found)),
    raised_at: at,
    raised_seq: seq,
    passport_id: id,
    ...(words === null ? {} : { sort: 'against-advice', words }),
  });
}

/** Writes down a maker's lot that a passport says went in, so that a notice of it meets the bike. */
export const bringLot = (
  on: Queryable,
  { end, part, lot }: LotBrought,
  { id, bikeId, jobId, seq }: Taken,
): Promise<unknown> =>
  // Two spellings of a lot are one to the database.
  run(
    on,
    `INSERT IGNORE INTO lot_brought (passport_id, brake_end, part, lot, bike_id, job_id, seq) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [id, end, part, lot, bikeId, jobId, seq],
  );

/** What was taken in of a bike, the newest first. */
export async function passportsTaken(on: Queryable, bikeId: string): Promise<PassportTaken[]> {
  const rows = await select<{ id: string; body: unknown; at: Date; by: string }>(
    on,
    `SELECT t.id, t.body, t.at, p.name AS \`by\` FROM passport t JOIN person p ON p.id = t.by_person
      WHERE t.bike_id = ? ORDER BY t.at DESC, t.id`,
    [bikeId],
  );
  return rows.map(({ body, at, ...row }) => ({
    ...row,
    at: at.toISOString(),
    passport: (typeof body === 'string' ? JSON.parse(body) : body) as Passport,
  }));
}
