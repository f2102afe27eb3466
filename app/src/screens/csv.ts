import { textOf } from '@hold-fast/contract/csv';

// One chunk for all that reads and writes tables, loaded when a table is: its reader would else land in what every page loads first.
export { cellsOf } from '@hold-fast/contract/csv';

/**
 * Rows as a file for a spreadsheet: comma, CRLF, quoted where needed, with a byte-order mark so that its letters are read right. A cell
 * that a spreadsheet would run as a formula begins with an apostrophe. Source [S]: RFC 4180.
 */
export const csvOf = (columns: readonly string[], rows: readonly (readonly string[])[]): string =>
  `\uFEFF${textOf(columns, rows, true)}`;
