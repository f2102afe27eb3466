import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { NEW_PARTS } from '@hold-fast/core/procedure/steps';
import { StockRow } from './stockRows';
import { readStockTable, stockTable } from './stockCsv';

const NAMES = 'part,description,fits,count,reorder_at,price_cents,batch';
const read = (...lines: string[]) => readStockTable([NAMES, ...lines].join('\r\n'));

it('reads kinds of parts with what comes with them; what is not said is none', () => {
  expect(read('pads,Organic round,Shape R2,12,4,1450,B7', 'olive,Brass 5 mm,,,,0')).toMatchObject({
    ok: true,
    faults: [],
    rows: [
      {
        line: 2,
        part: 'pads',
        description: 'Organic round',
        fits: 'Shape R2',
        count: 12,
        reorderAt: 4,
        priceCents: 1450,
        batch: 'B7',
      },
      { line: 3, part: 'olive', count: 0, reorderAt: 0, priceCents: 0, batch: '' },
    ],
  });
});

it('names the cell that cannot be taken: no such part, no count, none of it, no price', () => {
  const table = read(
    'saddle,Soft,,1,,900,',
    'pads,,,1,,900,',
    'pads,Round,,-3,,900,',
    'pads,Oval,,1001,,900,',
    'pads,Long,,1,,,',
  );
  expect(table.ok && table.faults.map(({ line, column }) => [line, column])).toEqual([
    [2, 'part'],
    [3, 'description'],
    [4, 'count'],
    [5, 'count'],
    [6, 'price_cents'],
  ]);
  expect(readStockTable('part;count\r\npads;1')).toMatchObject({
    code: 'column-missing',
    facts: { column: 'description' },
  });
  expect(readStockTable('')).toMatchObject({ code: 'empty' });
});

it('reads again what it wrote, formulas and all', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          part: fc.constantFrom(...NEW_PARTS),
          description: fc.stringMatching(/^[=+@A-Za-z0-9;," -]{1,40}$/),
          fits: fc.stringMatching(/^[A-Za-z0-9 -]{0,20}$/),
          count: fc.integer({ min: 0, max: 1000 }),
          reorderAt: fc.integer({ min: 0, max: 1000 }),
          priceCents: fc.integer({ min: 0, max: 999_999 }),
          batch: fc.stringMatching(/^[A-Z0-9]{0,10}$/),
        }),
        { minLength: 1, maxLength: 8 },
      ),
      (written) => {
        const rows = written.flatMap((row, i) => {
          const kept = StockRow.safeParse({ line: i + 2, ...row });
          return kept.success ? [kept.data] : [];
        });
        fc.pre(rows.length === written.length);
        const text = stockTable(rows, true);
        expect(readStockTable(text)).toMatchObject({ ok: true, rows, faults: [] });
        // Reference: csv-parse, a general reader of RFC 4180. No cell is one that a spreadsheet would run.
        for (const [description] of (parse(text, { from_line: 2 }) as string[][]).map(
          (cells) => [cells[1]!] as const,
        ))
          expect(description).not.toMatch(/^[=+\-@]/);
      },
    ),
  ));
