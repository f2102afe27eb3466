import Papa from 'papaparse';

/**
 * Rows as a file for a spreadsheet: comma, CRLF, quoted where needed, with a byte-order mark so that its letters are read right. A cell
 * that a spreadsheet would run as a formula begins with an apostrophe. Source [S]: RFC 4180.
 */
export const csvOf = (columns: readonly string[], rows: readonly (readonly string[])[]): string =>
  `\uFEFF${Papa.unparse(
    { fields: [...columns], data: rows.map((row) => [...row]) },
    { escapeFormulae: true, newline: '\r\n' },
  )}`;
