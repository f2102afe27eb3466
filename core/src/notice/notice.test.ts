import { Visit } from '../adversary/visit';
import { bySerial, meetsBike, noticeFault, noticesMet, type NoticeAtJob } from './notice';

const NOTICE: NoticeAtJob = {
  id: 'n',
  version: 1,
  title: 'Levers that stick',
  words: 'Change the lever',
  source: 'Bulletin 7',
  doNotRide: false,
  maker: '',
  serialFrom: '',
  serialTo: '',
  sheetId: null,
  lot: '',
  sheetBefore: false,
  lotBefore: false,
};
const met = (change: Partial<NoticeAtJob>, visit = new Visit()) =>
  noticesMet({ ...visit.job, notices: [{ ...NOTICE, ...change }] }).length === 1;

describe('whom a notice meets', () => {
  it.each([
    ['OS-2291', true],
    ['os-2200', true],
    ['OS-2299', true],
    ['OS-2300', false],
    ['OS-999', false],
    ['', true],
  ])('serials OS-2200 to OS-2299: %s %s', (serial, meets) => {
    const range = { maker: 'Ostrel', serialFrom: 'OS-2200', serialTo: 'OS-2299' };
    expect(meetsBike(range, { maker: ' ostrel', serial })).toBe(meets);
  });

  it('counts the numbers in serials by value', () => {
    expect(['A-10', 'A-9', 'A-100'].sort(bySerial)).toEqual(['A-9', 'A-10', 'A-100']);
  });

  it('another maker’s bike is not met, and none of which nobody wrote the maker', () => {
    const of = { maker: 'Ostrel', serialFrom: '', serialTo: '' };
    expect(meetsBike(of, { maker: 'Haaf', serial: 'OS-1' })).toBe(false);
    expect(meetsBike(of, { maker: '', serial: 'OS-1' })).toBe(false);
    expect(meetsBike(of, { maker: 'Ostrel', serial: '' })).toBe(true);
  });

  it('a brake is met once it is identified by the notice’s sheet, or was at an earlier visit', () => {
    const visit = new Visit();
    const sheetId = 'sheet Two pistons, mineral';
    expect(met({ sheetId }, visit)).toBe(false);
    visit.identify();
    expect(met({ sheetId }, visit)).toBe(true);
    expect(met({ sheetId, sheetBefore: true })).toBe(true);
  });

  it('a lot is met once it went in; all that is given has to fit', () => {
    const visit = new Visit().identify();
    expect(met({ lot: 'L1' }, visit)).toBe(false);
    visit.fill();
    const [fill] = visit.job.filled;
    expect(met({ lot: fill!.lot.toLowerCase() }, visit)).toBe(true);
    expect(met({ lot: fill!.lot, sheetId: 'another' }, visit)).toBe(false);
  });

  it.each([
    [{}, 'meets-nobody'],
    [{ serialFrom: 'A-1' }, 'maker-of-serials'],
    [{ lot: 'L', serialTo: 'A-1' }, 'maker-of-serials'],
    [{ maker: 'Ostrel', serialFrom: 'A-10', serialTo: 'A-9' }, 'range-reversed'],
    [{ maker: 'Ostrel', serialFrom: 'A-9', serialTo: 'A-10' }, undefined],
    [{ lot: 'L' }, undefined],
  ])('%j is %s', (change, code) => {
    expect(noticeFault({ ...NOTICE, ...change })?.code).toBe(code);
  });
});
