import type { Bike, BikeCorrection } from '@hold-fast/contract/bikes';
import type { Person } from '@hold-fast/contract/people';
import { easesBike } from '@hold-fast/core/kit/bike';
import { isLead } from '../people/rules';
import { inTransaction, insert, run } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { bikeOfSerial, customerById, holdBike } from './store';

/**
 * Corrects what is written of a bike, and keeps what stood before. Its open jobs go by what it now is; sealed ones keep what it
 * was that day.
 * @throws Refusal `not-found`, `version-conflict`, `not-allowed` where less would be asked of it and the person is no lead,
 *   `invalid-input` of an unknown customer, a serial that another bike has, or a correction that eases and says not why
 */
export async function correctBike(
  shop: Shop,
  person: Person,
  bikeId: string,
  { id, version, words, ...written }: BikeCorrection,
): Promise<void> {
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const body = { bikeId, version, words, ...written };
    if ((await takeOnce(transaction, { id, body, personId: person.id, at })) === null) return;
    const held = await holdBike(transaction, bikeId);
    if (!held) throw new Refusal('not-found');
    const { version: stands, ...was } = held;
    if (stands !== version)
      throw new Refusal('version-conflict', { facts: { current: { ...was, version: stands } } });
    const became: Bike = { id: bikeId, ...written };
    if (easesBike(was, became) && !isLead(person))
      throw refuseField('not-allowed', 'motor', 'lead-only');
    if (easesBike(was, became) && words === '')
      throw refuseField('invalid-input', 'words', 'say-why');
    if (!(await customerById(transaction, became.customerId)))
      throw refuseField('invalid-input', 'customerId', 'unknown');
    const other = await bikeOfSerial(transaction, became.serial);
    if (other && other !== bikeId) throw refuseField('invalid-input', 'serial', 'serial-taken');
    await run(
      transaction,
      `UPDATE bike SET customer_id = ?, name = ?, maker = ?, serial = ?, motor = ?, system_mass_kg = ?, terrain = ?,
         wet = ?, km_per_week = ?, version = version + 1 WHERE id = ?`,
      [
        became.customerId,
        became.name,
        became.maker,
        became.serial,
        became.motor,
        became.systemMassKg,
        became.terrain,
        became.wet,
        became.kmPerWeek,
        bikeId,
      ],
    );
    await insert(transaction, 'bike_change', {
      id,
      bike_id: bikeId,
      version: version + 1,
      was: JSON.stringify(was),
      became: JSON.stringify(became),
      words,
      changed_at: at,
      changed_by: person.id,
    });
  });
}
