import { atEachEnd } from '@hold-fast/core/ends';
import { NOTHING_MET } from '@hold-fast/core/fluid/met';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import { NOTHING_SAID, type Job } from '@hold-fast/core/job/job';
import { USUAL_USE } from '@hold-fast/core/kit/bike';
import { SpecSheetBody } from '@hold-fast/contract/sheets';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import type { Entry } from '@hold-fast/contract/entries';
import type { ContainerInStore, Gauge, StockInStore } from '@hold-fast/contract/stores';
import type { JobLog } from '@hold-fast/contract/jobs';
import { fold } from '@hold-fast/core/job/fold';
import { aboutEntry } from '../words/about';
import type { Waiting } from '../data/outbox';

export const GAUGE: Gauge = {
  id: '0190a000-0000-7000-8000-000000000001',
  name: 'G2 thickness gauge',
  kind: 'thickness-gauge',
  resolutionMm: 0.01,
  uncertaintyMm: 0.03,
  uncertaintyAssumed: true,
  anvils: 'point',
  calibrationDueOn: '2099-01-01',
  feedSerial: 'TG-0107',
  retired: false,
};

/** A kind of part on the shelf: pads that fit all. */
export const stockLine = (change: Partial<StockInStore> = {}): StockInStore => ({
  version: 1,
  id: '0190a000-0000-7000-8000-0000000000a1',
  part: 'pads',
  description: 'Organic pair',
  fits: '',
  reorderAt: 2,
  priceCents: 1900,
  count: 3,
  batches: ['B-1'],
  ...change,
});

/** A sealed bottle of mineral fluid on the shelf. */
export const CONTAINER: ContainerInStore = {
  id: '0190a000-0000-7000-8000-0000000000e2',
  label: 'Bottle A',
  fluid: { family: 'mineral', blend: 'Selkie 10' },
  lot: 'K22',
  sizeMl: 500,
  openedOn: null,
  printedUseBy: null,
  monthsAfterOpening: null,
  condition: 'clear',
  writtenOff: false,
  writtenOffReason: '',
  wrongFluid: false,
  remainingMl: 480,
  version: 1,
};

/** A job with an identified front brake and nothing measured, as the server has it. */
export function exampleLog(): JobLog {
  const by = 'Maren Okafor';
  const sheet = {
    id: '0190a000-0000-7000-8000-0000000000ee',
    sheetId: '0190a000-0000-7000-8000-0000000000ef',
    revision: 1,
    body: SpecSheetBody.parse({
      title: 'Ostrel Tolve, two pistons',
      source: 'Ostrel sheet T2, revision C',
      brake: { actuation: 'hydraulic', pistons: 2, mount: 'post' },
      rotor: {
        hold: 'six-bolt',
        construction: 'one-piece',
        newMm: 1.8,
        limit: { limitMm: 1.5, atLimitIsWorn: true, origin: 'sheet', tag: null },
      },
      pads: { shape: '', newTotalMm: 4, plateMm: 1.8, plateAssumed: false },
      lever: { ratio: 5, boreMm: 10, ownGiveMl: 0.1 },
      torque: [],
      fluid: null,
    }),
  };
  const customerId = '0190a000-0000-7000-8000-0000000000cc';
  return {
    base: {
      id: '0190a000-0000-7000-8000-0000000000aa',
      tag: 412,
      status: 'open',
      version: 1,
      revision: 1,
      complaint: 'Front rotor',
      symptoms: [],
      frontLever: 'left',
      odometerKm: null,
      promisedAt: '2026-11-25T11:30:00.000Z',
      minutes: 30,
      ...NOTHING_SAID,
      checkedIn: { at: '2026-11-25T08:00:00.000Z', by },
      bike: {
        id: '0190a000-0000-7000-8000-0000000000bb',
        customerId,
        name: 'Post trike 7',
        maker: '',
        serial: '',
        motor: false,
        ...USUAL_USE,
      },
      customer: { id: customerId, name: 'Harbour post' },
      rules: USUAL_RULES,
      rulesVersion: 0,
      earlierFittings: [],
      earlierBatches: [],
      earlierThickness: [],
      metBefore: atEachEnd(() => NOTHING_MET),
      newestSheets: {},
      tags: [],
      againstAdvice: [],
      notices: [],
      modifiedBefore: atEachEnd(() => false),
      stampedBefore: [],
      identifiedBefore: {},
      comeback: null,
      amended: [],
      sealed: null,
    },
    entries: [
      {
        entry: {
          kind: 'identification',
          id: '0190a000-0000-7000-8000-0000000000dd',
          at: '2026-11-25T08:05:00.000Z',
          end: 'front',
          sheetRevisionId: sheet.id,
          stampedLimit: null,
        },
        known: { sheet },
        seq: 1,
        by,
      },
    ],
  };
}

/** A job with an identified front brake and nothing measured. Nothing bars its sign-off yet. */
export function exampleJob(): Job {
  const { base, entries } = exampleLog();
  return { ...fold(base, entries), bars: [] };
}

let last = 0;
const id = () => `0190a000-0000-7000-9000-${String(++last).padStart(12, '0')}`;
const at = '2026-11-25T09:00:00.000Z';

export const begins = (
  part: EntryOf<'measurement'>['part'],
  change: Partial<EntryOf<'measurement'>> = {},
): EntryOf<'measurement'> => ({
  kind: 'measurement',
  id: id(),
  at,
  end: 'front',
  part,
  gaugeId: GAUGE.id,
  basis: null,
  pointCount: part === 'rotor' ? 6 : part === 'runout' ? 12 : null,
  ...change,
});

export const looksOver = (
  area: EntryOf<'look-over'>['area'],
  ...found: EntryOf<'look-over'>['found']
): EntryOf<'look-over'> => ({
  kind: 'look-over',
  id: id(),
  at,
  end: 'front',
  area,
  found,
  words: '',
  takesBack: [],
});

export const reads = (
  measurementId: string,
  place: string,
  valueMm: number,
): EntryOf<'reading'> => ({
  kind: 'reading',
  id: id(),
  at,
  measurementId,
  place: place as EntryOf<'reading'>['place'],
  valueMm,
  typed: String(valueMm),
  via: 'keys',
  replaces: null,
  words: '',
});

/** Whose entries wait, where it does not matter whose. */
export const ME = '0190a000-0000-7000-8000-0000000000f1';

/** An entry of the example job as it waits to be sent. */
export function waitingOf(entry: Entry, more: Partial<Waiting> = {}): Waiting {
  const job = exampleJob();
  const about = aboutEntry(job, entry);
  return { jobId: job.id, entry, appWord: null, by: ME, about, known: null, ...more };
}
