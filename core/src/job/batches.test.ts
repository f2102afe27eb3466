import { Visit } from '../adversary/visit';
import type { UsedPart } from '../kit/usedPart';
import { openNotices } from '../notice/notice';
import { batchesOn } from './batches';
import { usedPartOf } from './partOff';

const pads = (visit: Visit) => batchesOn(visit.job, 'front', 'pads');
const LINE = { part: 'pads', description: 'Pads', lastBatch: '', count: 9 } as const;
const take = (visit: Visit, batch: string, end: 'front' | 'rear' = 'front') =>
  visit.send('part-taken', { end, stockId: 'pads', pieces: 1, batch }, LINE);
const fitPads = (visit: Visit) =>
  expect(
    visit.fit({ part: 'pads', compound: 'organic', rebedding: 'strip-and-bed-in' }),
  ).toBeNull();
/** A visit of a bike that pads of these batches were taken for before. */
const after = (taken: readonly (readonly [seq: number, jobId: string, batch: string])[]) =>
  Visit.with({
    earlierTaken: taken.map(([seq, jobId, batch]) => ({
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
    const on = { ...new Visit().identify().job, earlierTaken: [] };
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
      earlierTaken: [
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

describe('a part that goes over the shelf', () => {
  it('carries its batch to the bike it comes on, and from there on', () => {
    const first = after([[1, 'first', 'B-7']]).pads(3.9);
    const off = usedPartOf(first.job, 'front', 'pads');
    expect(off).toMatchObject({ part: 'pads', batches: ['B-7'] });

    const recall = {
      id: 'recall',
      version: 1,
      title: 'Pads that come off their plate',
      words: 'Change them',
      source: 'Bulletin 9',
      doNotRide: true,
      maker: '',
      serialFrom: '',
      serialTo: '',
      sheetId: null,
      lot: 'b-7',
      sheetBefore: false,
      lotBefore: false,
      answeredBefore: false,
    };
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
      notices: [{ ...recall, lotBefore: true, answeredBefore: true }],
    }).identify();
    expect(openNotices(later.job)).toEqual([]);
    expect(pads(later)).toEqual(['B-7']);
  });
});
