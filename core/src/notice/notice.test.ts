import fc from 'fast-check';
import { Visit } from '../adversary/visit';
import { NOTICE as LOT_NOTICE } from '../adversary/whole';
import {
  endsOfSheet,
  isNarrower,
  isOfLots,
  isSerialUnknown,
  placesOfLot,
  meetsBike,
  noticeFault,
  noticesMet,
  noticesOfLots,
  openNotices,
  type NoticeAtJob,
} from './notice';

const NOTICE: NoticeAtJob = { ...LOT_NOTICE, lot: '' };
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
    // Copied off the frame in another way, or a word for none.
    ['OS2291', true],
    ['os 2291', true],
    ['OS2300', false],
    ['OS 22-91', true],
    [' - ', true],
    ['none', true],
  ])('serials OS-2200 to OS-2299: %s %s', (serial, meets) => {
    const range = { maker: 'Ostrel', serialFrom: 'OS-2200', serialTo: 'OS-2299' };
    expect(meetsBike(range, { maker: ' ostrel', serial })).toBe(meets);
  });

  it('a serial that a maker writes in parts is met where somebody wrote them as one, or without their zeros', () => {
    const of = { maker: 'Ostrel', serialFrom: 'WX-22-0001', serialTo: 'WX-22-0999' };
    const meets = (serial: string) => meetsBike(of, { maker: 'Ostrel', serial });
    expect(['WX-22-0500', 'WX220500', 'wx 22 500'].map(meets)).toEqual([true, true, true]);
    expect(['WX-22-1000', 'WX221000', 'WX-21-0500'].map(meets)).toEqual([false, false, false]);
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

  it('a lot is named before it goes in, where the notice is of this bike and brake, and met only once it did', () => {
    const visit = new Visit().identify();
    const named = (change: Partial<NoticeAtJob>, lots: readonly string[]) =>
      noticesOfLots({ ...visit.job, notices: [{ ...NOTICE, ...change }] }, lots).length === 1;
    expect(named({ lot: 'L1' }, ['X', ' l1'])).toBe(true);
    expect(met({ lot: 'L1' }, visit)).toBe(false);
    expect(named({ lot: 'L1', answeredBefore: true }, ['L1'])).toBe(true);
    expect(named({ lot: 'L1' }, ['L12'])).toBe(false);
    expect(named({ lot: 'LO-22 07' }, ['l02207'])).toBe(true);
    expect(named({ lot: '-' }, ['-', ''])).toBe(false);
    expect(named({ lot: '' }, [''])).toBe(false);
    expect(named({ lot: 'L1', maker: 'Another' }, ['L1'])).toBe(false);
    expect(named({ lot: 'L1', sheetId: 'another' }, ['L1'])).toBe(false);
    expect(named({ lot: 'L1', sheetId: visit.job.identified.front!.sheet.sheetId }, ['L1'])).toBe(
      true,
    );
  });

  it('that an earlier visit answered meets only what is put on or in anew', () => {
    const visit = new Visit().identify();
    const { sheetId } = visit.job.identified.front!.sheet;
    const before = (of: string) =>
      Visit.with({ identifiedBefore: { front: { sheetId: of, tag: 1 } } });
    const answered = { sheetId, sheetBefore: true, answeredBefore: true };
    expect(met(answered, before(sheetId).identify())).toBe(false);
    // Another brake than was there, and now one that the notice names.
    expect(met(answered, before('another').identify())).toBe(true);
    const lot = { lot: 'L1', lotBefore: true, answeredBefore: true };
    expect(met(lot, visit)).toBe(false);
    visit.fill();
    expect(met(lot, visit)).toBe(true);
    expect(met({ maker: visit.job.bike.maker, answeredBefore: true }, visit)).toBe(false);
  });

  it('is answered for what is there: more of its lot is asked about again', () => {
    const visit = Visit.with({ notices: [{ ...NOTICE, lot: 'L1', doNotRide: true }] }).identify();
    const answer = () =>
      visit.send(
        'notice-answer',
        { noticeId: NOTICE.id, noticeVersion: 1, words: 'Flushed out' },
        { byLead: true },
      );
    const asked = () => openNotices(visit.job).map(({ id }) => id);
    expect(answer()).toMatchObject({ field: 'noticeId', code: 'unknown' });
    visit.fill();
    expect(asked()).toEqual([NOTICE.id]);
    expect(answer()).toBeNull();
    expect(asked()).toEqual([]);
    // The same bottle stood on the bench.
    visit.fill();
    expect(visit.barred).toContain('notice-open');
    expect(answer()).toBeNull();
    expect(asked()).toEqual([]);
  });

  it('is asked about again once a passport says that another workshop put its lot in', () => {
    const visit = (broughtAt: number) =>
      Visit.with({
        notices: [{ ...NOTICE, lot: 'L1', doNotRide: true, lotBefore: true, broughtAt }],
      });
    const answered = (at: Visit) => {
      at.send(
        'notice-answer',
        { noticeId: NOTICE.id, noticeVersion: 1, words: 'Not on it any more' },
        { byLead: true },
      );
      return openNotices(at.job).length === 0;
    };
    expect(answered(visit(0))).toBe(true);
    const first = visit(0);
    expect(answered(first)).toBe(true);
    const { seq } = first.job.told.at(-1)!;
    expect(answered(visit(seq - 1))).toBe(true);
    // Taken in after the answer: what it says was not known then.
    expect(answered(visit(seq))).toBe(false);
  });

  it('says of a lot where it went in, at this visit and before, each place once', () => {
    const visit = Visit.with({
      earlierBatches: [
        { jobId: 'j', seq: 1, end: 'rear', part: 'pads', batch: ' l1' },
        { jobId: 'k', seq: 2, end: 'rear', part: 'pads', batch: 'L1' },
        { jobId: 'k', seq: 3, end: 'rear', part: 'rotor', batch: 'L2' },
      ],
    }).identify();
    const places = (lot: string) => placesOfLot(visit.job, { lot });
    expect(places('L1')).toEqual([{ end: 'rear', part: 'pads' }]);
    visit.fill();
    expect(places('L1')).toEqual([
      { end: 'front', part: 'fluid' },
      { end: 'rear', part: 'pads' },
    ]);
    expect([places('L3'), places('')]).toEqual([[], []]);
  });

  it('says which brakes are of its sheet, and that nobody wrote down the serial it asks for', () => {
    const visit = new Visit().identify();
    const { sheetId } = visit.job.identified.front!.sheet;
    expect(endsOfSheet(visit.job, { sheetId })).toEqual(['front']);
    expect(endsOfSheet(visit.job, { sheetId: null })).toEqual([]);
    const before = Visit.with({ identifiedBefore: { rear: { sheetId, tag: 1 } } }).job;
    expect(endsOfSheet(before, { sheetId })).toEqual(['rear']);
    const range = { serialFrom: 'A-1', serialTo: '' };
    expect(isSerialUnknown(range, { serial: ' ' })).toBe(true);
    expect(isSerialUnknown(range, { serial: 'A-2' })).toBe(false);
    expect(isSerialUnknown({ serialFrom: '', serialTo: '' }, { serial: '' })).toBe(false);
  });

  it('another caliper or lever is of the sheet that was named, till somebody says of which it is', () => {
    const visit = Visit.with({
      notices: [{ ...NOTICE, sheetId: 'sheet Two pistons, mineral', doNotRide: true }],
    }).identify();
    const answer = () =>
      visit.send(
        'notice-answer',
        { noticeId: NOTICE.id, noticeVersion: 1, words: 'The maker sent another' },
        { byLead: true },
      );
    expect(answer()).toBeNull();
    expect(openNotices(visit.job)).toEqual([]);
    visit.repair('service-pistons');
    expect(openNotices(visit.job)).toEqual([]);
    visit.repair('replace-caliper');
    expect(visit.barred).toContain('notice-open');
    expect(answer()).toBeNull();
    visit.repair('replace-lever');
    expect(visit.barred).toContain('notice-open');
    expect(answer()).toBeNull();
    expect(visit.barred).not.toContain('notice-open');
  });

  it.each([
    [{}, 'meets-nobody'],
    [{ maker: 'Ostrel', lot: '-' }, 'meets-nobody'],
    [{ maker: '?', lot: 'L' }, 'meets-nobody'],
    [{ serialFrom: 'A-1' }, 'maker-of-serials'],
    [{ lot: 'L', serialTo: 'A-1' }, 'maker-of-serials'],
    [{ maker: 'Ostrel', serialFrom: 'A-10', serialTo: 'A-9' }, 'range-reversed'],
    [{ maker: 'Ostrel', serialFrom: 'A-9', serialTo: 'A-10' }, undefined],
    [{ lot: 'L' }, undefined],
  ])('%j is %s', (change, code) => {
    expect(noticeFault({ ...NOTICE, ...change })?.code).toBe(code);
  });
});

