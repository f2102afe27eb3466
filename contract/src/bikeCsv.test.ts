import { parse } from 'csv-parse/sync';
import * as fc from 'fast-check';
import iconv from 'iconv-lite';
import {
  BRAKE_TYPES,
  MATERIALS,
  TERRAINS,
  SHARED_LEVERS,
  THIRD_PLACES,
} from '@hold-fast/core/kit/bike';
import { BikeRow } from './bikeRows';
import { bikeTable, readBikeTable } from './bikeCsv';
import { MOST_ROWS } from './rowsIn';
import type { ReadTable } from './table';

const rowsOf = (read: ReadTable<BikeRow>) => (read.ok ? read.rows : []);
const faultsOf = (read: ReadTable<BikeRow>) =>
  read.ok ? read.faults.map(({ line, column, code }) => [line, column, code]) : read.code;

const NAMES = 'customer,phone,bike,serial,motor,mass_kg,terrain,fork,third_brake';

describe('a table of customers and bikes', () => {
  it('is read row by row, what is left out as nobody asked', () => {
    const read = readBikeTable(
      `${NAMES}\nHarbour post,0555 0140,Trike 9,GW-9,yes,182,rolling,steel,disc\nNobody Else,,,,,,,,\n`,
    );
    expect(faultsOf(read)).toEqual([]);
    const [trike, alone] = rowsOf(read);
    expect(trike).toMatchObject({
      line: 2,
      customer: { name: 'Harbour post', phone: '0555 0140' },
      bike: { name: 'Trike 9', motor: true, systemMassKg: 182, wet: true, thirdBrake: 'disc' },
    });
    expect(alone).toEqual({ line: 3, customer: { name: 'Nobody Else', phone: null }, bike: null });
  });

  it.each([
    ['a byte order mark', `\uFEFF${NAMES}\nA,,B,,,,,,none\n`],
    ['semicolons', `${NAMES.replaceAll(',', ';')}\nA;;B;;;;;;none\n`],
    ['tabs', `${NAMES.replaceAll(',', '\t')}\nA\t\tB\t\t\t\t\t\tnone\n`],
    ['old line ends', `${NAMES}\r\nA,,B,,,,,,none\r\n`],
    ['names written otherwise', 'Customer,BIKE,Mass kg,Third-brake\nA,B,,None\n'],
    ['empty lines between', `${NAMES}\n\nA,,B,,,,,,none\n\n`],
  ])('is read with %s', (_name, text) => {
    expect(
      rowsOf(readBikeTable(text)).map(({ customer, bike }) => [customer.name, bike?.name]),
    ).toEqual([['A', 'B']]);
  });

  it('names each cell that cannot be taken, by line and column', () => {
    const read = readBikeTable(
      [
        NAMES,
        ',,B,,,,,,none',
        'A,call me,B,,,,,,none',
        'A,,B,,maybe,,,,none',
        'A,,B,,,heavy,,,none',
        'A,,B,,,9,,,none',
        'A,,B,,,,bumpy,,none',
        'A,,,S-1,,,,,none',
        `A,,${'x'.repeat(81)},,,,,,none`,
        'A,,B,,,,,,',
        'A,,B,,,,,,trailer',
        'Good,,B,,,,,,none',
      ].join('\n'),
    );
    expect(faultsOf(read)).toEqual([
      [2, 'customer', 'too_small'],
      [3, 'phone', 'invalid_format'],
      [4, 'motor', 'yes-or-no'],
      [5, 'mass_kg', 'whole-number'],
      [6, 'mass_kg', 'too_small'],
      [7, 'terrain', 'none-of'],
      [8, 'bike', 'too_small'],
      [9, 'bike', 'too_big'],
      [10, 'third_brake', 'third-unsaid'],
      [11, 'third_brake', 'none-of'],
    ]);
    expect(rowsOf(read).map(({ line }) => line)).toEqual([12]);
  });

  it.each([
    ['', 'empty'],
    [NAMES, 'empty'],
    ['bike,serial\nA,B\n', 'column-missing'],
    ['customer,bike,Bike\nA,B,C\n', 'column-twice'],
    ['customer,bike\n"A,B\nC,D\n', 'broken-quotes'],
  ])('is refused whole where it is no such table: %j', (text, code) => {
    expect(faultsOf(readBikeTable(text))).toBe(code);
  });

  it('is refused above the most rows, and no more of it is read', () => {
    const long = `customer\n${'A\n'.repeat(200_000)}`;
    expect(faultsOf(readBikeTable(long))).toBe('too-many-rows');
    expect(rowsOf(readBikeTable(`customer\n${'A\n'.repeat(MOST_ROWS)}`))).toHaveLength(MOST_ROWS);
  });

  it('takes a bike of which nobody said it for one with a motor, ridden in the wet: more is asked of it, and never less', () => {
    const motorOf = (text: string) =>
      rowsOf(readBikeTable(text)).map(({ bike }) => [bike!.motor, bike!.wet]);
    expect(motorOf('customer,bike,third_brake\nA,B,none\n')).toEqual([[true, true]]);
    expect(motorOf('customer,bike,motor,wet,third_brake\nA,B,,,none\nA,C,no,no,none\n')).toEqual([
      [true, true],
      [false, false],
    ]);
  });

  it('takes no bike of which nobody said whether it has a third brake, with the column or without', () => {
    for (const text of ['customer,bike\nA,B\n', 'customer,maker,third_brake\nA,B,\n'])
      expect(faultsOf(readBikeTable(text))).toEqual([[2, 'third_brake', 'third-unsaid']]);
    expect(faultsOf(readBikeTable('customer,phone\nA,\n'))).toEqual([]);
  });

  it('says which columns it does not know, and reads the others', () => {
    const read = readBikeTable('customer,bike,shoe size,third_brake\nA,B,43,none\n');
    expect(read.ok && read.unknown).toEqual(['shoe_size']);
  });

  it('is not taken for right where its letters were read in another encoding: the reader is told by the mark that stands for them', () => {
    const bytes = iconv.encode('customer,bike\nJörg,Rad\n', 'win1252');
    expect(new TextDecoder('windows-1252').decode(bytes)).toContain('Jörg');
    expect(() => new TextDecoder('utf-8', { fatal: true }).decode(bytes)).toThrow();
  });
});

