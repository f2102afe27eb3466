import { cableStands, type CableSetUp, type CableStands } from '../cable/cable';
import type { End, UsualEnd } from '../ends';
import { axleOf } from '../kit/brakes';
import { changedSince, changesAt, type ChangedJob } from '../evidence/changes';
import { hoseAnswer, hoseNeed, type HoseAnswer, type HoseRun } from '../hose/hose';
import { InputError } from '../inputError';
import { pairOf, SET_IN_ORDER, type Hand, type PairMeasure } from '../lever/pair';
import { fitOf, plausibleSizes, type Fit, type FitAsked } from '../mount/fit';
import type { ReckonedOf } from '../procedure/reckons';
import { deceleration, type StopRun } from '../stop/stops';
import { procedureRule, type ProcedureId } from '../procedure/procedures';
import { stepRule, type StepId } from '../procedure/steps';
import type { Touch } from '../evidence/touch';
import { fault, type EntryBase } from './entry';
import { tells, toldOf, type Told } from './told';

/** What was measured for a calculator, at this brake; what comes of it is worked out anew whenever it is asked for. */
export type Reckoned =
  | ({ of: 'fit' } & Omit<FitAsked, 'end'>)
  | { of: 'hose'; run: HoseRun; presentMm: number; then: 'cut' | 'keep' }
  | { of: 'levers'; left: Hand; right: Hand; biased: PairMeasure[]; why: string }
  | ({ of: 'cable' } & CableSetUp)
  | { of: 'stops'; before: StopRun[]; after: StopRun[]; brakes: 'one' | 'both' };

export interface ReckonedEntry extends EntryBase {
  kind: 'reckoned';
  end: End;
  what: Reckoned;
}

declare module './told' {
  interface ToldEntries {
    reckoned: ReckonedEntry;
  }
}

type Known = { byLead: boolean };

export const reckoned = tells<ReckonedEntry, Known>('reckoned', {
  whose: 'bench',
  registers: [],
  fault: (job, { end, what }, { byLead }) => {
    try {
      if (what.of === 'fit') plausibleSizes(what);
      isAgainst(axleOf(job.bike, end), what);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return fault('invalid-input', `what.${error.field}`, error.code, error.numbers);
    }
    if (what.of === 'levers' && what.biased.length > 0 && what.why.trim() === '')
      return fault('invalid-input', 'what.why', 'empty');
    const eased = byLead ? null : easedBy(job, end, what);
    return eased === null ? null : fault('invalid-input', `what.${eased}`, 'lead-only');
  },
  stays: ({ what, end }, bike) => what.of === 'fit' || isAgainst(axleOf(bike, end), what),
});

/**
 * Whether what was written down says no: the rotor does not fit, the hose is too short, lever and caliper do not match.
 * @throws InputError of what cannot be
 */
export function isAgainst(axle: UsualEnd, what: Reckoned): boolean {
  switch (what.of) {
    case 'fit':
      return !fitOf({ ...what, end: axle }).fits;
    case 'hose':
      return hoseAnswer(hoseNeed(what.run).needMm, what.presentMm).code === 'too-short';
    case 'levers':
      pairOf(what.left, what.right, what.biased);
      return false;
    case 'cable':
      return cableStands(what).pull === 'mismatch';
    case 'stops':
      for (const run of [...what.before, ...what.after]) deceleration(run);
      return false;
  }
}

/**
 * The field by which something written down anew says yes where it said no, with nothing changed that would answer it: another
 * size allowed, another hose length, another pull. That takes a lead [D].
 */
