import type { ReadingRow } from '@hold-fast/contract/readingTable';
import type { TakeRow } from '../platform/rowsIn';
import type { Transaction } from '../platform/database';
import { addBrought, isBrought, isOurs } from './broughtStore';
import { bikeOfSerial, bikesNamed, customersNamed } from './store';

/** A day alone is its noon, in UTC: what is less than a day ahead may be of this morning. */
const A_DAY_MS = 24 * 60 * 60_000;

/**
 * A reading of a bike from a table: taken elsewhere, or before this shop kept its readings here. It is shown at the bike, and nothing is
 * judged, forecast or called by it. One that is there, brought or this shop's own, is left as it is.
 */
export const takeReading: TakeRow<ReadingRow> = async (on, row, request) => {
  if (Date.parse(row.takenAt) - request.at.getTime() >= A_DAY_MS)
    return { does: 'refused', fault: 'not-yet' };
  const bikes = await bikesOf(on, row);
  const [bikeId] = bikes;
  if (bikeId === undefined) return { does: 'refused', fault: 'no-such-bike' };
  if (bikes.length > 1) return { does: 'refused', fault: 'which-bike' };
  if ((await isBrought(on, bikeId, row)) || (await isOurs(on, bikeId, row)))
    return { does: 'there' };
  if (request.writes) await addBrought(on, bikeId, row, request);
  return { does: 'add' };
};

async function bikesOf(
  on: Transaction,
  { serial, customer, bike }: ReadingRow,
): Promise<readonly string[]> {
  if (serial !== '') {
    const id = await bikeOfSerial(on, serial);
    return id === null ? [] : [id];
  }
  const theirs = [];
  for (const { id } of await customersNamed(on, customer))
    theirs.push(...(await bikesNamed(on, id, bike)));
  return theirs.map(({ id }) => id);
}
