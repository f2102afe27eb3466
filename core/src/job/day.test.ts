import { dayBegins, dayIn, isTimeZone } from './day';

// Source: the IANA time zone database: UTC offsets and daylight saving of these places.
describe('the day where the shop is', () => {
  it.each([
    ['UTC', '2026-07-01T23:59:59.999Z', '2026-07-01'],
    ['Europe/Lisbon', '2026-07-01T23:30:00.000Z', '2026-07-02'],
    ['Europe/Lisbon', '2026-12-01T23:30:00.000Z', '2026-12-01'],
    ['Asia/Kolkata', '2026-03-01T18:29:00.000Z', '2026-03-01'],
    ['Asia/Kolkata', '2026-03-01T18:30:00.000Z', '2026-03-02'],
    ['Pacific/Kiritimati', '2026-02-28T10:00:00.000Z', '2026-03-01'],
    ['America/St_Johns', '2026-01-01T03:29:00.000Z', '2025-12-31'],
    ['America/St_Johns', '2026-01-01T03:30:00.000Z', '2026-01-01'],
    ['Asia/Kathmandu', '2026-05-05T18:14:00.000Z', '2026-05-05'],
    ['Asia/Kathmandu', '2026-05-05T18:15:00.000Z', '2026-05-06'],
    ['Pacific/Chatham', '2026-06-10T11:14:00.000Z', '2026-06-10'],
    ['Pacific/Chatham', '2026-06-10T11:15:00.000Z', '2026-06-11'],
    ['Australia/Lord_Howe', '2026-07-01T13:29:00.000Z', '2026-07-01'],
    ['Australia/Lord_Howe', '2026-07-01T13:30:00.000Z', '2026-07-02'],
    ['America/Phoenix', '2026-07-01T06:59:00.000Z', '2026-06-30'],
    ['America/Denver', '2026-07-01T06:00:00.000Z', '2026-07-01'],
    ['Pacific/Pago_Pago', '2026-01-01T10:59:00.000Z', '2025-12-31'],
    ['Atlantic/Reykjavik', '2026-07-01T23:59:00.000Z', '2026-07-01'],
  ])('published: in %s, %s is on %s', (zone, at, day) => expect(dayIn(zone, at)).toBe(day));

  it('knows what is a time zone', () => {
    expect([isTimeZone('Atlantic/Faroe'), isTimeZone('Harbour/Workshop'), isTimeZone('')]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe('when a day begins', () => {
  it.each([
    ['UTC', '2026-11-27', '2026-11-27T00:00:00.000Z'],
    ['Europe/Stockholm', '2026-11-27', '2026-11-26T23:00:00.000Z'],
    ['Europe/Stockholm', '2026-07-01', '2026-06-30T22:00:00.000Z'],
    // Clocks go forward at 02:00 and back at 03:00: the day began before.
    ['Europe/Stockholm', '2026-03-29', '2026-03-28T23:00:00.000Z'],
    ['Europe/Stockholm', '2026-10-25', '2026-10-24T22:00:00.000Z'],
    ['America/St_Johns', '2026-11-27', '2026-11-27T03:30:00.000Z'],
    ['Pacific/Auckland', '2026-01-15', '2026-01-14T11:00:00.000Z'],
  ])('%s, %s is %s', (zone, day, at) => {
    expect(dayBegins(zone, day)).toBe(at);
    expect(dayIn(zone, at)).toBe(day);
  });
});
