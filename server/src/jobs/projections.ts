import type { EntryKind, EntryOf, KnownOf } from '@hold-fast/core/job/kinds';
import { dayIn } from '@hold-fast/core/job/day';
import type { Job } from '@hold-fast/core/job/job';
import { usedPartOf } from '@hold-fast/core/job/partOff';
import { batchesTaken } from '@hold-fast/core/job/partTaken';
import type { BatchPutIn } from '@hold-fast/core/stock/batches';
import { addUsedPart, usedPartFitted, usedPartNeverFitted } from '../stores/usedPartStore';
import { insert, run, type Transaction } from '../platform/database';
import { countClicks, noteOpened } from '../stores/store';

// Tables that lists, traces and constraints go by. Each is made from the entries and can be made again from them.

interface Projected<K extends EntryKind> {
  entry: EntryOf<K>;
  known: KnownOf<K>;
  /** The job before it. */
  job: Job;
  seq: number;
  personId: string;
}

const row = ({
  entry,
  seq,
  personId,
}: Pick<Projected<EntryKind>, 'seq' | 'personId'> & { entry: { id: string; at: string } }) => ({
  id: entry.id,
  seq,
  at: new Date(entry.at),
  by_person: personId,
});

/** Writes down the batches that something put in is of, or may be of. */
async function putIn(
  on: Transaction,
  {
    entry,
    job,
    seq,
  }: Pick<Projected<EntryKind>, 'job' | 'seq'> & {
    entry: { id: string; at: string } & Pick<BatchPutIn, 'end' | 'part'>;
  },
  batches: readonly string[],
): Promise<void> {
  for (const batch of batches)
    await insert(on, 'batch_put_in', {
      entry_id: entry.id,
      batch,
      job_id: job.id,
      brake_end: entry.end,
      part: entry.part,
      seq,
      at: new Date(entry.at),
    });
}

type Projections = {
  [K in EntryKind]?: (on: Transaction, projected: Projected<K>) => Promise<void>;
};

const PROJECTIONS: Projections = {
  identification: (on, { entry, job, ...rest }) =>
    insert(on, 'identification', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      sheet_revision_id: entry.sheetRevisionId,
      stamped_limit_mm: entry.stampedLimit?.limitMm ?? null,
      stamped_at_is_worn: entry.stampedLimit?.atLimitIsWorn ?? null,
    }),

  measurement: (on, { entry, known: { gauge }, job, ...rest }) =>
    insert(on, 'measurement', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      part: entry.part,
      gauge_id: entry.gaugeId,
      resolution_mm: gauge.resolutionMm,
      uncertainty_mm: gauge.uncertaintyMm,
      anvils: gauge.anvils,
      calibration_due_on: gauge.calibrationDueOn,
      basis: entry.basis,
      point_count: entry.pointCount,
    }),

  reading: (on, { entry, ...rest }) =>
    insert(on, 'reading', {
      ...row({ entry, ...rest }),
      measurement_id: entry.measurementId,
      place: entry.place,
      value_mm: entry.valueMm,
      typed: entry.typed,
      via: entry.via,
      replaces: entry.replaces,
    }),

  fitting: async (on, { entry, known, job, ...rest }) => {
    if (entry.usedPartId) await usedPartFitted(on, entry.usedPartId, entry.id);
    await insert(on, 'fitting', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      part: entry.part,
      description: entry.description,
      fitted_as: entry.condition,
      compound: entry.compound,
      organic_only: entry.organicOnly,
      construction: entry.construction,
      new_mm: entry.newMm,
      stamped_limit_mm: entry.stampedLimit?.limitMm ?? null,
      stamped_at_is_worn: entry.stampedLimit?.atLimitIsWorn ?? null,
      came_off_for: entry.cameOffFor,
      rebedding: entry.rebedding,
    });
    await putIn(on, { entry, job, seq: rest.seq }, known?.used?.batches ?? []);
  },

  // Of what was never on, lists and traces say nothing; a used part lies on the shelf again.
  'taken-back': async (on, { entry: { of } }) => {
    await usedPartNeverFitted(on, of);
    await run(on, 'DELETE FROM batch_put_in WHERE entry_id = ?', [of]);
    await run(on, 'DELETE FROM fitting WHERE id = ?', [of]);
  },

  'part-off': async (on, { entry, job, personId }) => {
    const part = usedPartOf(job, entry.end, entry.part);
    if (entry.goes !== 'shelf' || typeof part === 'string') return;
    const off = { jobId: job.id, at: new Date(entry.at), personId };
    await addUsedPart(on, { ...part, id: entry.id }, off);
  },

  tightening: (on, { entry, known: { wrench, window, boltCount, treatmentAsked }, job, ...rest }) =>
    insert(on, 'tightening', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      fastener: entry.fastener,
      bolt_count: boltCount,
      lo_nm: window.loNm,
      hi_nm: window.hiNm,
      named_nm: window.namedNm,
      origin: window.origin,
      tag: window.tag,
      wrench_id: wrench.id,
      max_nm: wrench.maxNm,
      mark_nm: wrench.markNm,
      tolerance: wrench.tolerance,
      calibration_due_on: wrench.calibrationDueOn,
      uses_before: wrench.uses,
      wrench_kind: wrench.kind,
      set_nm: entry.setNm,
      treatment: entry.treatment,
      treatment_asked: treatmentAsked,
      asked_source: entry.asked?.source ?? '',
      crowfoot: entry.crowfoot === null ? null : JSON.stringify(entry.crowfoot),
    }),

  // Snug is by fingers; every other turn is a use of the wrench.
  'pass-mark': async (on, { entry, job }) => {
    const { boltCount, wrench } = job.tightened.find(({ id }) => id === entry.tighteningId)!;
    if (entry.pass !== 'snug')
      await countClicks(on, wrench.id, entry.bolt === null ? boltCount : 1);
  },

  'part-taken': async (on, { entry, known, job, ...rest }) => {
    await insert(on, 'part_taken', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      stock_id: entry.stockId,
      pieces: entry.pieces,
      batch: entry.batch,
    });
    const { id, end, at } = entry;
    const put = { id, end, at, part: known.part };
    await putIn(on, { entry: put, job, seq: rest.seq }, batchesTaken(entry, known));
  },

  'part-brought': (on, { entry, job, seq }) =>
    putIn(on, { entry, job, seq }, entry.batch ? [entry.batch] : []),

  fill: async (on, { entry, job, ...rest }) => {
    await insert(on, 'fill', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      container_id: entry.containerId,
      ml: entry.ml,
      colour: entry.colour,
    });
    await noteOpened(on, entry.containerId, dayIn(job.rules.timeZone, entry.at));
  },

  'fluid-back': (on, { entry, ...rest }) =>
    insert(on, 'fluid_back', { ...row({ entry, ...rest }), fill_id: entry.fillId, ml: entry.ml }),

  waste: (on, { entry, job, ...rest }) =>
    insert(on, 'waste', {
      ...row({ entry, ...rest }),
      job_id: job.id,
      brake_end: entry.end,
      family: entry.family,
      ml: entry.ml,
    }),
};

/** Writes what the lists go by of an entry that a job takes. */
export async function project<K extends EntryKind>(
  on: Transaction,
  projected: Projected<K>,
): Promise<void> {
  await PROJECTIONS[projected.entry.kind as K]?.(on, projected);
}
