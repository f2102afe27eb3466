import { draftsOf, type Draft } from './drafts';
import { blankBike } from './newBike';
import { blankVisit, promisedOf } from './visitForm';

afterEach(() => sessionStorage.clear());

const NOON = '2026-11-28T12:00:00.000Z';
const EVENING = '2026-11-28T17:00:00.000Z';

const draft = (bike: string, complaint: string): Draft => ({
  known: null,
  fresh: true,
  made: { customer: `customer of ${bike}`, bike },
  written: { ...blankBike('Ansa Meril'), ...blankVisit(NOON), complaint },
  open: true,
});

it('keeps each half-written check-in once, as it was written last', () => {
  const drafts = draftsOf('maren');
  drafts.keep(draft('a', 'Rubs'));
  drafts.keep(draft('b', 'Squeals'));
  drafts.keep(draft('a', 'Rubs in the wet'));
  expect(drafts.all().map(({ made, written }) => [made.bike, written.complaint])).toEqual([
    ['b', 'Squeals'],
    ['a', 'Rubs in the wet'],
  ]);
});

it('is found again as it was left, under the ids it was sent as', () => {
  draftsOf('maren').keep(draft('a', 'Rubs'));
  expect(draftsOf('maren').all()).toEqual([draft('a', 'Rubs')]);
});

it('shows nobody what another began', () => {
  draftsOf('maren').keep(draft('a', 'Rubs'));
  expect(draftsOf('joss').all()).toEqual([]);
});

it('leaves the screen and stays; thrown away it is gone, and the others are not', () => {
  const drafts = draftsOf('maren');
  drafts.keep(draft('a', 'Rubs'));
  drafts.keep(draft('b', 'Squeals'));
  drafts.shut();
  expect(drafts.all().map(({ open }) => open)).toEqual([false, false]);
  drafts.letGo(draft('a', 'whatever stands there now'));
  expect(drafts.all().map(({ made }) => made.bike)).toEqual(['b']);
  expect([drafts.has(draft('a', '')), drafts.has(draft('b', ''))]).toEqual([false, true]);
  drafts.letGo(draft('b', ''));
  expect(sessionStorage).toHaveLength(0);
});

it('promises nothing for a time that is past by now', () => {
  expect(promisedOf(EVENING, [NOON, EVENING])).toBe(EVENING);
  expect(promisedOf(NOON, [EVENING])).toBe(EVENING);
});
