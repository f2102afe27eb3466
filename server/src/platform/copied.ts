import { isCopyOf } from '@hold-fast/core/notice/label';
import { select, type Queryable } from './database';

// What people copied from labels in as many ways as there are people: looked for in each way that stands in the shop's books.

/** What was asked for, and every copy of it that a statement finds. */
async function copiesOf(on: Queryable, asked: string, written: string): Promise<string[]> {
  const rows = await select<{ written: string }>(on, written);
  return [asked, ...rows.map((row) => row.written).filter((each) => isCopyOf(each, asked))];
}

/** The ways a lot of fluid or a maker’s batch of parts is written, put in here or elsewhere. */
export const lotsCopied = (on: Queryable, lot: string): Promise<string[]> =>
  copiesOf(
    on,
    lot,
    `SELECT DISTINCT lot AS written FROM container
      UNION SELECT DISTINCT batch FROM batch_put_in
      UNION SELECT DISTINCT lot FROM lot_brought`,
  );

/** The ways the maker of a bike is written. */
export const makersCopied = (on: Queryable, maker: string): Promise<string[]> =>
  copiesOf(on, maker, 'SELECT DISTINCT maker AS written FROM bike');