describe('a notice written anew', () => {
  const was = {
    doNotRide: true,
    maker: 'Ostrel',
    serialFrom: 'OS-2200',
    serialTo: 'OS-2299',
    sheetId: null,
    lot: 'L-07',
  };
  it.each([
    [{}, false],
    [{ doNotRide: false }, true],
    [{ maker: 'Skarn' }, true],
    [{ maker: ' OSTREL ' }, false],
    [{ maker: '', serialFrom: '', serialTo: '' }, false],
    [{ serialFrom: 'OS-2201' }, true],
    [{ serialFrom: 'OS-2199' }, false],
    [{ serialFrom: '' }, false],
    [{ serialTo: 'OS-2209' }, true],
    [{ serialTo: 'OS-22990' }, false],
    [{ sheetId: 'a' }, true],
    [{ lot: 'L-08' }, true],
    [{ lot: 'l7' }, false],
    [{ lot: '' }, false],
  ])('%j: lets go of somebody %s', (change, narrower) =>
    expect(isNarrower(was, { ...was, ...change })).toBe(narrower),
  );

  it('whoever it lets go of, it is narrower for', () => {
    const serial = fc.constantFrom('', 'A-1', 'a2', 'A 10', 'B-3', 'B03');
    const lot = fc.constantFrom('', 'L1', 'l-01', 'L2');
    const reach = fc.record({
      doNotRide: fc.boolean(),
      maker: fc.constantFrom('', 'Ostrel', 'ostrel ', 'Skarn'),
      serialFrom: serial,
      serialTo: serial,
      sheetId: fc.constantFrom(null, 'one', 'other'),
      lot,
    });
    const bike = fc.record({
      maker: fc.constantFrom('', 'Ostrel', 'Skarn'),
      serial,
      sheet: fc.constantFrom('one', 'other'),
      lot,
    });
    type Bike = Parameters<typeof meetsBike>[1] & { sheet: string; lot: string };
    const meets = (notice: Parameters<typeof isNarrower>[0], of: Bike) =>
      meetsBike(notice, of) &&
      (notice.sheetId === null || notice.sheetId === of.sheet) &&
      (notice.lot === '' || isOfLots(notice, [of.lot]));
    fc.assert(
      fc.property(reach, reach, bike, (before, now, of) => {
        fc.pre(meets(before, of) && !meets(now, of));
        expect(isNarrower(before, now)).toBe(true);
      }),
    );
  });
});
