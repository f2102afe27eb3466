import Papa from 'papaparse';
import type { Cells } from './table';

// The text of tables. Source [S]: RFC 4180.

/**
 * Cells between commas, semicolons or tabs, as the first line has them; with or without a byte order mark.
 * @param most lines that are read
 */
export const cellsOf = (text: string, most: number): Cells =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    preview: most,
    delimitersToGuess: [',', ';', '\t'],
  });

/** Rows as they go out; cells that a spreadsheet would run are marked as text. */
export const textOf = (
  fields: readonly string[],
  data: readonly (readonly (string | number | null)[])[],
  withNames: boolean,
): string =>
  Papa.unparse(
    { fields: [...fields], data: data.map((row) => [...row]) },
    { escapeFormulae: true, header: withNames, newline: '\r\n' },
  );
