import type { PassportTaken, TakePassport } from '@hold-fast/contract/passport';
import type { Person } from '@hold-fast/contract/people';
import {
  doNotRidesOf,
  knownOf,
  passportFault,
  PASSPORT_FORMAT,
  sealPassport,
  type HangsOn,
  type Passport,
} from '@hold-fast/core/passport/passport';
import { v7 as uuid } from 'uuid';
import { adviceOfBike, tagsOfBike } from '../jobs/store';
import { insert, inTransaction, select, selectOne, type Queryable } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { bikeById, holdBike } from './store';

/** The bike as it is taken elsewhere; null where there is none. */
export async function passportOf({ pool, now }: Shop, bikeId: string): Promise<Passport | null> {
  const bike = await bikeById(pool, bikeId);
  if (!bike) return null;
  const { id: _, customerId: _customer, name: _name, version: _version, ...written } = bike;
  const hangsOn = ({ end, subject, found }: HangsOn) => ({ end, subject, found });
  return sealPassport({
    format: PASSPORT_FORMAT,
    writtenAt: now().toISOString(),
    bike: written,
    doNotRide: (await tagsOfBike(pool, bikeId)).map((tag) =>
      hangsOn({ ...tag, found: [...tag.found] }),
    ),
    againstAdvice: (await adviceOfBike(pool, bikeId)).map((advice) => ({
      ...hangsOn(advice),
      words: advice.words,
    })),
    records: await select<Passport['records'][number]>(
      pool,
      `SELECT s.number, s.prev, s.seal, s.canonical
         FROM job j JOIN sealed_record s ON s.job_id = j.id WHERE j.bike_id = ? ORDER BY s.number`,
      [bikeId],
    ),
  });
}

/**
 * Takes in what another workshop wrote of a bike: kept whole, and what hangs on the bike by it hung here, at its last visit. Nothing
 * else of it counts. The same passport twice is one.
 * @throws Refusal `not-found`, `invalid-input` of one that was altered, that is another bike’s, or of a bike that was never checked in
 */
export async function takePassport(
  { pool, now }: Shop,
  person: Person,
  bikeId: string,
  { id, passport }: TakePassport,
): Promise<void> {
  await inTransaction(pool, async (transaction) => {
    const at = now();
    const body = { passport: passport.seal, bikeId };
    const seq = await takeOnce(transaction, { id, body, personId: person.id, at });
    if (seq === null) return;
    const bike = await holdBike(transaction, bikeId);
    if (!bike) throw new Refusal('not-found');
    const fault = passportFault(passport, bike.serial);
    if (fault) {
      const { code, ...facts } = fault;
      throw new Refusal('invalid-input', { fields: [{ path: 'passport', code, facts }] });
    }
    const job = await selectOne<{ id: string }>(
      transaction,
      'SELECT id FROM job WHERE bike_id = ? ORDER BY tag DESC LIMIT 1',
      [bikeId],
    );
    if (!job) throw refuseField('invalid-input', 'passport', 'no-visit');
    const known = await selectOne(
      transaction,
      'SELECT id FROM passport WHERE bike_id = ? AND seal = ?',
      [bikeId, passport.seal],
    );
    if (known) return;
    await insert(transaction, 'passport', {
      id,
      bike_id: bikeId,
      seal: passport.seal,
      body: JSON.stringify(passport),
      at,
      by_person: person.id,
    });
    const hang = (each: HangsOn, sort: object) =>
      insert(transaction, 'bike_tag', {
        id: uuid(),
        bike_id: bikeId,
        job_id: job.id,
        brake_end: each.end,
        subject: each.subject,
        found: JSON.stringify(knownOf(each.found)),
        raised_at: at,
        raised_seq: seq,
        passport_id: id,
        ...sort,
      });
    for (const each of doNotRidesOf(passport)) await hang(each, {});
    for (const { words, ...each } of passport.againstAdvice)
      await hang(each, { sort: 'against-advice', words });
  });
}

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
