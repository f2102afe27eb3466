import type { BikeRow } from '@hold-fast/contract/bikeRows';
import { readBikeTable } from '@hold-fast/contract/bikeTable';
import type { StockRow } from '@hold-fast/contract/stockRows';
import { readStockTable } from '@hold-fast/contract/stockTable';
import { columnsOf, type ReadTable } from '@hold-fast/contract/table';
import Papa from 'papaparse';

// One chunk for all that reads and writes tables, loaded when a table is: its reader would else land in what every page loads first.

/** A table that was read, by what it is of: one with a column of parts is the shelf’s. */
export type TableRead =
  { of: 'bikes'; read: ReadTable<BikeRow> } | { of: 'stock'; read: ReadTable<StockRow> };

export const readTableOf = (text: string): TableRead =>
  columnsOf(text).includes('part')
    ? { of: 'stock', read: readStockTable(text) }
    : { of: 'bikes', read: readBikeTable(text) };

/**
 * Rows as a file for a spreadsheet: comma, CRLF, quoted where needed, with a byte-order mark so that its letters are read right. A cell
 * that a spreadsheet would run as a formula begins with an apostrophe. Source [S]: RFC 4180.
 */
export const csvOf = (columns: readonly string[], rows: readonly (readonly string[])[]): string =>
  `\uFEFF${Papa.unparse(
    { fields: [...columns], data: rows.map((row) => [...row]) },
    { escapeFormulae: true, newline: '\r\n' },
  )}`;
