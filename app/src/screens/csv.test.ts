import Papa from 'papaparse';
import { csvOf } from './csv';

// RFC 4180, read back by a well-known parser.
it('comes back as it went: commas, quotes, lines and letters', () => {
  const rows = [
    ['12', 'Härbour, "post"', 'two\nlines'],
    ['13', '', 'plain'],
  ];
  const { data } = Papa.parse<string[]>(
    csvOf(['Tag', 'Customer', 'What'], rows).replace('\uFEFF', ''),
  );
  expect(data).toEqual([['Tag', 'Customer', 'What'], ...rows]);
});

it('runs nothing in a spreadsheet', () => {
  for (const cell of ['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1']) {
    const { data } = Papa.parse<string[]>(csvOf(['a'], [[cell]]).replace('\uFEFF', ''));
    expect(data[1]![0]!.startsWith("'")).toBe(true);
  }
});
