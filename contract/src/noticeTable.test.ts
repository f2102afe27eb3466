import { NOTICES } from './noticeTable';
import { readText } from './readText';

const NAMES = 'title,words,source,do_not_ride,maker,serial_from,serial_to,lot';
const read = (...lines: string[]) => readText([NAMES, ...lines].join('\r\n'), NOTICES);

it('reads a maker’s recalls; where nobody says otherwise a bike that is met is not ridden', () => {
  expect(
    read(
      'Crown,Look for a line,"Letter, 3 March",no,Ostrel,T-100,T-240,',
      'Fluid,Flush it,Sheet 9,,,,,K22-118',
    ),
  ).toMatchObject({
    ok: true,
    faults: [],
    rows: [
      {
        line: 2,
        title: 'Crown',
        source: 'Letter, 3 March',
        doNotRide: false,
        maker: 'Ostrel',
        serialFrom: 'T-100',
        serialTo: 'T-240',
        lot: '',
      },
      { line: 3, doNotRide: true, maker: '', lot: 'K22-118' },
    ],
  });
});

it('names what cannot be taken: nobody is met, a range that runs backwards, serials of no maker, no word', () => {
  const table = read(
    'A,words,source,yes,,,,',
    'B,words,source,yes,Ostrel,T-240,T-100,',
    'C,words,source,yes,,T-1,T-9,',
    'D,words,source,maybe,Ostrel,,,',
    ',words,source,yes,Ostrel,,,',
  );
  expect(table.ok && table.faults.map(({ line, column, code }) => [line, column, code])).toEqual([
    [2, 'maker', 'meets-nobody'],
    [3, 'serial_to', 'range-reversed'],
    [4, 'maker', 'maker-of-serials'],
    [5, 'do_not_ride', 'yes-or-no'],
    [6, 'title', 'too_small'],
  ]);
  expect(readText('title;words\r\nA;B', NOTICES)).toMatchObject({
    code: 'column-missing',
    facts: { column: 'source' },
  });
});