describe('a table that is sent out', () => {
  const word = (most: number) =>
    fc
      .string({ unit: 'grapheme', minLength: 1, maxLength: most })
      .map((text) => text.trim())
      .filter((text) => BikeRow.shape.customer.shape.name.safeParse(text).success);
  const row = fc.record({
    customer: fc.record({ name: word(30), phone: fc.constantFrom(null, '+44 0555', '0555 0140') }),
    bike: fc.option(
      fc.record({
        name: word(20),
        maker: fc.constant(''),
        serial: fc.constantFrom('', 'GW-7'),
        motor: fc.boolean(),
        systemMassKg: fc.option(fc.integer({ min: 10, max: 600 })),
        terrain: fc.option(fc.constantFrom(...TERRAINS)),
        wet: fc.boolean(),
        kmPerWeek: fc.option(fc.integer({ min: 0, max: 3000 })),
        forkMaterial: fc.option(fc.constantFrom(...MATERIALS)),
        frameMaterial: fc.option(fc.constantFrom(...MATERIALS)),
        frontBrake: fc.constantFrom(...BRAKE_TYPES),
        rearBrake: fc.constantFrom(...BRAKE_TYPES),
        thirdBrake: fc.constantFrom(...BRAKE_TYPES),
        thirdPlace: fc.constantFrom(...THIRD_PLACES),
        sharedLever: fc.constantFrom(...SHARED_LEVERS),
        furtherBrakes: fc.constantFrom('', 'a "drum", behind', 'two\nlines'),
      }),
    ),
  });

  it('comes in again as it went out', () => {
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 8 }), (rows) => {
        // A cell that is marked as text already cannot be told from one that we marked.
        fc.pre(!JSON.stringify(rows).includes('"\''));
        const read = readBikeTable(bikeTable(rows, true));
        expect(faultsOf(read)).toEqual([]);
        expect(rowsOf(read).map(({ customer, bike }) => ({ customer, bike }))).toEqual(rows);
      }),
      { numRuns: 60 },
    );
  });

  it('is read alike by another reader of RFC 4180, and runs nothing in a spreadsheet', () => {
    const bike = {
      name: '=HYPERLINK("http://x")',
      maker: '@a',
      serial: '-1+1',
      motor: false,
      systemMassKg: null,
      terrain: null,
      wet: true,
      kmPerWeek: null,
      forkMaterial: null,
      frameMaterial: null,
      frontBrake: 'disc',
      rearBrake: 'disc',
      thirdBrake: 'drum',
      thirdPlace: 'second-rear',
      sharedLever: 'none',
      furtherBrakes: 'a, "b"\nc',
    } as const;
    const text = bikeTable([{ customer: { name: '+Post', phone: '+44 1' }, bike }], true);
    const [cells] = parse(text, { columns: true, record_delimiter: '\r\n' }) as Record<
      string,
      string
    >[];
    expect(cells).toMatchObject({ further_brakes: 'a, "b"\nc', wet: 'yes' });
    for (const name of ['customer', 'phone', 'bike', 'maker', 'serial'])
      expect(cells![name]).toMatch(/^'/);
  });
});
