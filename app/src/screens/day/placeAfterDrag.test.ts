import type { DayRow, Workday } from '@hold-fast/contract/day';
import { placeAfterDrag } from './placeAfterDrag';

const row = (jobId: string) => ({ jobId }) as DayRow;
const workday: Workday = {
  day: '2026-11-26',
  mechanics: [
    { id: 'maren', name: 'Maren', jobs: ['a', 'b', 'c'].map(row) },
    { id: 'joss', name: 'Joss', jobs: [] },
  ],
  unplaced: [row('x'), row('y')],
  unplacedCount: 2,
};
const at = (personId: string, before: string | null) => ({ day: workday.day, personId, before });

it.each([
  // Upwards it stands before what it is set down on, downwards after it.
  ['c', 'a', at('maren', 'a')],
  ['a', 'b', at('maren', 'c')],
  ['a', 'c', at('maren', null)],
  // From elsewhere before it, or last in a list.
  ['x', 'b', at('maren', 'b')],
  ['x', 'joss', at('joss', null)],
  ['a', 'joss', at('joss', null)],
  ['a', 'maren', at('maren', null)],
  ['c', 'maren', 'stays'],
  ['b', 'b', 'stays'],
  // Back among what has no place.
  ['a', 'x', null],
  ['a', 'unplaced', null],
  ['x', 'y', 'stays'],
])('%s set down on %s', (jobId, over, expected) => {
  expect(placeAfterDrag(workday, jobId, over)).toEqual(expected);
});
