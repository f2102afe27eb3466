import { ENDS, type End } from '../ends';
import { changesAt, lapsedSince, lastAway } from '../evidence/changes';
import { CROSSED_BY, CUT_OFF_LAPSES, LEVER_SIDE_LAPSES } from '../evidence/lapse';
import type { Outcome } from '../evidence/outcome';
import type { Touch } from '../evidence/touch';
import { standingTest, standTest } from '../evidence/trials';
import { measurandRule } from '../measurand/measurands';
import { leversOf } from '../kit/brakes';
import type { TestEntry } from './finalTest';
import { fastenerRule } from '../torque/fasteners';
import { workedAt } from './visit';

type TriedJob = Parameters<typeof workedAt>[0] &
  Parameters<typeof standingTest>[0] &
  Parameters<typeof standTest>[0];

/** What a yes of the hand-over rests on: changed since, it says nothing of the bike as it is [D]. */
const LAPSES: Readonly<Record<Exclude<TestEntry['test'], 'stand'>, readonly Touch[]>> = {
  'lever-side': LEVER_SIDE_LAPSES,
  'lever-feel': measurandRule('lever').lapses,
  'cut-off': CUT_OFF_LAPSES,
};

/**
 * Where in the order of everything written an end was last worked on, or a bolt of it turned: what is tried on the stand is tried after
 * the final torque. 0 where neither was done, or what was turned moves nothing that could touch.
 */
export function lastToTry(job: TriedJob, end: End): number {
  const worked = workedAt(job, end);
  const turned = job.tightened.filter((each) => each.end === end);
  const moves = turned.some(({ fastener }) => fastenerRule(fastener).touches.length > 0);
  if (worked.length === 0 && !moves) return 0;
  return Math.max(...worked.map(({ seq }) => seq), ...turned.map(({ turnedSeq }) => turnedSeq));
}

/**
 * What a test of the hand-over says of the bike as it is now: a no stands until it is answered, a yes until something it rests on
 * was changed, which for a try on the stand is any work or torque at its end [D]. Null while nobody has tried it since.
 */
export function provenTest(
  job: TriedJob,
  test: TestEntry['test'],
  end: End | null,
): Outcome | null {
  const standing = test === 'stand' ? end && standTest(job, end) : standingTest(job, test, end);
  if (!standing || standing.outcome === 'failed') return standing?.outcome ?? null;
  const { seq } = standing;
  const changed = (at: End, lapses: readonly Touch[]) =>
    lapsedSince(changesAt(job, at), seq, lapses) !== null;
  if (test === 'stand')
    return Math.max(lastToTry(job, end!), lastAway(job)) > seq ? null : 'passed';
  const lapsed = (end ? [end] : ENDS).some((at) => changed(at, LAPSES[test]));
  // One lever alone is put back where it was; two can change places.
  const crossed =
    test === 'lever-side' && leversOf(job.bike).filter((at) => changed(at, CROSSED_BY)).length > 1;
  return lapsed || crossed ? null : 'passed';
}

/** Whether an end is still to be tried on the stand: worked at or tightened and not tried since, or it touched when it was. */
export function isStandOpen(job: TriedJob, end: End): boolean {
  const proven = provenTest(job, 'stand', end);
  return proven === 'failed' || (proven === null && lastToTry(job, end) > 0);
}
