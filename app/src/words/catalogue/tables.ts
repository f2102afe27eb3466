import type { RowOutcome } from '@hold-fast/contract/rowsIn';

/** Tables that are taken in and sent out. */
export interface TableWords {
  title: string;
  back: string;
  how: (columns: string) => string;
  howStock: (columns: string) => string;
  howNotices: (columns: string) => string;
  howReadings: (columns: string) => string;
  fromTable: (name: string) => string;
  choose: string;
  notUtf8: (encoding: string) => string;
  looking: string;
  unknown: (columns: string) => string;
  count: Record<RowOutcome['does'] | 'faulty', (rows: number) => string>;
  cell: (line: number, column: string) => string;
  line: (line: number) => string;
  andMore: (faults: number) => string;
  all: string;
  goodOnly: string;
  either: string;
  noneOfIt: string;
  take: (rows: number) => string;
  taking: string;
  stopped: (rows: number) => string;
  goOn: string;
  done: (added: number) => string;
  out: string;
  outBikes: string;
  outReadings: string;
  outStock: string;
}
