import { ENDS } from '@hold-fast/core/ends';
import { InputError } from '@hold-fast/core/inputError';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import { plausibleReading } from '@hold-fast/core/measurand/measurands';
import { z } from 'zod';
import { Id, Instant, wordsOrNone } from './fields';
import { ROWS_A_REQUEST } from './rowsIn';
import { oneOf, truth, type TableOf } from './table';

// Readings as a table: what its columns hold, out and in. Coming in they are of another shop, or of before there was this one.

/** The columns of a table of readings, in their order. */
export const READING_COLUMNS = [
  'at',
  'tag',
  'customer',
  'bike',
  'serial',
  'end',
  'part',
  'place',
  'mm',
  'gauge',
  'replaced',
] as const;
type ReadingColumn = (typeof READING_COLUMNS)[number];

export const ReadingRow = z
  .strictObject({
    /** The line of the table it stands on, the names of the columns on the first. */
    line: z.int().min(2),
    /** When it was taken; of a day alone, its noon. */
    takenAt: Instant,
    /** A bike is known by its serial, or by its name at its customer. */
    customer: wordsOrNone(120),
    bike: wordsOrNone(80),
    serial: wordsOrNone(60),
    end: z.enum(ENDS),
    part: z.enum(MEASURANDS),
    place: wordsOrNone(40),
    valueMm: z.number(),
    /** As it was called where it was read. */
    gauge: wordsOrNone(80),
    replaced: z.boolean(),
  })
  .superRefine(({ part, place, valueMm, customer, bike, serial }, context) => {
    if (serial === '' && (customer === '' || bike === ''))
      context.addIssue({ code: 'custom', path: ['serial'], message: 'which-bike' });
    try {
      plausibleReading(part, place, valueMm);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      context.addIssue({ code: 'custom', path: ['valueMm'], message: 'no-such-reading' });
    }
  });
export type ReadingRow = z.infer<typeof ReadingRow>;

export const ReadingImport = z.strictObject({
  id: Id,
  /** What would be done, or do it. */
  mode: z.enum(['preview', 'take']),
  rows: z.array(ReadingRow).min(1).max(ROWS_A_REQUEST),
});
export type ReadingImport = z.infer<typeof ReadingImport>;

const DAY = /^\d{4}-\d{2}-\d{2}$/;
/** A decimal comma is one too: a table may have been written where it is the custom. */
const MILLIMETRES = /^-?\d{1,3}(?:[.,]\d{1,3})?$/;

const Cells = z.object({
  at: z.string().transform((said) => (DAY.test(said) ? `${said}T12:00:00.000Z` : said)),
  // Another shop’s number of a visit says nothing here.
  tag: z.string(),
  customer: z.string(),
  bike: z.string(),
  serial: z.string(),
  end: oneOf(ENDS),
  part: oneOf(MEASURANDS),
  place: z.string(),
  mm: z.string().transform((said, context) => {
    if (!MILLIMETRES.test(said)) context.addIssue({ code: 'custom', message: 'millimetres' });
    return Number(said.replace(',', '.'));
  }),
  gauge: z.string(),
  replaced: truth(false),
} satisfies Record<ReadingColumn, z.ZodType>);

export const READINGS: TableOf<ReadingColumn, ReadingRow> = {
  columns: READING_COLUMNS,
  needed: ['at', 'end', 'part', 'mm'],
  cells: Cells,
  row: (line, { at, tag: _, mm: valueMm, ...cells }: z.output<typeof Cells>) => ({
    line,
    takenAt: at,
    valueMm,
    ...cells,
  }),
  schema: ReadingRow,
  columnOf: { takenAt: 'at', valueMm: 'mm' },
};
