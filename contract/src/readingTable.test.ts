import { readingTable, readReadingTable } from './readingCsv';

const NAMES = 'at,customer,bike,serial,end,part,place,mm,gauge,replaced';
const read = (...lines: string[]) => readReadingTable([NAMES, ...lines].join('\r\n'));
const CARD = '2024-03-02,Harbour post,Post trike 7,,front,rotor,1,"1,72",old caliper,';

it('reads a card: a day alone is its noon, and a decimal comma is one', () => {
  expect(read(CARD)).toMatchObject({
    ok: true,
    faults: [],
    rows: [
      {
        line: 2,
        takenAt: '2024-03-02T12:00:00.000Z',
        customer: 'Harbour post',
        bike: 'Post trike 7',
        serial: '',
        end: 'front',
        part: 'rotor',
        place: '1',
        valueMm: 1.72,
        gauge: 'old caliper',
        replaced: false,
      },
    ],
  });
});

it('names what cannot be taken: no day, no such end, no number, twelve millimetres of rotor, no bike', () => {
  const table = read(
    '02.03.2024,A,B,,front,rotor,1,1.72,,',
    '2024-03-02,A,B,,middle,rotor,1,1.72,,',
    '2024-03-02,A,B,,front,rotor,1,thin,,',
    '2024-03-02,A,B,,front,rotor,1,12,,',
    '2024-03-02,A,,,front,rotor,1,1.72,,',
    '2024-03-02,A,B,,front,rotor,1,1.72,,maybe',
  );
  expect(table.ok && table.faults.map(({ line, column, code }) => [line, column, code])).toEqual([
    [2, 'at', 'invalid_format'],
    [3, 'end', 'none-of'],
    [4, 'mm', 'millimetres'],
    [5, 'mm', 'no-such-reading'],
    [6, 'serial', 'which-bike'],
    [7, 'replaced', 'yes-or-no'],
  ]);
});

it('comes in as it went out, whatever the customer is called', () => {
  const taken = {
    takenAt: '2026-11-25T09:00:00.000Z',
    tag: 482,
    customer: '=HYPERLINK("x"), Ltd',
    bike: 'Post trike 7',
    serial: 'GW-1',
    end: 'rear',
    part: 'runout',
    place: '3',
    valueMm: -0.04,
    gauge: 'D1, dial',
    replaced: true,
  } as const;
  const { tag: _, ...row } = taken;
  expect(readReadingTable(readingTable([taken], true))).toMatchObject({
    ok: true,
    faults: [],
    unknown: [],
    rows: [{ line: 2, ...row }],
  });
});
