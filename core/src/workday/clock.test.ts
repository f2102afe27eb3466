import { timeOn, weekdayOf } from '../job/day';
import { clockOf, minutesOf, minutesOn } from './clock';

it('reads and shows the clock', () => {
  expect(minutesOf('08:30')).toBe(510);
  expect([clockOf(510), clockOf(1500), clockOf(-5), clockOf(0)]).toEqual([
    '08:30',
    '01:00',
    '23:55',
    '00:00',
  ]);
  expect([weekdayOf('2026-11-30'), weekdayOf('2026-11-29')]).toEqual([1, 7]);
});

describe('an instant on a day at the shop', () => {
  const rules = { timeZone: 'Europe/Lisbon', opensAt: '08:00' };
  it('counts from midnight by the shop’s own clock, on into later days and back into earlier ones', () => {
    expect(minutesOn(rules, '2026-07-01', '2026-07-01T09:30:00Z')).toBe(630);
    expect(minutesOn(rules, '2026-07-01', '2026-07-02T09:30:00Z')).toBe(630 + 1440);
    expect(minutesOn(rules, '2026-07-01', '2026-06-30T22:30:00Z')).toBe(-30);
  });
  // Lisbon sets its clocks on 29 March and 25 October 2026. Source [S]: the IANA time zone database.
  it.each(['2026-03-29', '2026-10-25'])('is right where the clock is changed, %s', (day) => {
    const at = timeOn('Europe/Lisbon', day, '10:15');
    expect(minutesOn(rules, day, at)).toBe(615);
  });
});
