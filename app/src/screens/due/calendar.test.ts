import type { DueRow } from '@hold-fast/contract/due';
import { calendarFile } from './calendar';

// An independent parser of RFC 5545.
const ICAL = jest.requireActual<{
  parse: (text: string) => unknown;
  Component: new (parsed: unknown) => {
    getAllSubcomponents: (name: string) => {
      getFirstPropertyValue: (name: string) => { toString: () => string };
    }[];
  };
}>('ical.js');

const due = (change: Partial<DueRow> = {}): DueRow => ({
  bikeId: '0190a000-0000-7000-8000-000000000001',
  bikeName: 'Post trike; "7", big\nand brown',
  customerName: 'Härbour, post',
  phone: null,
  end: 'front',
  of: 'pads',
  on: '2026-12-31',
  shownOn: '2026-12-31',
  because: 'time',
  days: 91,
  jobId: 'job',
  tag: 7,
  snoozed: null,
  remindedAt: null,
  ...change,
});
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');

it('is read back by another program: a whole day each, its words whole', () => {
  const text = calendarFile([due(), due({ of: 'rotor' })], new Date('2026-11-27T08:00:00Z'));
  const events = eventsOf(text);
  expect(events).toHaveLength(2);
  const of = (name: string) => events[0]!.getFirstPropertyValue(name).toString();
  expect(of('dtstart')).toBe('2026-12-31');
  expect(of('dtend')).toBe('2027-01-01');
  expect(of('summary')).toBe('Post trike; "7", big\nand brown: pads, front');
  expect(of('description')).toContain('Härbour, post');
  // RFC 5545, 3.1: no line is longer than 75 octets.
  for (const line of text.split('\r\n'))
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
});

it('taken in again doubles nothing: a thing keeps its id, put off or not', () => {
  const ids = (rows: DueRow[]) =>
    eventsOf(calendarFile(rows, new Date(0))).map((event) =>
      event.getFirstPropertyValue('uid').toString(),
    );
  expect(ids([due()])).toEqual(ids([due({ shownOn: '2027-01-14' })]));
  expect(new Set(ids([due(), due({ end: 'rear' }), due({ of: 'bolts' })])).size).toBe(3);
});