function easedBy(job: ReckonedJob, end: End, what: Reckoned): string | null {
  const was = lastReckoned(job, what.of, end);
  if (!was) return null;
  if (what.of === 'fit' && was.of === 'fit') {
    const { largestMm, smallestMm } = was;
    if (largestMm !== null && (what.largestMm === null || what.largestMm > largestMm))
      return 'largestMm';
    if (smallestMm !== null && (what.smallestMm === null || what.smallestMm < smallestMm))
      return 'smallestMm';
    return null;
  }
  const { of: _of, seq, ...before } = was;
  const axle = axleOf(job.bike, end);
  if (!isAgainst(axle, { of: was.of, ...before } as Reckoned) || isAgainst(axle, what)) return null;
  if (what.of === 'hose') return isAnotherHose(job, end, seq) ? null : 'presentMm';
  return changedSince(changesAt(job, end), seq, OTHER_PULLS) ? null : 'leverPull';
}

const OTHER_PULLS: readonly Touch[] = ['caliper-changed', 'lever-changed'];

/** Whether another hose was put on since: cut, carried over or drawn in anew, it is the same one. */
const isAnotherHose = (job: ReckonedJob, end: End, since: number): boolean =>
  changesAt(job, end).some(({ seq, cures }) => seq > since && cures.includes('replace-hose'));

type ReckonedJob = ChangedJob & { told: readonly Told[] };
type Was<Of extends ReckonedOf> = Extract<Reckoned, { of: Of }> & { seq: number };

/** What was written down last of one kind at an end, or null. */
export function lastReckoned<Of extends ReckonedOf>(
  job: ReckonedJob,
  of: Of,
  end: End,
): Was<Of> | null {
  const last = toldOf(job, 'reckoned', end).findLast(({ what }) => what.of === of);
  return last ? ({ ...last.what, seq: last.seq } as Was<Of>) : null;
}

/** Whether the rotor that was asked for last fits; null while nobody asked. */
function fitAt(job: ReckonedJob, end: End): { asked: FitAsked; fit: Fit } | null {
  const last = lastReckoned(job, 'fit', end);
  if (!last) return null;
  const { of: _of, seq: _seq, ...rest } = last;
  const asked = { ...rest, end: axleOf(job.bike, end) };
  return { asked, fit: fitOf(asked) };
}

/**
 * What keeps a rotor off: it does not fit, or nobody knows the largest that fork or frame allow, and it is larger than what goes on
 * with no adapter. The maker is asked first [D].
 */
function fitLacks({ asked, fit }: { asked: FitAsked; fit: Fit }): 'refused' | 'largest' | null {
  if (!fit.fits) return 'refused';
  return asked.largestMm === null && asked.rotor.sizeMm > asked.nativeMm ? 'largest' : null;
}

/** What the hose that was measured last comes to, or null. */
export function hoseAt(job: ReckonedJob, end: End): HoseAnswer | null {
  const last = lastReckoned(job, 'hose', end);
  return last && hoseAnswer(hoseNeed(last.run).needMm, last.presentMm);
}

/**
 * What of both levers still is to be evened; null while nobody measured them. What was apart stays so until it is measured on both
 * sides again: a number that is left out is no answer.
 */
export function leversToEven(job: ReckonedJob, end: End): PairMeasure[] | null {
  const apart = new Set<PairMeasure>();
  let order: PairMeasure[] | null = null;
  for (const { what } of toldOf(job, 'reckoned', end)) {
    if (what.of !== 'levers') continue;
    for (const { measure, standing } of pairOf(what.left, what.right, what.biased).differences)
      if (standing === 'apart') apart.add(measure);
      else if (standing !== 'not-measured') apart.delete(measure);
    order = SET_IN_ORDER.filter((measure) => apart.has(measure));
  }
  return order;
}

/** How the cable brake stands, by what was written down since its parts were last changed. */
function cableAt(job: ReckonedJob, end: End): CableStands | null {
  const last = lastReckoned(job, 'cable', end);
  if (!last) return null;
  const changes = changesAt(job, end);
  // A pull that was read before its lever or its caliper was changed is another one's.
  const changed = changedSince(changes, last.seq, OTHER_PULLS);
  const moved = changedSince(changes, last.seq, ['pads', 'rotor', 'caliper', 'pistons']);
  return cableStands({
    ...last,
    ...(changed ? { leverPull: null, caliperPull: null } : {}),
    ...(moved ? { fixedGapMm: null } : {}),
  });
}

