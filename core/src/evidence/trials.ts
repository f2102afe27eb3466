import type { Outcome } from './outcome';
import { ENDS, type End } from '../ends';
import { changedSince, changesAt, type ChangedJob } from './changes';
import type { SaidWrong } from './findings';
import { measurandRule } from '../measurand/measurands';
import { CUT_OFF_LAPSES, LEVER_SIDE_LAPSES } from './lapse';
import { standingSteps } from './stepped';
import { type Touch, SYSTEM } from './touch';

// What somebody tried by hand and said yes or no to. A no stands until it is answered; a yes after it is no answer by itself.

/** A yes or no, with its place in the order of everything written. */
export interface Trial<O extends string = Outcome> {
  seq: number;
  outcome: O;
  /** Of a yes after a no: what was done about it, or why the no was wrong. */
  words: string;
}

/** The trial that stands: the last one, but a no until a yes after it answers it. Null while nobody tried. */
export function standingTrial<T extends Trial<string>>(
  trials: readonly T[],
  answers: (failed: T, passed: T) => boolean,
): T | null {
  return trials.reduce<T | null>(
    (standing, trial) =>
      standing?.outcome === 'failed' && trial.outcome !== 'failed' && !answers(standing, trial)
        ? standing
        : trial,
    null,
  );
}

/** What can mend what failed a test of the hand-over [D]. */
const MENDED_BY = {
  'lever-side': [...LEVER_SIDE_LAPSES, 'hose', 'joint', 'cable', 'lever-changed'],
  // It is said of a minute's hold too, and other pads do not mend a lever that sinks.
  'lever-feel': [...SYSTEM, 'cable'],
  'cut-off': CUT_OFF_LAPSES,
  stand: measurandRule('clearance').lapses,
} as const satisfies Readonly<Record<string, readonly Touch[]>>;
type HandTest = keyof typeof MENDED_BY;

/** Whether work that can mend what a test failed on was done between two places in the order, at any of these ends. */
export function isMendedBetween(
  job: ChangedJob,
  ends: readonly End[],
  test: HandTest,
  [from, to]: readonly [number, number],
): boolean {
  return ends.some((end) =>
    changedSince(
      changesAt(job, end).filter((change) => change.end === end && change.seq < to),
      from,
      MENDED_BY[test],
    ),
  );
}

type TriedJob = ChangedJob & {
  tested: readonly (Trial & { test: string; end: End | null })[];
};

/** The test of an end on the stand that stands, or the plan's step of it; null while nobody tried it. */
export function standTest(job: TriedJob, end: End): Trial | null {
  const steps = standingSteps(job).flatMap(({ seq, step, end: at, outcome }): Trial[] =>
    step === 'stand-test' && at === end && outcome === 'done'
      ? [{ seq, outcome: 'passed', words: '' }]
      : [],
  );
  const tests = job.tested.filter((each) => each.test === 'stand' && each.end === end);
  return standingTrial(
    [...steps, ...tests].sort((a, b) => a.seq - b.seq),
    (failed, passed) =>
      !!passed.words || isMendedBetween(job, [end], 'stand', [failed.seq, passed.seq]),
  );
}

/** Whether an end was tried on the stand after a place in the order: it turned free, and nothing touched. */
export function standTestedSince(job: TriedJob, end: End, seq: number): boolean {
  const last = standTest(job, end);
  return last?.outcome === 'passed' && last.seq > seq;
}

/**
 * What the tests of a lever's side, a lever's feel or the cut-off come to; null while nobody made them, or where a lead said that
 * a lever was felt wrong. A no is answered by work that can mend it and a yes after that; else by a yes with words, which of
 * a lever's feel answer nothing [D].
 */
export function standingTest<T extends Trial & { test: string; end: End | null }>(
  job: ChangedJob & {
    tested: readonly T[];
    decided: readonly (SaidWrong & { decision: string })[];
  },
  test: Exclude<HandTest, 'stand'>,
  end: End | null = null,
): T | null {
  const saidWrong = job.decided.filter(
    (said) =>
      said.decision === 'seen-wrong' && said.byLead && said.subject === 'lever' && said.end === end,
  );
  return standingTrial(
    job.tested.filter(
      (each) =>
        each.test === test &&
        each.end === end &&
        !(each.outcome === 'failed' && saidWrong.some(({ seq }) => seq > each.seq)),
    ),
    (failed, passed) =>
      isMendedBetween(job, end ? [end] : ENDS, test, [failed.seq, passed.seq]) ||
      (test !== 'lever-feel' && !!passed.words),
  );
}

/** Whether a yes would have to say what was done about the no that stands: no work that could mend it was recorded since. */
export function asksWords(
  job: TriedJob & Parameters<typeof standingTest>[0],
  test: HandTest,
  end: End | null,
): boolean {
  const standing = test === 'stand' ? end && standTest(job, end) : standingTest(job, test, end);
  return (
    !!standing &&
    standing.outcome === 'failed' &&
    !isMendedBetween(job, end ? [end] : ENDS, test, [standing.seq, Infinity])
  );
}
