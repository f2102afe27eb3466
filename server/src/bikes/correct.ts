import { isLead } from '@hold-fast/contract/roles';
import type { Bike, BikeCorrection, CustomerCorrection } from '@hold-fast/contract/bikes';
import type { Person } from '@hold-fast/contract/people';
import { easedBy } from '@hold-fast/core/kit/brakes';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { Refusal, refuseField } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import {
  bikeOfSerial,
  changeBike,
  changeCustomer,
  customerById,
  holdBike,
  holdCustomer,
} from './store';

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
    const eased = easedBy(was, became);
    if (eased !== null && !isLead(person)) throw refuseField('not-allowed', eased, 'asks-less');
    if (eased !== null && words === '') throw refuseField('invalid-input', 'words', 'say-why');
    if (!(await customerById(transaction, became.customerId)))
      throw refuseField('invalid-input', 'customerId', 'unknown');
    const other =
      became.serial === was.serial ? null : await bikeOfSerial(transaction, became.serial);
    if (other && other !== bikeId) throw refuseField('invalid-input', 'serial', 'serial-taken');
    await changeBike(transaction, {
      id,
      version: version + 1,
      was,
      became,
      at,
      personId: person.id,
      words,
    });
  });
}

/**
 * Corrects what is written of a customer, and keeps what stood before.
 * @throws Refusal `not-found`, `version-conflict`
 */
export async function correctCustomer(
  shop: Shop,
  person: Person,
  customerId: string,
  { id, version, ...written }: CustomerCorrection,
): Promise<void> {
  await inTransaction(shop.pool, async (transaction) => {
    const at = shop.now();
    const body = { customerId, version, ...written };
    if ((await takeOnce(transaction, { id, body, personId: person.id, at })) === null) return;
    const held = await holdCustomer(transaction, customerId);
    if (!held) throw new Refusal('not-found');
    const { version: stands, ...was } = held;
    if (stands !== version)
      throw new Refusal('version-conflict', { facts: { current: { ...was, version: stands } } });
    const became = { id: customerId, ...written };
    const change = { id, version: version + 1, was, became, at, personId: person.id };
    await changeCustomer(transaction, change);
  });
}
