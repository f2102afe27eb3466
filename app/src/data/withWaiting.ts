import type { Job, Measured, Tightened } from '@hold-fast/contract/jobs';
import { isSuperseded } from '@hold-fast/core/inspection/inspectEnd';
import { flawsOfProof } from '@hold-fast/core/torque/proof';
import type { Waiting } from './outbox';

/** A job as it will be once the server has what still waits: shown at once, judged at once. */
export function withWaiting(job: Job, waiting: readonly Waiting[]): Job {
  return waiting.filter(({ jobId }) => jobId === job.id).reduce(add, job);
}

function add(job: Job, { entry, gauge }: Waiting): Job {
  switch (entry.kind) {
    case 'measurement':
      if (!gauge || job.measured.some(({ id }) => id === entry.id)) return job;
      return {
        ...job,
        measured: [
          ...job.measured,
          {
            id: entry.id,
            seq: nextSeq(job),
            end: entry.end,
            part: entry.part,
            gaugeId: gauge.id,
            gaugeName: gauge.name,
            gauge,
            basis: entry.basis,
            pointCount: entry.pointCount,
            measuredOn: entry.at.slice(0, 10),
            readings: [],
            looks: [],
            superseded: false,
            verdict: null,
            at: entry.at,
            by: '',
          },
        ],
      };
    case 'reading':
      return change(job, entry.measurementId, (measured) =>
        measured.readings.some(({ id }) => id === entry.id)
          ? measured
          : {
              ...measured,
              readings: [
                ...measured.readings,
                {
                  id: entry.id,
                  place: entry.place,
                  valueMm: entry.valueMm,
                  replaces: entry.replaces,
                },
              ],
            },
      );
    case 'look':
      return change(job, entry.measurementId, (measured) => ({
        ...measured,
        looks: [...measured.looks, { subject: entry.subject, seen: entry.seen }],
      }));
    case 'look-over':
      return job.lookedOver.some(({ id }) => id === entry.id)
        ? job
        : {
            ...job,
            lookedOver: [
              ...job.lookedOver,
              {
                id: entry.id,
                seq: nextSeq(job),
                end: entry.end,
                area: entry.area,
                found: entry.found,
                words: entry.words,
                at: entry.at,
                by: '',
              },
            ],
          };
    case 'pass-mark':
      return {
        ...job,
        tightened: job.tightened.map((tightened) =>
          tightened.id === entry.tighteningId && !tightened.marks.some(({ id }) => id === entry.id)
            ? judged({
                ...tightened,
                marks: [
                  ...tightened.marks,
                  {
                    id: entry.id,
                    pass: entry.pass,
                    bolt: entry.bolt,
                    measuredNm: entry.measuredNm,
                    via: entry.via,
                    at: entry.at,
                    by: '',
                  },
                ],
              })
            : tightened,
        ),
      };
    case 'test':
      return job.tested.some(({ id }) => id === entry.id)
        ? job
        : {
            ...job,
            tested: [
              ...job.tested,
              {
                id: entry.id,
                test: entry.test,
                end: entry.end,
                outcome: entry.outcome,
                at: entry.at,
                by: '',
              },
            ],
          };
    case 'plan-choice':
      return job.planned.some(({ id }) => id === entry.id)
        ? job
        : { ...job, planned: [...job.planned, { ...entry, by: '', seq: nextSeq(job) }] };
    case 'plan-step':
      return job.stepped.some(({ id }) => id === entry.id)
        ? job
        : { ...job, stepped: [...job.stepped, { ...entry, seq: nextSeq(job), by: '' }] };
    case 'clamp-gaps':
      return {
        ...job,
        tightened: job.tightened.map((each) =>
          each.id === entry.tighteningId
            ? judged({ ...each, gaps: { oneMm: entry.oneMm, otherMm: entry.otherMm } })
            : each,
        ),
      };
    case 'taken-back':
      return { ...job, told: job.told.filter(({ id }) => id !== entry.of) };
    case 'bleed-cycle':
    case 'ticked':
    case 'deviation':
    case 'bedding-pull':
    case 'witness':
    case 'customer-answer':
    case 'part-brought':
      return job.told.some(({ id }) => id === entry.id)
        ? job
        : { ...job, told: [...job.told, { ...entry, seq: nextSeq(job), by: '' }] };
    case 'identification':
    case 'fitting':
    case 'tightening':
    case 'fill':
    case 'fluid-back':
    case 'waste':
    case 'part-taken':
      // These wait for the server's answer before the screen goes on.
      return job;
  }
}

const judged = (tightened: Tightened): Tightened => ({
  ...tightened,
  flaws: flawsOfProof({ ...tightened, doneOn: tightened.at.slice(0, 10) }),
});

/** What waits comes after all that is there, in the order it waits. */
const nextSeq = (job: Job) =>
  1 +
  Math.max(
    0,
    ...[
      ...job.measured,
      ...job.lookedOver,
      ...job.fittings,
      ...job.tightened,
      ...job.stepped,
      ...job.told,
      ...job.planned,
    ].map(({ seq }) => seq),
  );

function change(job: Job, measurementId: string, to: (measured: Measured) => Measured): Job {
  const measured = job.measured.map((m) => (m.id === measurementId ? to(m) : m));
  return {
    ...job,
    measured: measured.map((m) => ({ ...m, superseded: isSuperseded(m, { ...job, measured }) })),
  };
}
