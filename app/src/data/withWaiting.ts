import type { Job, Measured } from '@hold-fast/contract/jobs';
import { hasEvidence } from '@hold-fast/core/wear/session';
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
            seq: Number.MAX_SAFE_INTEGER,
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
    case 'pass-mark':
      return {
        ...job,
        tightened: job.tightened.map((tightened) =>
          tightened.id === entry.tighteningId && !tightened.marks.some(({ id }) => id === entry.id)
            ? {
                ...tightened,
                marks: [
                  ...tightened.marks,
                  { id: entry.id, pass: entry.pass, bolt: entry.bolt, at: entry.at, by: '' },
                ],
              }
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
    case 'identification':
    case 'fitting':
    case 'tightening':
    case 'fill':
      // These wait for the server's answer before the screen goes on.
      return job;
  }
}

function change(job: Job, measurementId: string, to: (measured: Measured) => Measured): Job {
  const measured = job.measured.map((m) => (m.id === measurementId ? to(m) : m));
  return { ...job, measured: measured.map((m, i) => superseding(m, measured.slice(i + 1))) };
}

/** A later sitting takes a sitting's place once it has something to judge, and not before. */
function superseding(measured: Measured, later: readonly Measured[]): Measured {
  const replaced = later.some(
    (m) => m.end === measured.end && m.part === measured.part && hasEvidence(m),
  );
  return replaced ? { ...measured, superseded: true } : measured;
}
