import { z } from 'zod';
import { MOST_ROWS } from './rowsIn';

// Tables that come in, whatever they are of. Their text is read in csv.ts, by a library that is loaded when there is one to read.

/** A cell that cannot be taken: where it stands, and why. */
interface CellFault {
  line: number;
  column: string;
  code: string;
  facts: Readonly<Record<string, unknown>>;
}

type Refused = {
  ok: false;
  code: 'empty' | 'too-many-rows' | 'column-missing' | 'column-twice' | 'broken-quotes';
  facts: Readonly<Record<string, unknown>>;
};
export type ReadTable<Row> =
  | { ok: true; rows: Row[]; faults: CellFault[]; unknown: string[] }
  | Refused;

/** What a table of one kind holds. */
export interface TableOf<Column extends string, Row> {
  columns: readonly Column[];
  needed: readonly Column[];
  /** What the cells of each column come to, and how they are written. */
  cells: z.ZodObject<Record<Column, z.ZodType>>;
  /** The row that cells come to, as it is sent. */
  row: (line: number, cells: never) => unknown;
  schema: z.ZodType<Row>;
  /** The column that a field of a row comes from, where they are not called the same. */
  columnOf: Readonly<Record<string, Column>>;
}

const wholeOr = <T>(empty: T) =>
  z.string().transform((said, context): number | T => {
    if (said === '') return empty;
    if (!/^\d{1,6}$/.test(said)) context.addIssue({ code: 'custom', message: 'whole-number' });
    return Number(said);
  });
/** A whole number, or nothing. */
export const wholeNumber = wholeOr(null);
/** A whole number; nothing is nought. */
export const wholeOrNought = wholeOr(0);

const YES = new Set(['yes', 'y', 'true', '1', 'ja', 'j']);
const NO = new Set(['no', 'n', 'false', '0', 'nein']);
/** Yes or no. @param unsaid what an empty cell comes to: where nobody said, more is asked and not less */
export const truth = (unsaid: boolean) =>
  z.string().transform((said, context) => {
    const word = said.toLowerCase();
    if (word === '') return unsaid;
    if (!YES.has(word) && !NO.has(word)) context.addIssue({ code: 'custom', message: 'yes-or-no' });
    return YES.has(word);
  });

/** @returns one of these codes as it is written; null of an empty cell */
export const oneOf = <const T extends readonly [string, ...string[]]>(codes: T) =>
  z.string().transform((said, context): T[number] | null => {
    const word = said.toLowerCase();
    if (word === '') return null;
    const code = codes.find((each) => each === word);
    if (code === undefined)
      context.addIssue({ code: 'custom', message: 'none-of', params: { codes: codes.join(', ') } });
    return code ?? null;
  });

/** The names of a table’s columns, as they are known by. */
export const columnsIn = (names: readonly string[]): string[] =>
  names.map((name) =>
    name
      .trim()
      .toLowerCase()
      .replaceAll(/[\s-]+/g, '_'),
  );

/** Lines that are read of a table: one with more rows than are taken is known by the first of them. */
export const LINES_READ = MOST_ROWS + 2;

/** The cells of a table, line by line, as a reader of CSV found them, and where it could not. */
export interface Cells {
  data: string[][];
  errors: { type: string; row?: number }[];
}

/** Reads the cells of a table: rows that can be taken, and of the others each cell that cannot. */
export function readCells<Column extends string, Row>(
  { data, errors }: Cells,
  table: TableOf<Column, Row>,
): ReadTable<Row> {
  const refuse = (code: Refused['code'], facts = {}): Refused => ({ ok: false, code, facts });
  if (errors.some(({ type }) => type === 'Quotes'))
    return refuse('broken-quotes', { line: (errors[0]!.row ?? 0) + 1 });
  const [names, ...lines] = data;
  if (!names || lines.length === 0) return refuse('empty');
  if (lines.length > MOST_ROWS) return refuse('too-many-rows', { most: MOST_ROWS });
  const columns = columnsIn(names);
  const twice = columns.find((name, i) => name !== '' && columns.indexOf(name) !== i);
  if (twice) return refuse('column-twice', { column: twice });
  const missing = table.needed.find((name) => !columns.includes(name));
  if (missing) return refuse('column-missing', { column: missing });

  const rows: Row[] = [];
  const faults: CellFault[] = [];
  for (const [i, cells] of lines.entries()) {
    const said = Object.fromEntries(
      table.columns.map((name) => [name, plainCell(cells[columns.indexOf(name)] ?? '')]),
    );
    const row = readRow(i + 2, said, table);
    if (row.ok) rows.push(row.row);
    else faults.push(...row.faults);
  }
  const isKnown = (name: string) =>
    name === '' || (table.columns as readonly string[]).includes(name);
  return { ok: true, rows, faults, unknown: columns.filter((name) => !isKnown(name)) };
}

/** A cell without the mark that keeps a spreadsheet from running it. */
const plainCell = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r])/, '');

function readRow<Column extends string, Row>(
  line: number,
  said: Record<string, string>,
  { cells, row, schema, columnOf }: TableOf<Column, Row>,
): { ok: true; row: Row } | { ok: false; faults: CellFault[] } {
  const faultsOf = (issues: readonly z.core.$ZodIssue[]) => ({
    ok: false as const,
    faults: issues.map((issue) => faultOf(line, issue, columnOf)),
  });
  const read = cells.safeParse(said);
  if (!read.success) return faultsOf(read.error.issues);
  const whole = schema.safeParse(row(line, read.data as never));
  return whole.success ? { ok: true, row: whole.data } : faultsOf(whole.error.issues);
}

function faultOf(
  line: number,
  issue: z.core.$ZodIssue,
  columnOf: Readonly<Record<string, string>>,
): CellFault {
  const path = issue.path.join('.');
  const { code, message, ...more } = issue;
  return {
    line,
    column: columnOf[path] ?? path.replace(/^\w+\./, ''),
    code: code === 'custom' ? message : code,
    facts:
      'params' in more ? (more.params as Record<string, unknown>) : { ...more, path: undefined },
  };
}
