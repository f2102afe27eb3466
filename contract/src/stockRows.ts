import { z } from 'zod';
import { Id, words, wordsOrNone } from './fields';
import { ROWS_A_REQUEST } from './rowsIn';
import { StockLine } from './stores';

/** A kind of part, and so many of it that come with it. */
export const StockRow = StockLine.omit({ id: true }).extend({
  /** The line of the table it stands on, the names of the columns on the first. */
  line: z.int().min(2),
  count: z.int().min(0).max(1000),
  batch: wordsOrNone(40),
});
export type StockRow = z.infer<typeof StockRow>;

export const StockImport = z.strictObject({
  id: Id,
  /** What would be done, or do it. */
  mode: z.enum(['preview', 'take']),
  /** What is written of the pieces that come in: where from. */
  why: words(120),
  rows: z.array(StockRow).min(1).max(ROWS_A_REQUEST),
});
export type StockImport = z.infer<typeof StockImport>;

/** The columns of a table of stock, in their order. */
export const STOCK_COLUMNS = [
  'part',
  'description',
  'fits',
  'count',
  'reorder_at',
  'price_cents',
  'batch',
] as const;
export type StockColumn = (typeof STOCK_COLUMNS)[number];
