import { ENDS, type End } from '../ends';
import { changesAt, lastAway, saidSince } from '../evidence/changes';
import { isAcceptable, isRefusable } from '../evidence/decidable';
import { openFasteners } from '../evidence/fastenings';
import { SYSTEM } from '../evidence/touch';
import { openNotices } from '../notice/notice';
import { unseconded } from './secondLook';
import { reckonedAgainst } from './reckoned';
import { isUnbitten } from './bite';
import { unsweptAt } from './sweep';
import { dayIn } from './day';
import { unsaidSince } from './stay';
import { waitOf } from './waits';
import { isStandOpen, provenTest } from './handOver';
import {
  inspectEnd,
  standingSitting,
  type InspectedJob,
  type InspectionItem,
} from '../inspection/inspectEnd';
import type { Thing } from '../inspection/inspected';
import { leversOf, onOneLever } from '../kit/brakes';
import { openEnds } from '../plan/visit';
import { nameOfBar, signOffBars, type Bar, type BleedLack } from '../procedure/signOff';
import { canonicalJson, type Json } from '../seal/canonical';
import type { Job } from './job';
import { checksAt, lastBledAt, visitOf } from './visit';

type Judged = Omit<Job, 'bars'>;

/** Every item of the inspection at both ends. */
export function inspectedItems(job: InspectedJob): InspectionItem[] {
  return ENDS.flatMap((end) => inspectEnd(job, end).items);
}

/** What is near its limit: the customer is told of each. */
export const watchedItems = (job: InspectedJob): InspectionItem[] =>
  inspectedItems(job).filter(({ word }) => word === 'watch');

/** What bars the sign-off of a job on a day, `yyyy-mm-dd` where the shop is, whatever else bars it: where the bike was till then. */
export function barsOfDay(job: Judged, on: string): Bar[] {
  const since = unsaidSince(job, on);
  return since === null ? [] : [{ code: 'stay-unsaid', since }];
}

/** What bars the sign-off of a job when it is signed. @param at ISO 8601, UTC */
export const barsAtSigning = (
  job: Judged,
  { toldOf, at }: { toldOf: readonly Thing[]; at: string },
): Bar[] => [...barsOf(job, toldOf), ...barsOfDay(job, dayIn(job.rules.timeZone, at))];

/** What bars the sign-off of a job, by everything recorded on it. */
export function barsOf(job: Judged, toldOf: 'all' | readonly Thing[]): Bar[] {
  const items = inspectedItems(job);
  return signOffBars({
    away: waitOf(job)?.away ?? false,
    leverSideConfirmed: job.frontLever !== null && provenTest(job, 'lever-side', null) === 'passed',
    motor: job.bike.motor,
    cutOff: leversOf(job.bike).map((end) => ({ end, outcome: provenTest(job, 'cut-off', end) })),
    inspected: items.map((item) => {
      const { end, subject, word, doNotRide, found } = item;
      return {
        end,
        subject,
        word,
        doNotRide,
        found,
        acceptable: isAcceptable(item),
        refusable: isRefusable(item),
        decision: standingDecision(job, end, subject),
      };
    }),
    tightenings: ENDS.flatMap((end) => openFasteners(job, end)),
    openChecks: ENDS.flatMap((end) =>
      checksAt(job, end).flatMap(({ check, stands }) =>
        stands === 'passed' ? [] : [{ end, check, failed: stands === 'failed' }],
      ),
    ),
    tagged: job.tags.filter(({ jobId, foundAfter }) => jobId !== job.id || foundAfter !== null),
    openEnds: openEnds(visitOf(job)),
    leversUntested: leversOf(job.bike).filter((end) =>
      onOneLever(job.bike, end).some((each) => leverUntestedAt(job, each)),
    ),
    bleedsUnrecorded: ENDS.flatMap((end) => bleedLacks(job, end).map((lacks) => ({ end, lacks }))),
    bubblesLast: ENDS.filter((end) => {
      const here = job.bled.filter((each) => each.end === end);
      const many = here.findLastIndex(({ bubbles }) => bubbles === 'many');
      return many >= 0 && here.slice(many + 1).every(({ takenBack }) => takenBack);
    }),
    standUntested: ENDS.filter((end) => isStandOpen(job, end)),
    unswept: ENDS.flatMap((end) => {
      const why = unsweptAt(job, end);
      return why ? [{ end, why }] : [];
    }),
    unbitten: ENDS.filter((end) => isUnbitten(job, end)),
    reckonedAgainst: ENDS.flatMap((end) => reckonedAgainst(job, end).map((of) => ({ end, of }))),
    sheetsRevised: ENDS.filter((end) => isSheetRevised(job, end)),
    refusedBefore: job.againstAdvice.filter(
      ({ end, subject }) => standingDecision(job, end, subject) === null,
    ),
    noticesOpen: openNotices(job).map(({ id, title, doNotRide }) => ({
      noticeId: id,
      title,
      doNotRide,
    })),
    unseconded: unseconded(job),
    toldOf,
  });
}

