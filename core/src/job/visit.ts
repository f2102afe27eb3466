import { compareAsc } from 'date-fns/compareAsc';
import { parseISO } from 'date-fns/parseISO';
import { atEachEnd, ENDS, type End } from '../ends';
import { lastAway, TAKEN_OFF_BY } from '../evidence/changes';
import { neverDone } from '../evidence/neverDone';
import { standingSteps } from '../evidence/stepped';
import { USUAL_FIGURE, type FigureBrake } from '../figure/brakeFigure';
import { lastBled, type BleedEvent } from '../fluid/bleedRun';
import { judgeSitting, type InspectedJob } from '../inspection/inspectEnd';
import { provesBled } from '../lever/lever';
import { USUAL_BRAKE, type BrakeKind } from '../kit/traits';
import { changeOversOf } from '../plan/price';
import { quoteLines, type Answered } from '../plan/quote';
import { planOpen, type Visit } from '../plan/visit';

import type { CheckedBrake } from '../procedure/checks';
import { checksFor, type DoneAt, type Worked } from '../procedure/finalCheck';
import { suitsBrake, type ProcedureId } from '../procedure/procedures';
import { stepRule, type StepId } from '../procedure/steps';
import { FITTING, workRule } from '../inspection/work';
import type { FastenerId } from '../torque/fasteners';
import type { Job } from './job';
import { toldOf } from './told';

type PlannedJob = Pick<Job, 'planned' | 'identified'>;

/** Whether a procedure is one of the brake that an end is identified as now. */
const isOfBrake = ({ identified }: PlannedJob, end: End, id: ProcedureId) =>
  suitsBrake(id, kindAt(identified, end).actuation);

/**
 * What is planned: of the last choice, what is for the brakes as they are identified now; null where nothing was chosen. A cable's work is
 * neither open nor done on a brake that turned out to be hydraulic: it is named as what fell, and its end is planned anew.
 */
export function planOf(job: PlannedJob) {
  const last = job.planned.at(-1);
  if (!last) return null;
  const stays = (end: End) => last.procedures[end].filter((id) => isOfBrake(job, end, id));
  return {
    ...last,
    procedures: atEachEnd(stays),
    fell: ENDS.flatMap((end) =>
      last.procedures[end]
        .filter((id) => !isOfBrake(job, end, id))
        .map((procedure) => ({ end, procedure })),
    ),
  };
}

/** Whether work is planned at an end that is not done, or fell with the kind of its brake and is to be planned anew. */
export function isWorkOpen(job: Parameters<typeof visitOf>[0], end: End): boolean {
  const fell = planOf(job)?.fell ?? [];
  return fell.some((each) => each.end === end) || planOpen(visitOf(job), end);
}

/** A job's plan and how far it has come, as core looks at it: the last choice stands. */
export function visitOf(
  job: Pick<Job, 'planned' | 'stepped' | 'taken' | 'told' | 'identified' | 'rules' | 'mayRide'>,
): Visit {
  const plan = planOf(job);
  const standing = standingSteps(job);
  return {
    chosen: plan
      ? {
          procedures: plan.procedures,
          bleed: plan.bleed,
          brakes: brakesOf(job),
          changeOvers: changeOversOf(job.rules.figures),
          ...(job.mayRide === false ? { unridden: true } : {}),
        }
      : null,
    steps: standing.map(({ step, end, outcome }) => ({ step, end, outcome })),
    again: job.planned.flatMap(({ again, seq }) => {
      const after = standing.filter((step) => step.seq < seq).length;
      return again.flatMap((each) =>
        isOfBrake(job, each.end, each.procedure) ? [{ ...each, after }] : [],
      );
    }),
    parts: [...job.taken, ...toldOf(job, 'part-brought')].map(({ end, part, pieces }) => ({
      end,
      part,
      pieces,
    })),
  };
}

/** What kind of brake each end has; one nobody identified counts as the usual one. */
export const brakesOf = ({ identified }: Pick<Job, 'identified'>): Record<End, BrakeKind> =>
  atEachEnd((end) => kindAt(identified, end));

function kindAt(identified: Job['identified'], end: End): BrakeKind {
  const sheet = identified[end]?.sheet.body;
  return sheet ? { actuation: sheet.brake.actuation, banjo: isBanjo(sheet.torque) } : USUAL_BRAKE;
}

/** What of a brake says which fasteners and closures it has; a brake nobody identified counts as the usual one. */
export function brakeAt(
  { identified, bike }: Pick<Job, 'identified' | 'bike'>,
  end: End,
): CheckedBrake {
  const sheet = identified[end]?.sheet.body;
  return {
    ...kindAt(identified, end),
    mount: sheet?.brake.mount ?? 'post',
    hold: sheet?.rotor.hold ?? 'six-bolt',
    axle: sheet?.torque.some(({ fastener }) => fastener === 'axle') ?? false,
    motor: bike.motor,
  };
}

