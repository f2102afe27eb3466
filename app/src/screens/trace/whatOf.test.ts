import type { TraceRow } from '@hold-fast/contract/trace';
import { whatOf } from './whatOf';

const ROW: TraceRow = {
  jobId: 'a',
  tag: 408,
  bikeId: 'trike',
  bikeName: 'Post trike 7',
  customerName: 'Harbour post',
  phone: '0555 0140',
  ends: ['rear'],
  codes: ['pads'],
  changes: [],
  ml: null,
  brought: false,
  at: '2026-11-25T09:00:00.000Z',
};

it('says what was done here, and of what another workshop put in that only a passport says so', () => {
  expect(whatOf(ROW)).toBe('Rear: pads');
  expect(whatOf({ ...ROW, ends: ['front', 'rear'], codes: [], ml: 5 })).toBe(
    'Front and rear: 5 mL',
  );
  const elsewhere = 'put in elsewhere, by its passport';
  expect(whatOf({ ...ROW, brought: true })).toBe(`Rear: pads · ${elsewhere}`);
  expect(whatOf({ ...ROW, codes: [], brought: true })).toBe(`Rear · ${elsewhere}`);
});
