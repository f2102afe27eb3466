import { standingTrial } from '../evidence/trials';
import { checkRule, CHECKS, type Check, type CheckedBrake } from './checks';
import type { StepId } from './steps';

/** A step as it was done at one end, by its place in the order of everything written to the job. */
export interface DoneAt {
  seq: number;
  step: StepId;
}

/** How a thing was found; some of them a brake may have none of. */
export const TICKS = ['passed', 'failed', 'not-fitted'] as const;
export type Tick = (typeof TICKS)[number];

/** What was ticked, and by when. */
export interface Ticked {
  seq: number;
  check: Check;
  outcome: Tick;
  words: string;
}

/** Work at one end by its place in the order of everything written to the job, and what is ticked by name after it. */
export interface Worked {
  seq: number;
  ticks: readonly Check[];
}

/**
 * What has to be ticked by name at one end for the work that was done there, each with how it stands; a tick counts when
 * it is later than the last step that touched the thing, and after one that failed when it says what was done about it. What was in order before the bike was last away is ticked anew.
 * @param away where in the order it last was, or 0
 */
export function checksFor(
  brake: CheckedBrake,
  work: readonly Worked[],
  ticked: readonly Ticked[],
  away: number,
): { check: Check; stands: 'open' | 'passed' | 'failed' }[] {
  if (work.length === 0) return [];
  return CHECKS.flatMap((check) => {
    const { after, on } = checkRule(check);
    if (!on(brake)) return [];
    const by =
      after(brake) === 'any-work' ? work : work.filter(({ ticks }) => ticks.includes(check));
    const last = by.at(-1);
    if (!last) return [];
    const since = ticked.filter((each) => each.check === check && each.seq > last.seq);
    const tick = standingTrial(since, (_failed, passed) => !!passed.words);
    const lapsed = tick !== null && tick.outcome !== 'failed' && tick.seq < away;
    const outcome = tick === null || lapsed ? 'open' : tick.outcome;
    return [{ check, stands: outcome === 'not-fitted' ? 'passed' : outcome }];
  });
}
