import { z } from 'zod';
import { STOCK_COLUMNS, StockRow, type StockColumn } from './stockRows';
import { wholeNumber, wholeOrNought, type TableOf } from './table';

// The shelf as a table: what its columns hold.

const Cells = z.object({
  part: z.string().toLowerCase(),
  description: z.string(),
  fits: z.string(),
  count: wholeOrNought,
  reorder_at: wholeOrNought,
  // What nobody wrote is no price of nothing.
  price_cents: wholeNumber,
  batch: z.string(),
} satisfies Record<StockColumn, z.ZodType>);

export const STOCK: TableOf<StockColumn, StockRow> = {
  columns: STOCK_COLUMNS,
  needed: ['part', 'description', 'price_cents'],
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