/** How a brake looks; one nobody identified is drawn as the usual one. */
export function figureBrakeAt(
  job: Pick<Job, 'identified' | 'bike'>,
  end: End,
  kind: BrakeKind,
): FigureBrake {
  const { mount, hold } = brakeAt(job, end);
  const sheet = job.identified[end]?.sheet.body.brake;
  return {
    ...USUAL_FIGURE,
    ...kind,
    mount,
    hold,
    ...(sheet && { pistons: sheet.pistons, sides: sheet.sides }),
  };
}

/** A sheet that gives a torque for the banjo and none for a nut. */
const isBanjo = (rows: readonly { fastener: FastenerId }[]) =>
  rows.some(({ fastener }) => fastener === 'banjo-bolt') &&
  !rows.some(({ fastener }) => fastener === 'hose-nut-caliper');

/** The steps of the plan done at one end, in order. */
function doneAt(job: Pick<Job, 'stepped'>, end: End): DoneAt[] {
  return standingSteps(job).flatMap((each) =>
    each.end === end && each.outcome === 'done' && each.step !== 'wash-hands'
      ? [{ seq: each.seq, step: each.step }]
      : [],
  );
}

type WorkedJob = Pick<
  Job,
  | 'id'
  | 'stepped'
  | 'fittings'
  | 'neverFitted'
  | 'takenOff'
  | 'filled'
  | 'bled'
  | 'repaired'
  | 'neverRepaired'
>;

/**
 * Everything that was worked at one end on this visit, in order: steps of the plan, what was booked without one, as the step it comes
 * to, and what was told in words; what was taken back, too, since it was said to be done.
 */
export function workedAt(job: WorkedJob, end: End): Worked[] {
  const here = <T extends { end: End | null }>(each: T) => each.end === end;
  const asStep = (seq: number, step: StepId): Worked[] => {
    const { ticks } = stepRule(step);
    return ticks ? [{ seq, ticks }] : [];
  };
  const steps = job.stepped.flatMap((each) =>
    here(each) && each.outcome === 'done' && each.step !== 'wash-hands'
      ? asStep(each.seq, each.step)
      : [],
  );
  const fitted = job.fittings.flatMap(({ seq, part, end: at, jobId, condition }): Worked[] =>
    at === end && jobId === job.id && condition !== 'found'
      ? [{ seq, ticks: workRule(FITTING[part]).ticks }]
      : [],
  );
  const takenOff = job.takenOff
    .filter(here)
    .flatMap(({ seq, part }) => asStep(seq, TAKEN_OFF_BY[part]));
  const opened = [...job.filled, ...job.bled]
    .filter(here)
    .flatMap(({ seq }) => asStep(seq, 'bleed-kit-on'));
  const told = [...job.repaired, ...neverDone(job)]
    .filter(here)
    .map(({ seq, work }): Worked => ({ seq, ticks: workRule(work).ticks }));
  return [...steps, ...fitted, ...takenOff, ...opened, ...told].sort((a, b) => a.seq - b.seq);
}

/** What has to be ticked by name at one end, and how each stands. */
export function checksAt(
  job: WorkedJob & Pick<Job, 'identified' | 'bike' | 'told' | 'away'>,
  end: End,
) {
  const ticked = toldOf(job, 'ticked', end);
  return checksFor(brakeAt(job, end), workedAt(job, end), ticked, lastAway(job));
}

/** What the customer said to the lines of the quote: an agreement to a plan is one to all that was in it. */
export function answersOf(
  job: Pick<Job, 'planned' | 'told' | 'rules'>,
): (Answered & { at: string })[] {
  const whole = job.planned
    .filter(({ agreed }) => agreed === 'agreed')
    .map(({ at, procedures }) => ({
      at,
      answer: 'agreed' as const,
      lines: quoteLines(procedures, job.rules.minutes),
    }));
  const single = toldOf(job, 'customer-answer').map(({ at, answer, lines }) => ({
    at,
    answer,
    lines,
  }));
  return [...whole, ...single].sort((a, b) => compareAsc(parseISO(a.at), parseISO(b.at)));
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
    const passed =
      judgement?.ok && judgement.measurand === 'lever' ? provesBled(judgement.verdict) : null;
    return passed === null
      ? []
      : [{ seq: measured.seq, event: { what: 'sponge-test', passed } as BleedEvent }];
  });
  return [...cycles, ...tests].sort((a, b) => a.seq - b.seq).map(({ event }) => event);
}

/** The place in a job's order of the last bleeding step that stands at an end, or 0. */
export const lastBledAt = (job: Pick<Job, 'stepped'>, end: End) => lastBled(doneAt(job, end));
