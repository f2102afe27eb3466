import Papa from 'papaparse';
import { z } from 'zod';
import { STOCK_COLUMNS, StockRow, type StockColumn } from './stockRows';
import { readTable, wholeOrNought, type ReadTable, type TableOf } from './table';

// The shelf as a table: what is sent out can be taken in again. Source [S]: RFC 4180.

const Cells = z.object({
  part: z.string().toLowerCase(),
  description: z.string(),
  fits: z.string(),
  count: wholeOrNought,
  reorder_at: wholeOrNought,
  price_cents: wholeOrNought,
  batch: z.string(),
} satisfies Record<StockColumn, z.ZodType>);

const STOCK: TableOf<StockColumn, StockRow> = {
  columns: STOCK_COLUMNS,
  needed: ['part', 'description'],
  cells: Cells,
  row: (
    line,
    { reorder_at: reorderAt, price_cents: priceCents, ...cells }: z.output<typeof Cells>,
  ) => ({
    line,
    ...cells,
    reorderAt,
    priceCents,
  }),
  schema: StockRow,
  columnOf: { reorderAt: 'reorder_at', priceCents: 'price_cents' },
};

/** Reads a table of kinds of parts. */
export const readStockTable = (text: string): ReadTable<StockRow> => readTable(text, STOCK);

/** Rows as a table that {@link readStockTable} reads again; cells that a spreadsheet would run are marked as text. */
export function stockTable(rows: readonly Omit<StockRow, 'line'>[], withNames: boolean): string {
  return Papa.unparse(
    {
      fields: [...STOCK_COLUMNS],
      data: rows.map((row) => {
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
    },
    { escapeFormulae: true, header: withNames, newline: '\r\n' },
  );
}
