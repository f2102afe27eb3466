import { cellsOf } from './csv';
import { LINES_READ, readCells, type ReadTable, type TableOf } from './table';

/** Reads a table from its text. */
export const readText = <Column extends string, Row>(
  text: string,
  table: TableOf<Column, Row>,
): ReadTable<Row> => readCells(cellsOf(text, LINES_READ), table);