/** What somebody decided about a thing as it stands: a lead's acceptance, or the customer's refusal. */
function standingDecision(job: Judged, end: End, subject: InspectionItem['subject']) {
  const made = job.decided
    .filter(
      (each) =>
        each.stands &&
        each.end === end &&
        each.subject === subject &&
        (each.decision === 'accepted-unproven' || each.decision === 'customer-refused'),
    )
    .at(-1)?.decision;
  return made === 'accepted-unproven' || made === 'customer-refused' ? made : null;
}

/**
 * Whether a system was opened on this visit, plan or no plan, and no number of its lever was taken since. Where fluid was put
 * in or bled there is a system, whatever sheet the brake goes by now.
 */
export function leverUntestedAt(job: Judged, end: End): boolean {
  const opened = saidSince(changesAt(job, end), 0, SYSTEM);
  const wet = [...job.filled, ...job.bled].some((each) => each.end === end);
  const cable = job.identified[end]?.sheet.body.brake.actuation === 'cable';
  if (!opened || (cable && !wet)) return false;
  // One number is that of the lever, at whichever of its brakes it was written down.
  return !onOneLever(job.bike, end).some(
    (each) => (standingSitting(job, each, 'lever')?.seq ?? 0) > Math.max(opened.seq, lastAway(job)),
  );
}

/** What of a bleed at this visit is not on record: fluid goes in with its lot, and every cycle is seen. */
function bleedLacks(job: Judged, end: End): BleedLack[] {
  if (lastBledAt(job, end) === 0) return [];
  const here = (each: { end: End }) => each.end === end;
  return [
    ...(job.filled.some(here) ? [] : (['fluid'] as const)),
    ...(job.bled.some((cycle) => here(cycle) && !cycle.takenBack) ? [] : (['cycles'] as const)),
  ];
}

/** Whether the sheet an end goes by was revised in what it says, with no lead having said why the old one is kept. */
function isSheetRevised(job: Judged, end: End): boolean {
  const identified = job.identified[end];
  if (!identified?.newerRevision) return false;
  const { title: _was, ...was } = identified.sheet.body;
  const { title: _is, ...is } = identified.newerRevision.body;
  const same = canonicalJson(was as unknown as Json) === canonicalJson(is as unknown as Json);
  const kept = job.decided.some(
    ({ decision, end: at, seq, byLead, keeps }) =>
      decision === 'kept-sheet' &&
      at === end &&
      byLead &&
      seq > identified.seq &&
      keeps === identified.newerRevision!.id,
  );
  return !same && !kept;
}

/** What bars a job and would not, were something of it unsaid: unsaying it is no answer to that. */
export function barsLifted(job: Job, without: Omit<Job, 'bars'>): Bar[] {
  const barred = new Set(barsOf(without, 'all').map(nameOfBar));
  return job.bars.filter((bar) => !barred.has(nameOfBar(bar)));
}
