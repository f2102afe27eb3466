import { textOf } from './csv';
import { readText } from './readText';
import { READING_COLUMNS, READINGS, type ReadingRow } from './readingTable';
import type { ReadTable } from './table';

// Readings as a table: what is sent out can be taken in again, elsewhere.

/** A reading as it goes out: with the number of its visit here. */
export type TakenReading = Omit<ReadingRow, 'line'> & { tag: number };

/** Reads a table of readings. */
export const readReadingTable = (text: string): ReadTable<ReadingRow> => readText(text, READINGS);

/** Rows as a table that {@link readReadingTable} reads again; cells that a spreadsheet would run are marked as text. */
export function readingTable(rows: readonly TakenReading[], withNames: boolean): string {
  return textOf(
    READING_COLUMNS,
    rows.map(({ takenAt: at, valueMm, replaced, ...row }) => {
      const cells = { ...row, at, mm: valueMm.toFixed(3), replaced: replaced ? 'yes' : 'no' };
      return READING_COLUMNS.map((name) => cells[name]);
    }),
    withNames,
  );
}
