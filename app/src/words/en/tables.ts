import type { TableWords } from '../catalogue/tables';
import { format } from '../format';

const rows = (count: number) => (count === 1 ? '1 row' : `${format.count(count)} rows`);

export const tables: TableWords = {
  title: 'Tables in and out',
  back: 'Bikes',
  how: (columns) =>
    `A CSV file with the names of its columns on the first line: ${columns}. Only “customer” must be there. Where nobody says otherwise a bike has a motor and is ridden in the wet: more is asked of it, not less. What the shop knows already is left as it is.`,
  howStock: (columns) =>
    `A table with a column “part” is the shelf’s: ${columns}. A kind of part that is there already keeps its count.`,
  howNotices: (columns) =>
    `A table with a column “title” is of makers’ notices: ${columns}. Where nobody says otherwise a bike that one meets is not ridden until somebody looked.`,
  howReadings: (columns) =>
    `A table with a column “mm” is of readings, taken elsewhere or before this shop wrote them here: ${columns}. They are shown at their bike. They prove nothing, and nothing is forecast from them.`,
  fromTable: (name) => `From the table ${name}`,
  choose: 'Choose a CSV file',
  notUtf8: (encoding) =>
    `It is not written in UTF-8 and was read as ${encoding}: look at the letters of a name.`,
  looking: 'Looking through it',
  unknown: (columns) => `Columns that nobody knows here are left out: ${columns}.`,
  count: {
    add: (count) => `${rows(count)} to take in`,
    there: (count) => `${rows(count)} there already`,
    refused: (count) => `${rows(count)} that cannot be taken in`,
    faulty: (count) => `${rows(count)} with a fault`,
  },
  cell: (line, column) => `Line ${line}, ${column}`,
  line: (line) => `Line ${line}`,
  andMore: (faults) => `And ${format.count(faults)} more.`,
  all: 'All rows, or none',
  goodOnly: 'The good rows only',
  either: 'What of it',
  noneOfIt:
    'Some rows have a fault, so nothing is taken in. Mend them in the file, or take the good rows only.',
  take: (count) => `Take in ${rows(count)}`,
  taking: 'Taking it in',
  stopped: (count) =>
    `It stopped after ${rows(count)}. What is in stays in, and nothing is doubled when it goes on.`,
  goOn: 'Go on',
  done: (added) => `${rows(added)} taken in.`,
  out: 'Tables to take elsewhere',
  outBikes: 'Customers and bikes',
  outReadings: 'Readings',
  outStock: 'Stock',
};
