import type { BikeImport, BikeRow } from '@hold-fast/contract/bikeRows';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import type { Person } from '@hold-fast/contract/people';
import { v7 as uuid } from 'uuid';
import { inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import type { Shop } from '../platform/shop';
import { addBike, addCustomer, bikeById, bikeOfSerial, bikesNamed, customersNamed } from './store';

/**
 * Takes rows of a table in, or says what would become of them. What is there already is left as it is, so that the same table
 * can be taken in again; sent once more with the same id it does nothing.
 */
export async function importBikes(
  { pool, now }: Shop,
  person: Person,
  asked: BikeImport,
): Promise<RowOutcome[]> {
  return inTransaction(pool, async (transaction) => {
    const at = now();
    const writes = asked.mode === 'take';
    if (writes) await takeOnce(transaction, { id: asked.id, body: asked, personId: person.id, at });
    const outcomes: RowOutcome[] = [];
    for (const row of asked.rows)
      outcomes.push(await takeRow(transaction, row, writes ? at : null));
    return outcomes;
  });
}

/** @param at when it is written down; null says only what would be */
async function takeRow(on: Transaction, row: BikeRow, at: Date | null): Promise<RowOutcome> {
  const refused = (fault: RowOutcome['fault']): RowOutcome => ({
    line: row.line,
    does: 'refused',
    fault,
  });
  const said = (does: 'add' | 'there'): RowOutcome => ({ line: row.line, does, fault: null });
  const { customer, bike } = row;
  const namesakes = await customersNamed(on, customer.name);
  const theirs = namesakes.filter(
    ({ phone }) => customer.phone === null || phone === null || phone === customer.phone,
  );
  if (theirs.length > 1) return refused('which-customer');
  const [known] = theirs;
  if (bike) {
    const bySerial = await bikeOfSerial(on, bike.serial);
    if (bySerial) {
      const owner = (await bikeById(on, bySerial))!.customerId;
      return owner === known?.id ? said('there') : refused('serial-taken');
    }
    const alike = known ? await bikesNamed(on, known.id, bike.name) : [];
    if (alike.some(({ serial }) => serial === '' || bike.serial === '')) return said('there');
  } else if (known) return said('there');
  if (at === null) return said('add');
  const customerId = known?.id ?? uuid();
  if (!known) await addCustomer(on, { id: customerId, ...customer }, at);
  if (bike) await addBike(on, { id: uuid(), customerId, ...bike }, at);
  return said('add');
}
