import type { TakePassport } from '@hold-fast/contract/passport';
import type { Person } from '@hold-fast/contract/people';
import { lotsBrought } from '@hold-fast/core/passport/lots';
import {
  bikeSaid,
  doNotRidesOf,
  passportFault,
  PASSPORT_FORMAT,
  sealPassport,
  type HangsOn,
  type Passport,
} from '@hold-fast/core/passport/passport';
import { adviceOfBike, tagsOfBike } from './visitStore';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import {
  addPassport,
  bringLot,
  hangBrought,
  isTaken,
  lastJobOf,
  recordsOfBike,
} from './passportStore';
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
    bike: bikeSaid(written),
    doNotRide: (await tagsOfBike(pool, bikeId)).map((tag) =>
      hangsOn({ ...tag, found: [...tag.found] }),
    ),
    againstAdvice: (await adviceOfBike(pool, bikeId)).map((advice) => ({
      ...hangsOn(advice),
      words: advice.words,
    })),
    records: await recordsOfBike(pool, bikeId),
  });
}

/**
 * Takes in what another workshop wrote of a bike: kept whole, what hangs on the bike by it hung here, at its last visit, and a maker's
 * notice of a lot that it says went in meets the bike. Nothing else of it counts. The same passport twice is one.
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
    const jobId = await lastJobOf(transaction, bikeId);
    if (!jobId) throw refuseField('invalid-input', 'passport', 'no-visit');
    if (await isTaken(transaction, bikeId, passport.seal)) return;
    await addPassport(transaction, passport, { id, bikeId, at, personId: person.id });
    const taken = { id, bikeId, jobId, seq, at };
    for (const each of doNotRidesOf(passport)) await hangBrought(transaction, each, taken, null);
    for (const { words, ...each } of passport.againstAdvice)
      await hangBrought(transaction, each, taken, words);
    for (const lot of lotsBrought(passport)) await bringLot(transaction, lot, taken);
  });
}
