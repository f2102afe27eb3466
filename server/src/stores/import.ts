import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import type { StockImport, StockRow } from '@hold-fast/contract/stockRows';
import type { Person } from '@hold-fast/contract/people';
import { v7 as uuid } from 'uuid';
import { inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import type { Shop } from '../platform/shop';
import { addStockLine, isInStock, moveStock } from './store';

/**
 * Takes kinds of parts in from a table, each with the pieces that come with it, or says what would become of the rows. A kind that is
 * there already is left as it is, its count too: the same table can be taken in again and doubles no piece.
 */
export async function importStock(
  { pool, now }: Shop,
  person: Person,
  asked: StockImport,
): Promise<RowOutcome[]> {
  return inTransaction(pool, async (transaction) => {
    const at = now();
    const writes = asked.mode === 'take';
    if (writes) await takeOnce(transaction, { id: asked.id, body: asked, personId: person.id, at });
    const outcomes: RowOutcome[] = [];
    for (const row of asked.rows) {
      const there = await isInStock(transaction, row);
      outcomes.push({ line: row.line, does: there ? 'there' : 'add', fault: null });
      if (!there && writes)
        await takeRow(transaction, row, { why: asked.why, of: asked.id, at, personId: person.id });
    }
    return outcomes;
  });
}

async function takeRow(
  on: Transaction,
  { line, count, batch, ...kind }: StockRow,
  { why, of, at, personId }: { why: string; of: string; at: Date; personId: string },
): Promise<void> {
  const stockId = uuid();
  await addStockLine(on, { id: stockId, ...kind });
  if (count === 0) return;
  // Pieces come in as a move of their own, in its place among all the shop’s writes.
  const id = uuid();
  const seq = await takeOnce(on, { id, body: { of, line }, personId, at });
  await moveStock(on, { id, stockId, pieces: count, batch, why }, { seq: seq!, at, personId });
}
