import { whole } from '../adversary/whole';
import { ENDS } from '../ends';
import { changesAt } from '../evidence/changes';
import { inspectEnd, kitAt, standardOf } from '../inspection/inspectEnd';
import { barsOf } from './bars';
import { fold, foldAll, foldOn } from './fold';
import type { Job } from './job';

const said = (job: Job) => ({
  bars: barsOf(job, 'all'),
  ends: ENDS.map((end) => ({
    inspected: inspectEnd(job, end),
    standard: standardOf(job, end),
    kit: kitAt(job, end),
    changes: changesAt(job, end),
  })),
});

// What was worked out of a job while it was judged is kept; a copy of the job knows nothing and works everything out afresh.
it('says of a job, entry by entry, what the job says when everything is worked out afresh', () => {
  const { base, entries } = whole();
  let folded = foldAll(base, []);
  for (const logged of entries) {
    folded = foldOn(folded, logged, base.revision);
    const afresh = structuredClone(folded.job);
    expect(said(folded.job)).toEqual(said(afresh));
    // A copy takes along what bars it, as it was worked out for the first that asked.
    expect(afresh.bars).toEqual(barsOf(afresh, 'all'));
    expect(folded.job.bars).toBe(folded.job.bars);
  }
  // Nor does it matter what was folded, and kept, before: all at once, of copies, it comes to the same job.
  const once = fold(structuredClone(base), structuredClone(entries));
  expect(folded.job).toEqual(once);
});

it('leaves the job it goes on from as it was', () => {
  const { base, entries } = whole();
  const steps = entries.map((_, i) => foldAll(base, entries.slice(0, i)));
  const before = steps.map(({ job }) => JSON.stringify(job));
  entries.forEach((logged, i) => foldOn(steps[i]!, logged, base.revision));
  expect(steps.map(({ job }) => JSON.stringify(job))).toEqual(before);
});
