import fc from 'fast-check';
import { timeOf } from './time';

const CHECKED_IN = '2026-11-25T08:00:00.000Z';
const NOW = '2026-11-25T12:00:00.000Z';
const bounds = { checkedInAt: CHECKED_IN, entryBefore: null };
const at = (made: string, phoneSaid: string | null, entryBefore: string | null = null) =>
  timeOf(made, { phoneSaid, serverSaid: NOW }, { ...bounds, entryBefore }).slice(0, 19);

// Our design (E10).
describe('when an entry was made', () => {
  it('is what the phone said where its clock is right', () => {
    expect(at('2026-11-25T09:30:00.000Z', NOW)).toBe('2026-11-25T09:30:00');
  });

  it('is put right where the phone’s clock is wrong, a day, a year, or not set at all', () => {
    expect(at('2026-11-24T11:30:00.000Z', '2026-11-24T12:00:00.000Z')).toBe('2026-11-25T11:30:00');
    expect(at('2027-11-25T11:30:00.000Z', '2027-11-25T12:00:00.000Z')).toBe('2026-11-25T11:30:00');
    expect(at('2000-01-01T00:10:00.000Z', '2000-01-01T00:40:00.000Z')).toBe('2026-11-25T11:30:00');
  });

  it('is neither after now, nor before the check-in, nor before what the same phone made ahead of it', () => {
    expect(at('2026-11-26T09:00:00.000Z', null)).toBe('2026-11-25T12:00:00');
    expect(at('2025-01-01T09:00:00.000Z', null)).toBe('2026-11-25T08:00:00');
    expect(at('2026-11-25T09:00:00.000Z', NOW, '2026-11-25T10:00:00.000Z')).toBe(
      '2026-11-25T10:00:00',
    );
  });

  it('whatever the clocks say, lies between the check-in and now', () => {
    const [from, to] = [new Date('2000-01-01T00:00:00Z'), new Date('2100-12-31T23:59:59Z')];
    const instant = fc
      .date({ min: from, max: to, noInvalidDate: true })
      .map((date) => date.toISOString());
    fc.assert(
      fc.property(instant, fc.option(instant), (made, phoneSaid) => {
        const put = Date.parse(timeOf(made, { phoneSaid, serverSaid: NOW }, bounds));
        return put >= Date.parse(CHECKED_IN) && put <= Date.parse(NOW);
      }),
    );
  });
});
