import type { End } from '@hold-fast/core/ends';
import { lastBled, leverUntested, type BleedEvent } from '@hold-fast/core/fluid/bleedRun';
import { judgeSitting, type InspectedJob } from '@hold-fast/core/inspection/inspectEnd';
import { provesBled } from '@hold-fast/core/lever/lever';
import { quoteLines, type Answered } from '@hold-fast/core/plan/quote';
import type { Visit } from '@hold-fast/core/plan/visit';
import { unrecorded, type DoneAt } from '@hold-fast/core/procedure/fastened';
import { checksFor, type CheckedBrake } from '@hold-fast/core/procedure/finalCheck';
import type { SignOffFacts } from '@hold-fast/core/procedure/signOff';
import { toldOf, type Job } from './jobs';

/** A job's plan and how far it has come, as core looks at it: the last choice stands. */
export function visitOf(job: Pick<Job, 'planned' | 'stepped' | 'taken' | 'told'>): Visit {
  const last = job.planned.at(-1);
  const standing = standingSteps(job);
  return {
    chosen: last ? { procedures: last.procedures, bleed: last.bleed } : null,
    steps: standing.map(({ step, end, outcome }) => ({ step, end, outcome })),
    again: job.planned.flatMap(({ again, seq }) => {
      const after = standing.filter((step) => step.seq < seq).length;
      return again.map((each) => ({ ...each, after }));
    }),
    parts: [...job.taken, ...toldOf(job, 'part-brought')].map(({ end, part, pieces }) => ({
      end,
      part,
      pieces,
    })),
  };
}

type Standing = Job['stepped'][number] & { outcome: 'done' | 'skipped' };

/** The steps that stand, in order: one that was taken back is gone, with what took it back. */
export function standingSteps({ stepped }: Pick<Job, 'stepped'>): Standing[] {
  const standing: Standing[] = [];
  for (const { outcome, ...step } of stepped)
    if (outcome === 'taken-back') standing.pop();
    else standing.push({ ...step, outcome });
  return standing;
}

/** What of a brake says which fasteners and closures it has; a brake nobody identified counts as the usual one. */
export function brakeAt(
  { identified, bike }: Pick<Job, 'identified' | 'bike'>,
  end: End,
): CheckedBrake {
  const sheet = identified[end]?.sheet.body;
  return {
    actuation: sheet?.brake.actuation ?? 'hydraulic',
    mount: sheet?.brake.mount ?? 'post',
    hold: sheet?.rotor.hold ?? 'six-bolt',
    motor: bike.motor,
  };
}

/** The steps of the plan done at one end, in order. */
function doneAt(job: Pick<Job, 'stepped'>, end: End): DoneAt[] {
  return standingSteps(job).flatMap((each) =>
    each.end === end && each.outcome === 'done' && each.step !== 'wash-hands'
      ? [{ seq: each.seq, step: each.step }]
      : [],
  );
}

/** What has to be ticked by name at one end, and how each stands. */
export function checksAt(job: Pick<Job, 'identified' | 'bike' | 'stepped' | 'told'>, end: End) {
  const ticked = toldOf(job, 'ticked', end).map(({ seq, check, outcome }) => ({
    seq,
    check,
    passed: outcome === 'passed',
  }));
  return checksFor(brakeAt(job, end), doneAt(job, end), ticked);
}

/** Fasteners that the plan brought to their torque at one end and that nobody recorded, as the sign-off sees them. */
export function unrecordedAt(
  job: Pick<Job, 'identified' | 'bike' | 'stepped' | 'tightened'>,
  end: End,
): SignOffFacts['tightenings'] {
  const tightened = job.tightened.filter((each) => each.end === end);
  return unrecorded(brakeAt(job, end), doneAt(job, end), tightened).map((fastener) => ({
    end,
    fastener,
    flaws: ['passes-open'],
  }));
}

/** What the customer said to the lines of the quote: an agreement to a plan is one to all that was in it. */
export function answersOf(job: Pick<Job, 'planned' | 'told'>): Answered[] {
  const whole = job.planned
    .filter(({ agreed }) => agreed === 'agreed')
    .map(({ at, procedures }) => ({
      at,
      answer: 'agreed' as const,
      lines: quoteLines(procedures),
    }));
  const single = toldOf(job, 'customer-answer').map(({ at, answer, lines }) => ({
    at,
    answer,
    lines,
  }));
  return [...whole, ...single].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** What of a job says how a lever was measured. */
type Measuring = Pick<Job, 'identified' | 'measured' | 'told' | 'stepped'> & InspectedJob;

/** The cycles of a bleed and the lever tests between them, in the order they were written down. */
export function bleedEvents(job: Measuring, end: End): BleedEvent[] {
  const cycles = toldOf(job, 'bleed-cycle', end).map(({ seq, method, bubbles }) => ({
    seq,
    event: { what: 'cycle', cycle: { method, bubbles } } as BleedEvent,
  }));
  const tests = job.measured.flatMap((measured) => {
    if (measured.end !== end || measured.part !== 'lever') return [];
    const judgement = judgeSitting(job, measured);
    const passed = judgement?.ok && judgement.part === 'lever' ? provesBled(judgement.lever) : null;
    return passed === null
      ? []
      : [{ seq: measured.seq, event: { what: 'sponge-test', passed } as BleedEvent }];
  });
  return [...cycles, ...tests].sort((a, b) => a.seq - b.seq).map(({ event }) => event);
}

/** The place in a job's order of the last bleeding step that stands at an end, or 0. */
export const lastBledAt = (job: Pick<Job, 'stepped'>, end: End) => lastBled(doneAt(job, end));

/** Whether the lever's test for air after a bleed is called done at an end, with nothing measured since the bleed. */
export function leverUntestedAt(job: Measuring, end: End): boolean {
  const measured = job.measured.filter(
    (each) => each.end === end && each.part === 'lever' && judgeSitting(job, each) !== null,
  );
  return leverUntested(
    doneAt(job, end),
    measured.map(({ seq }) => seq),
  );
}
