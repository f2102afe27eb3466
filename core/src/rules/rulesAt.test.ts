import { rulesAt, type LaidRules } from './rulesAt';
import { USUAL_RULES } from './shopRules';

// Invented data.
const laid = (version: number, at: string): LaidRules => ({
  version,
  at,
  rules: { ...USUAL_RULES, labourPerHourCents: 1000 * version },
});
const hourAt = (of: readonly LaidRules[], at: string | null) => rulesAt(of, at).labourPerHourCents;

describe('the rules that were in force at a moment', () => {
  const all = [
    laid(3, '2026-11-20T09:00:00.000Z'),
    laid(2, '2026-11-10T09:00:00.000Z'),
    laid(1, '2026-11-01T09:00:00.000Z'),
  ];

  it.each([
    ['now', null, 3000],
    ['after the last', '2026-11-25T09:00:00.000Z', 3000],
    ['to the moment that they were laid down', '2026-11-20T09:00:00.000Z', 3000],
    ['a moment before', '2026-11-20T08:59:59.999Z', 2000],
    ['between the first two', '2026-11-05T09:00:00.000Z', 1000],
    ['before anybody laid down any: the usual ones', '2026-10-01T09:00:00.000Z', 6000],
  ])('%s', (_, at, hour) => expect(hourAt(all, at)).toBe(hour));

  it('are the usual ones while nobody laid down any', () => expect(hourAt([], null)).toBe(6000));

  it('are the oldest that is told of, where older ones are not', () =>
    expect(hourAt(all.slice(0, 2), '2026-11-05T09:00:00.000Z')).toBe(2000));
});
