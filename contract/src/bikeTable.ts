import { BRAKE_TYPES, MATERIALS, TERRAINS, type BrakeType } from '@hold-fast/core/kit/bike';
import Papa from 'papaparse';
import { z } from 'zod';
import { BIKE_COLUMNS, BikeRow, MOST_ROWS, type BikeColumn } from './bikeRows';

// Customers and their bikes as a table: what is sent out can be taken in again. Source [S]: RFC 4180.

const YES = new Set(['yes', 'y', 'true', '1', 'ja', 'j']);
const NO = new Set(['no', 'n', 'false', '0', 'nein']);
/** @param unsaid what an empty cell comes to: where nobody said, more is asked of the bike and not less */
const truth = (unsaid: boolean) =>
  z.string().transform((said, context) => {
    const word = said.toLowerCase();
    if (word === '') return unsaid;
    if (!YES.has(word) && !NO.has(word)) context.addIssue({ code: 'custom', message: 'yes-or-no' });
    return YES.has(word);
  });
const oneOf = <const T extends readonly [string, ...string[]]>(codes: T) =>
  z.string().transform((said, context): T[number] | null => {
    const word = said.toLowerCase();
    if (word === '') return null;
    const code = codes.find((each) => each === word);
    if (code === undefined)
      context.addIssue({ code: 'custom', message: 'none-of', params: { codes: codes.join(', ') } });
    return code ?? null;
  });
const brake = oneOf(BRAKE_TYPES).transform((type): BrakeType => type ?? 'disc');
const wholeNumber = z.string().transform((said, context) => {
  if (said === '') return null;
  if (!/^\d{1,6}$/.test(said)) context.addIssue({ code: 'custom', message: 'whole-number' });
  return Number(said);
});

/** What the cells of each column come to, and how they are written. */
const COLUMNS = {
  customer: z.string(),
  phone: z.string().transform((said) => said || null),
  bike: z.string(),
  maker: z.string(),
  serial: z.string(),
  motor: truth(true),
  mass_kg: wholeNumber,
  terrain: oneOf(TERRAINS),
  wet: truth(true),
  km_per_week: wholeNumber,
  fork: oneOf(MATERIALS),
  frame: oneOf(MATERIALS),
  front_brake: brake,
  rear_brake: brake,
  further_brakes: z.string(),
} satisfies Record<BikeColumn, z.ZodType>;
const NEEDED: readonly BikeColumn[] = ['customer'];
const Cells = z.object(COLUMNS);

/** The column that a field of a row comes from. */
const COLUMN_OF: Readonly<Record<string, BikeColumn>> = {
  'customer.name': 'customer',
  'customer.phone': 'phone',
  'bike.name': 'bike',
  'bike.systemMassKg': 'mass_kg',
  'bike.kmPerWeek': 'km_per_week',
  'bike.forkMaterial': 'fork',
  'bike.frameMaterial': 'frame',
  'bike.frontBrake': 'front_brake',
  'bike.rearBrake': 'rear_brake',
  'bike.furtherBrakes': 'further_brakes',
};

/** A cell that cannot be taken: where it stands, and why. */
export interface CellFault {
  line: number;
  column: string;
  code: string;
  facts: Readonly<Record<string, unknown>>;
}

export type ReadTable =
  | { ok: true; rows: BikeRow[]; faults: CellFault[]; unknown: string[] }
  | {
      ok: false;
      code: 'empty' | 'too-many-rows' | 'column-missing' | 'column-twice' | 'broken-quotes';
      facts: Readonly<Record<string, unknown>>;
    };

/**
 * Reads a table of customers and bikes: commas, semicolons or tabs between cells, as its first line has them; with or without a
 * byte order mark. Rows that can be taken, and of the others each cell that cannot.
 */
