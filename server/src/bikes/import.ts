import type { BikeRow } from '@hold-fast/contract/bikeRows';
import { v7 as uuid } from 'uuid';
import type { TakeRow } from '../platform/rowsIn';
import { addBike, addCustomer, bikeById, bikeOfSerial, bikesNamed, customersNamed } from './store';

/**
 * A customer from a table, with one bike of theirs. What is there already is left as it is, so that the same table can be taken in
 * again.
 */
export const takeBike: TakeRow<BikeRow> = async (on, { customer, bike }, { writes, at }) => {
  const namesakes = await customersNamed(on, customer.name);
  const theirs = namesakes.filter(
    ({ phone }) => customer.phone === null || phone === null || phone === customer.phone,
  );
  if (theirs.length > 1) return { does: 'refused', fault: 'which-customer' };
  const [known] = theirs;
  if (bike) {
    const bySerial = await bikeOfSerial(on, bike.serial);
    if (bySerial) {
      const owner = (await bikeById(on, bySerial))!.customerId;
      return owner === known?.id ? { does: 'there' } : { does: 'refused', fault: 'serial-taken' };
    }
    const alike = known ? await bikesNamed(on, known.id, bike.name) : [];
    if (alike.some(({ serial }) => serial === '' || bike.serial === '')) return { does: 'there' };
  } else if (known) return { does: 'there' };
  if (!writes) return { does: 'add' };
  const customerId = known?.id ?? uuid();
  if (!known) await addCustomer(on, { id: customerId, ...customer }, at);
  if (bike) await addBike(on, { id: uuid(), customerId, ...bike }, at);
  return { does: 'add' };
};
