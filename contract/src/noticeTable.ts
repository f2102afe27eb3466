import { noticeFault } from '@hold-fast/core/notice/notice';
import { z } from 'zod';
import { Id } from './fields';
import { WRITTEN } from './notices';
import { ROWS_A_REQUEST } from './rowsIn';
import { truth, type TableOf } from './table';

// A maker's recalls as a table: what its columns hold. A spec sheet is the shop's own and comes in with none.

/** The columns of a table of notices, in their order. */
export const NOTICE_COLUMNS = [
  'title',
  'words',
  'source',
  'do_not_ride',
  'maker',
  'serial_from',
  'serial_to',
  'lot',
] as const;
type NoticeColumn = (typeof NOTICE_COLUMNS)[number];

export const NoticeRow = z
  .strictObject({
    /** The line of the table it stands on, the names of the columns on the first. */
    line: z.int().min(2),
    ...WRITTEN,
  })
  .superRefine((row, context) => {
    const fault = noticeFault({ ...row, sheetId: null });
    if (fault) context.addIssue({ code: 'custom', path: [fault.field], message: fault.code });
  });
export type NoticeRow = z.infer<typeof NoticeRow>;

export const NoticeImport = z.strictObject({
  id: Id,
  /** What would be done, or do it. */
  mode: z.enum(['preview', 'take']),
  rows: z.array(NoticeRow).min(1).max(ROWS_A_REQUEST),
});
export type NoticeImport = z.infer<typeof NoticeImport>;

const Cells = z.object({
  title: z.string(),
  words: z.string(),
  source: z.string(),
  // Where nobody said, the bike is not ridden until somebody looked.
  do_not_ride: truth(true),
  maker: z.string(),
  serial_from: z.string(),
  serial_to: z.string(),
  lot: z.string(),
} satisfies Record<NoticeColumn, z.ZodType>);

export const NOTICES: TableOf<NoticeColumn, NoticeRow> = {
  columns: NOTICE_COLUMNS,
  needed: ['title', 'words', 'source'],
  cells: Cells,
  row: (
    line,
    {
      do_not_ride: doNotRide,
      serial_from: serialFrom,
      serial_to: serialTo,
      ...cells
    }: z.output<typeof Cells>,
  ) => ({ line, ...cells, doNotRide, serialFrom, serialTo }),
  schema: NoticeRow,
  columnOf: { doNotRide: 'do_not_ride', serialFrom: 'serial_from', serialTo: 'serial_to' },
};
