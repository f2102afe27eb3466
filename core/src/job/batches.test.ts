import { Visit } from '../adversary/visit';
import { NOTICE } from '../adversary/whole';
import type { UsedPart } from '../kit/usedPart';
import { noticesMet, openNotices } from '../notice/notice';
import { batchesPutIn } from '../stock/batches';
import { batchesOn } from './batches';
import { usedPartOf } from './partOff';

const pads = (visit: Visit) => batchesOn(visit.job, 'front', 'pads');
const LINE = { part: 'pads', description: 'Pads', batches: [], count: 9 } as const;
const take = (visit: Visit, batch: string, end: 'front' | 'rear' = 'front') =>
  visit.send('part-taken', { end, stockId: 'pads', pieces: 1, batch }, LINE);
const fitPads = (visit: Visit) =>
  expect(
    visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' }),
  ).toBeNull();
/** A visit of a bike that pads of these batches were taken for before. */
const after = (taken: readonly (readonly [seq: number, jobId: string, batch: string])[]) =>
  Visit.with({
    earlierBatches: taken.map(([seq, jobId, batch]) => ({
      seq,
      jobId,
      end: 'front',
      part: 'pads',
      batch,
    })),
  }).identify();

// Lot to jobs to bikes is common practice; what is asked of a part that went over the shelf is our choice.
describe('the batches that what is on may be of', () => {
  it('are those taken at the visit it came on at, before or after it was written', () => {
    const visit = new Visit().identify();
    take(visit, 'A');
    expect(pads(visit)).toEqual([]);
    fitPads(visit);
    expect(pads(visit)).toEqual(['A']);
    take(visit, 'B');
    take(visit, 'C', 'rear');
    expect(pads(visit)).toEqual(['A', 'B']);
    expect(batchesOn(visit.job, 'front', 'rotor')).toEqual([]);
  });

  it('are those of the visits before where nobody wrote that it came on, and not what is taken for the next', () => {
    const visit = after([
      [1, 'first', 'A'],
      [9, 'second', 'B'],
    ]);
    take(visit, 'C');
    expect(pads(visit)).toEqual(['A', 'B']);
  });

  it('are of its own life alone', () => {
    const on = { ...new Visit().identify().job, earlierBatches: [] };
    const fitted = (seq: number, jobId: string) => ({
      id: `f${seq}`,
      seq,
      jobId,
      end: 'front' as const,
      part: 'pads' as const,
      description: 'Pads',
      condition: 'new' as const,
      compound: 'organic' as const,
      organicOnly: false,
      construction: null,
      newMm: null,
      stampedLimit: null,
      cameOffFor: null,
      rebedding: null,
      at: '',
      by: '',
    });
    const taken = (seq: number, jobId: string, batch: string) =>
      ({ seq, jobId, end: 'front', part: 'pads', batch }) as const;
    const job = {
      ...on,
      fittings: [fitted(3, 'first'), fitted(8, 'second')],
      earlierBatches: [
        taken(1, 'first', 'A'),
        taken(4, 'first', 'B'),
        taken(7, 'second', 'C'),
        // Taken later for that place, with nothing written of its coming on.
        taken(12, 'third', 'D'),
      ],
    };
    expect(batchesOn(job, 'front', 'pads')).toEqual(['C', 'D']);
  });
});

describe('what a visit puts in', () => {
  const lots = (visit: Visit) => batchesPutIn(visit.job).map(({ batch }) => batch);
  const among = (visit: Visit, batch: string, batches: readonly string[]) =>
    visit.send(
      'part-taken',
      { end: 'front', stockId: 'pads', pieces: 1, batch },
      { ...LINE, batches },
    );

  it('is of the batch its packet says, or of any that lies there where it says none', () => {
    const visit = new Visit().identify();
    among(visit, 'B', ['B', 'A']);
    expect(lots(visit)).toEqual(['B']);
    among(visit, '', ['C', '', 'A']);
    expect(lots(visit)).toEqual(['B', 'C', 'A']);
    const recall = { ...NOTICE, lot: 'A', doNotRide: true };
    expect(noticesMet({ ...visit.job, notices: [recall] })).toHaveLength(1);
  });

  it('is of the batch on the packet that a customer brought, which no slip of the hand takes back', () => {
    const visit = Visit.with({ notices: [{ ...NOTICE, lot: 'A', doNotRide: true }] }).identify();
    const bring = (batch?: string) => {
      const told = { end: 'front', part: 'pads', pieces: 1, from: 'Customer', fits: '' } as const;
      expect(visit.send('part-brought', { ...told, checked: 'Held against', batch })).toBeNull();
      return visit.last;
    };
    for (const batch of [undefined, ''])
      expect(visit.send('taken-back', { of: bring(batch) })).toBeNull();
    expect(lots(visit)).toEqual([]);
    expect(visit.barred).not.toContain('notice-open');
    const brought = bring('a');
    expect(lots(visit)).toEqual(['a']);
    expect(visit.barred).toContain('notice-open');
    expect(visit.send('taken-back', { of: brought })).toMatchObject({ field: 'of' });
    expect(visit.barred).toContain('notice-open');
  });
});

describe('a part that goes over the shelf', () => {
  it('carries its batch to the bike it comes on, and from there on', () => {
    const first = after([[1, 'first', 'B-7']]).pads(3.9);
    const off = usedPartOf(first.job, 'front', 'pads');
    expect(off).toMatchObject({ part: 'pads', batches: ['B-7'] });

    const recall = { ...NOTICE, lot: 'b-7', doNotRide: true };
    const next = Visit.with({ notices: [recall] }).identify();
    expect(openNotices(next.job)).toEqual([]);
    const used: UsedPart = {
      ...(off as UsedPart),
      id: 'used',
      at: '',
      by: '',
      gone: false,
    };
    const { description, compound, construction, newMm } = used;
    const own = { part: 'pads', description, compound, construction, newMm } as const;
    expect(
      next.fit(
        { ...own, condition: 'used', rebedding: 'strip-and-bed-in', usedPartId: 'used' },
        { used },
      ),
    ).toBeNull();
    expect(next.barred).toContain('notice-open');
    expect(pads(next)).toEqual(['B-7']);
    // At the visit after, the visit before says that its lot is there: what lay there then is asked about no second time here.
    const { fittings } = next.job;
    const later = Visit.with({
      id: 'later',
      earlierFittings: fittings,
      earlierBatches: batchesPutIn(next.job).map((put) => ({ ...put, jobId: next.job.id })),
      notices: [{ ...recall, lotBefore: true, answeredBefore: true }],
    }).identify();
    expect(openNotices(later.job)).toEqual([]);
    expect(pads(later)).toEqual(['B-7']);
  });
});
