import type { StockRow } from '@hold-fast/contract/stockRows';
import { v7 as uuid } from 'uuid';
import type { Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import type { RowRequest, TakeRow } from '../platform/rowsIn';
import { addStockLine, isInStock, moveStock } from './store';

/**
 * A kind of part from a table, with the pieces that come with it. One that is there already is left as it is, its count too: the
 * same table can be taken in again and doubles no piece.
 * @param why what is written of the pieces: where from
 */
export const takeStock =
  (why: string): TakeRow<StockRow> =>
  async (on, row, request) => {
    if (await isInStock(on, row)) return { does: 'there' };
    if (request.writes) await addKind(on, row, why, request);
    return { does: 'add' };
  };

async function addKind(
  on: Transaction,
  { line, count, batch, ...kind }: StockRow,
  why: string,
  { of, at, personId }: RowRequest,
): Promise<void> {
  const stockId = uuid();
  await addStockLine(on, { id: stockId, ...kind });
  if (count === 0) return;
  // Pieces come in as a move of their own, in its place among all the shop’s writes.
  const id = uuid();
  const seq = await takeOnce(on, { id, body: { of, line }, personId, at });
  await moveStock(on, { id, stockId, pieces: count, batch, why }, { seq: seq!, at, personId });
}
