import fc from 'fast-check';
import { isBetween, isCopyOf, isSerial } from './label';

it.each([
  ['L-2207/B', 'l2207b'],
  ['L 2207 B', 'L2207-B'],
  ['LO4471', 'L04471'],
  ['A15', 'AI5'],
  ['L01', 'L1'],
  ['22-07', '22-7'],
  ['22-07', '2207'],
  ['Haaf-Werk', 'haaf werk'],
])('%s and %s are copied from one label', (one, other) => {
  expect([isCopyOf(one, other), isCopyOf(other, one)]).toEqual([true, true]);
});

it.each([
  ['L1', 'L12'],
  ['L10', 'L1'],
  ['A1', 'B1'],
  ['', 'L1'],
  ['', ''],
  ['-', ' '],
])('%s and %s are not', (one, other) => {
  expect([isCopyOf(one, other), isCopyOf(other, one)]).toEqual([false, false]);
});

it('what parts the letters and digits changes nothing, wherever somebody put it', () => {
  const label = fc.stringMatching(/^[A-Z0-9]{1,12}$/);
  fc.assert(
    fc.property(label, fc.array(fc.constantFrom('', '-', ' ', '.', '/', '#')), (whole, marks) => {
      const parted = [...whole].map((each, i) => each + (marks[i] ?? '')).join('');
      return isCopyOf(whole, parted) && isBetween(parted, whole, whole);
    }),
  );
});

it('a word for none is no serial', () => {
  expect(['OS-1', '7', '', '-', 'none', '?'].map(isSerial)).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
  ]);
});