export function readBikeTable(text: string): ReadTable {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    preview: MOST_ROWS + 2,
    delimitersToGuess: [',', ';', '\t'],
  });
  const refuse = (code: (ReadTable & { ok: false })['code'], facts = {}): ReadTable => ({
    ok: false,
    code,
    facts,
  });
  if (errors.some(({ type }) => type === 'Quotes'))
    return refuse('broken-quotes', { line: (errors[0]!.row ?? 0) + 1 });
  const [names, ...lines] = data;
  if (!names || lines.length === 0) return refuse('empty');
  if (lines.length > MOST_ROWS) return refuse('too-many-rows', { most: MOST_ROWS });
  const columns = names.map((name) =>
    name
      .trim()
      .toLowerCase()
      .replaceAll(/[\s-]+/g, '_'),
  );
  const twice = columns.find((name, i) => name !== '' && columns.indexOf(name) !== i);
  if (twice) return refuse('column-twice', { column: twice });
  const missing = NEEDED.find((name) => !columns.includes(name));
  if (missing) return refuse('column-missing', { column: missing });

  const rows: BikeRow[] = [];
  const faults: CellFault[] = [];
  for (const [i, cells] of lines.entries()) {
    const said = Object.fromEntries(
      BIKE_COLUMNS.map((name) => [name, plainCell(cells[columns.indexOf(name)] ?? '')]),
    );
    const row = readRow(i + 2, said);
    if (Array.isArray(row)) faults.push(...row);
    else rows.push(row);
  }
  const isKnown = (name: string) =>
    name === '' || (BIKE_COLUMNS as readonly string[]).includes(name);
  return { ok: true, rows, faults, unknown: columns.filter((name) => !isKnown(name)) };
}

/** A cell without the mark that keeps a spreadsheet from running it. */
const plainCell = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@\t\r])/, '');

function readRow(line: number, said: Record<string, string>): BikeRow | CellFault[] {
  const cells = Cells.safeParse(said);
  if (!cells.success) return cells.error.issues.map((issue) => faultOf(line, issue));
  const { customer, phone, bike, maker, serial, motor, terrain, wet, ...rest } = cells.data;
  const hasBike = bike !== '' || serial !== '' || maker !== '';
  const row = BikeRow.safeParse({
    line,
    customer: { name: customer, phone },
    bike: hasBike
      ? {
          name: bike,
          maker,
          serial,
          motor,
          systemMassKg: rest.mass_kg,
          terrain,
          wet,
          kmPerWeek: rest.km_per_week,
          forkMaterial: rest.fork,
          frameMaterial: rest.frame,
          frontBrake: rest.front_brake,
          rearBrake: rest.rear_brake,
          furtherBrakes: rest.further_brakes,
        }
      : null,
  });
  return row.success ? row.data : row.error.issues.map((issue) => faultOf(line, issue));
}

function faultOf(line: number, issue: z.core.$ZodIssue): CellFault {
  const path = issue.path.join('.');
  const { code, message, ...more } = issue;
  return {
    line,
    column: COLUMN_OF[path] ?? path.replace(/^bike\./, ''),
    code: code === 'custom' ? message : code,
    facts:
      'params' in more ? (more.params as Record<string, unknown>) : { ...more, path: undefined },
  };
}

type Out = Omit<BikeRow, 'line'>;
const yes = (is: boolean) => (is ? 'yes' : 'no');

/** Rows as a table that {@link readBikeTable} reads again; cells that a spreadsheet would run are marked as text. */
export function bikeTable(rows: readonly Out[], withNames: boolean): string {
  return Papa.unparse(
    {
      fields: [...BIKE_COLUMNS],
      data: rows.map(({ customer, bike }) => {
        const cells: Record<BikeColumn, string | number | null> = {
          customer: customer.name,
          phone: customer.phone,
          bike: bike?.name ?? '',
          maker: bike?.maker ?? '',
          serial: bike?.serial ?? '',
          motor: bike ? yes(bike.motor) : '',
          mass_kg: bike?.systemMassKg ?? '',
          terrain: bike?.terrain ?? '',
          wet: bike ? yes(bike.wet) : '',
          km_per_week: bike?.kmPerWeek ?? '',
          fork: bike?.forkMaterial ?? '',
          frame: bike?.frameMaterial ?? '',
          front_brake: bike?.frontBrake ?? '',
          rear_brake: bike?.rearBrake ?? '',
          further_brakes: bike?.furtherBrakes ?? '',
        };
        return BIKE_COLUMNS.map((name) => cells[name]);
      }),
    },
    { escapeFormulae: true, header: withNames, newline: '\r\n' },
  );
}
