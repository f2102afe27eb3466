import type { End } from '../ends';
import { lastAway, TAKEN_OFF_BY } from './changes';
import { neverDone } from './neverDone';
import type { Job, Tightened } from '../job/job';
import { brakeAt } from '../job/visit';
import { fastenersOf, type Hold } from '../procedure/hold';
import { stepRule } from '../procedure/steps';
import { FITTING, workRule } from '../inspection/work';
import { fastenerRule, type FastenerId } from '../torque/fasteners';
import type { ProofFlaw } from '../torque/proof';

interface OpenFastener {
  end: End;
  fastener: FastenerId;
  flaws: readonly ProofFlaw[];
}

type FastenedJob = Pick<
  Job,
  | 'id'
  | 'identified'
  | 'bike'
  | 'stepped'
  | 'fittings'
  | 'neverFitted'
  | 'takenOff'
  | 'repaired'
  | 'neverRepaired'
  | 'away'
> & {
  tightened: readonly Pick<Tightened, 'end' | 'seq' | 'fastener' | 'flaws'>[];
};

/**
 * The safety fasteners of an end that are not proven: each that was loosened or holds something that was put on needs a
 * proof of its own after that, and after the bike was away; of each that was tightened the last time counts [D].
 */
export function openFasteners(job: FastenedJob, end: End): OpenFastener[] {
  const loose = loosenedAt(job, end);
  const tightened = job.tightened.flatMap((each) =>
    each.end === end && fastenerRule(each.fastener).safety ? [each.fastener] : [],
  );
  return [...new Set([...loose.keys(), ...tightened])].flatMap((fastener): OpenFastener[] => {
    const flaws = tightenedSince(job, end, fastener, loose)?.flaws ?? ['passes-open' as const];
    return flaws.length > 0 ? [{ end, fastener, flaws }] : [];
  });
}

/** Whether a fastener of an end went through every pass since it was last loosened, whatever its proof lacks besides. */
export function isBroughtToTorque(job: FastenedJob, end: End, fastener: FastenerId): boolean {
  const last = tightenedSince(job, end, fastener, loosenedAt(job, end));
  return last !== null && !last.flaws.includes('passes-open');
}

/** The last tightening of a fastener; null where it was loosened, or the bike was away, since it was begun. */
function tightenedSince(
  job: FastenedJob,
  end: End,
  fastener: FastenerId,
  loose: ReadonlyMap<FastenerId, number>,
): FastenedJob['tightened'][number] | null {
  const last = job.tightened
    .filter((each) => each.end === end && each.fastener === fastener)
    .at(-1);
  return last && last.seq > Math.max(loose.get(fastener) ?? 0, lastAway(job)) ? last : null;
}

/**
 * Where each fastener of an end was last loosened, or what it holds put on, in the order of everything written; 0 for one that
 * was only said to be brought to its torque.
 */
function loosenedAt(job: FastenedJob, end: End): Map<FastenerId, number> {
  const brake = brakeAt(job, end);
  const loose = new Map<FastenerId, number>();
  const loosen = (holds: readonly Hold[], seq: number) => {
    for (const fastener of holds.flatMap((hold) => fastenersOf(hold, brake)))
      loose.set(fastener, Math.max(seq, loose.get(fastener) ?? 0));
  };
  // A step, a part put on, or work, that was taken back was said to be done: what it loosened is proven all the same.
  for (const { seq, step, end: at, outcome } of job.stepped) {
    if (at !== end || outcome !== 'done' || step === 'wash-hands') continue;
    const { fastens, loosens } = stepRule(step);
    loosen(loosens, seq);
    loosen(fastens, 0);
  }
  for (const { seq, part, end: at, jobId, condition } of job.fittings)
    if (at === end && jobId === job.id && condition !== 'found')
      loosen(workRule(FITTING[part]).loosens, seq);
  for (const { seq, end: at, work } of neverDone(job))
    if (at === end) loosen(workRule(work).loosens, seq);
  for (const { seq, part, end: at } of job.takenOff)
    if (at === end) loosen(stepRule(TAKEN_OFF_BY[part]).loosens, seq);
  for (const { seq, end: at, work } of job.repaired)
    if (at === end) loosen(workRule(work).loosens, seq);
  return loose;
}
