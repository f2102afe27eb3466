import { textOf } from './csv';
import { readText } from './readText';
import { STOCK_COLUMNS, type StockColumn, type StockRow } from './stockRows';
import { STOCK } from './stockTable';
import type { ReadTable } from './table';

// The shelf as a table: what is sent out can be taken in again.

/** Reads a table of kinds of parts. */
export const readStockTable = (text: string): ReadTable<StockRow> => readText(text, STOCK);

/** Rows as a table that {@link readStockTable} reads again; cells that a spreadsheet would run are marked as text. */
export function stockTable(rows: readonly Omit<StockRow, 'line'>[], withNames: boolean): string {
  return textOf(
    STOCK_COLUMNS,
    rows.map((row) => {
      const cells: Record<StockColumn, string | number> = {
        part: row.part,
        description: row.description,
        fits: row.fits,
        count: row.count,
        reorder_at: row.reorderAt,
        price_cents: row.priceCents,
        batch: row.batch,
      };
      return STOCK_COLUMNS.map((name) => cells[name]);
    }),
    withNames,
  );
}
