import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import type { Person } from '@hold-fast/contract/people';
import { holdShop, inTransaction, type Transaction } from './database';
import { takeOnce } from './once';
import type { Shop } from './shop';

/** Rows of a table, to be taken in or only looked at. */
interface Asked<Row> {
  id: string;
  mode: 'preview' | 'take';
  rows: readonly Row[];
}

/** With which request a row came, when and from whom, and whether it is written or only looked at. */
export interface RowRequest {
  of: string;
  at: Date;
  personId: string;
  writes: boolean;
}

/** What becomes of one row. */
export type TakeRow<Row> = (
  on: Transaction,
  row: Row,
  request: RowRequest,
) => Promise<Pick<RowOutcome, 'does'> & Partial<Pick<RowOutcome, 'fault'>>>;

/**
 * Takes rows of a table in, or says what would become of them: one table at a time, so that the same one sent by two people is
 * there once. Sent once more with the same id it does nothing that is not done.
 */
export function takeRows<Row extends { line: number }>(
  { pool, now }: Shop,
  person: Person,
  asked: Asked<Row>,
  takeRow: TakeRow<Row>,
): Promise<RowOutcome[]> {
  const { id, mode, rows } = asked;
  return inTransaction(pool, async (transaction) => {
    const at = now();
    const request = { of: id, at, personId: person.id, writes: mode === 'take' };
    if (request.writes) {
      await holdShop(transaction);
      await takeOnce(transaction, { id, body: asked, personId: person.id, at });
    }
    const outcomes: RowOutcome[] = [];
    for (const row of rows)
      outcomes.push({ line: row.line, fault: null, ...(await takeRow(transaction, row, request)) });
    return outcomes;
  });
}
