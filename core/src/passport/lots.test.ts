import { lotsBrought } from './lots';
import type { Passport } from './passport';

const of = (...records: unknown[]) =>
  lotsBrought({
    records: records.map((record, i) => ({
      number: i,
      prev: null,
      seal: '',
      canonical: typeof record === 'string' ? record : JSON.stringify({ record }),
    })),
  } as unknown as Passport);

it('are those of parts taken, brought, fitted used and of fluid, of every visit, each once', () => {
  const first = {
    id: 'j',
    taken: [
      { end: 'front', part: 'pads', batch: '', batches: ['A', 'B'] },
      { end: 'front', part: 'pads', batch: 'a', batches: ['a'] },
    ],
    told: [
      { kind: 'part-brought', end: 'rear', part: 'rotor', batch: ' C ' },
      { kind: 'test', end: null, words: 'Holds' },
    ],
    filled: [{ end: 'third', fluid: 'Glycol', lot: 'L-1' }],
  };
  const second = { fittings: [{ end: 'rear', part: 'rotor', batches: ['D'], condition: 'new' }] };
  expect(of(first, second)).toEqual([
    { end: 'front', part: 'pads', lot: 'a' },
    { end: 'front', part: 'pads', lot: 'B' },
    { end: 'rear', part: 'rotor', lot: 'C' },
    { end: 'third', part: 'fluid', lot: 'L-1' },
    { end: 'rear', part: 'rotor', lot: 'D' },
  ]);
});

it('are those of a record from before batches were told, and of one with parts that are not known here', () => {
  expect(
    of({
      taken: [
        { end: 'front', part: 'pads', batch: 'A' },
        { end: 'front', part: 'a-part-with-a-very-long-name', batch: 'B' },
      ],
    }),
  ).toEqual([
    { end: 'front', part: 'pads', lot: 'A' },
    { end: 'front', part: 'a-part-with-a-very-l', lot: 'B' },
  ]);
});

it.each([
  ['no record', 'not JSON'],
  ['a correction', { words: 'It was the left one', takesBack: [{ end: 'front' }] }],
  ['lists of anything', { taken: [null, 3, 'A', []], filled: 'L1', told: { lot: 'L1' } }],
  ['an end there is none of', { taken: [{ end: 'middle', part: 'pads', batch: 'A' }] }],
  ['what no notice can name', { taken: [{ end: 'front', part: 'pads', batch: 'A'.repeat(61) }] }],
  ['a lot that is no text', { filled: [{ end: 'front', lot: 7 }] }],
])('%s brings none', (_, record) => {
  expect(of(record)).toEqual([]);
});