/**
 * What was reckoned and says no to the brake as it stands: a rotor that was fitted and does not fit, a hose that is too short and
 * still on, a lever and a caliper of different pulls [D].
 */
export function reckonedAgainst(job: ReckonedJob, end: End): ReckonedOf[] {
  const against: ReckonedOf[] = [];
  const isRotorHere = (each: { end: End; part: string }) =>
    each.end === end && each.part === 'rotor';
  const fitted =
    job.fittings.some(
      (each) => isRotorHere(each) && each.jobId === job.id && each.condition !== 'found',
    ) || job.neverFitted.some(isRotorHere);
  const checked = fitted ? fitAt(job, end) : null;
  if (checked && fitLacks(checked) !== null) against.push('fit');
  const hose = lastReckoned(job, 'hose', end);
  if (hose && hoseAt(job, end)?.code === 'too-short') {
    if (!isAnotherHose(job, end, hose.seq)) against.push('hose');
  }
  if (cableAt(job, end)?.pull === 'mismatch') against.push('cable');
  return against;
}

/** Why a step is not done before, or against, what a calculator says. */
export type ReckonedRefusal =
  | { code: 'fit-unchecked' | 'fit-refused'; end: End }
  | { code: 'largest-unknown'; end: End; axle: UsualEnd }
  | { code: 'hose-too-short'; missingMm: number }
  | { code: 'levers-apart'; measures: PairMeasure[] }
  | { code: 'pull-unknown' | 'pull-mismatch' | 'gap-unmeasured'; end: End };

/** The calculator whose answer a step rests on, or null. */
export function reckonsAt(step: StepId, chosen: readonly ProcedureId[]): ReckonedOf | null {
  if (chosen.some((id) => procedureRule(id).fitFirst.includes(step))) return 'fit';
  return stepRule(step).reckons;
}

/** Why a step may not be done by what was reckoned, or null. */
export function reckonedRefusal(
  job: ReckonedJob,
  step: StepId,
  end: End,
  chosen: readonly ProcedureId[],
): ReckonedRefusal | null {
  switch (reckonsAt(step, chosen)) {
    case 'fit': {
      const checked = fitAt(job, end);
      if (!checked) return { code: 'fit-unchecked', end };
      const lacks = fitLacks(checked);
      if (lacks === null) return null;
      return lacks === 'largest'
        ? { code: 'largest-unknown', end, axle: axleOf(job.bike, end) }
        : { code: 'fit-refused', end };
    }
    case 'hose': {
      const answer = hoseAt(job, end);
      return answer?.code === 'too-short'
        ? { code: 'hose-too-short', missingMm: Math.ceil(answer.missingMm) }
        : null;
    }
    case 'levers': {
      const measures = leversToEven(job, end) ?? [];
      return measures.length > 0 ? { code: 'levers-apart', measures } : null;
    }
    case 'cable':
      return cableRefusal(cableAt(job, end), step, end);
    case 'stops':
    case null:
      return null;
  }
}

function cableRefusal(stands: CableStands | null, step: StepId, end: End): ReckonedRefusal | null {
  const { pull, gap } = stands ?? { pull: 'unknown', gap: 'unknown' };
  if (pull === 'mismatch') return { code: 'pull-mismatch', end };
  const changes = stepRule(step).touches;
  if (
    pull === 'unknown' &&
    (changes.includes('caliper-changed') || changes.includes('lever-changed'))
  )
    return { code: 'pull-unknown', end };
  return step === 'fixed-pad-gap' && (gap === 'unknown' || gap === 'rubs')
    ? { code: 'gap-unmeasured', end }
    : null;
}
