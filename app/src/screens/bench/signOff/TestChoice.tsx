import type { End } from '@hold-fast/core/ends';
import { asksWords } from '@hold-fast/core/evidence/trials';
import { provenTest } from '@hold-fast/core/job/handOver';
import type { Job } from '@hold-fast/core/job/job';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import { append, entryOf } from '../../../data/jobWrites';
import { YesNo } from './YesNo';

/** A test of the hand-over: yes or no, and what was done about a no. */
export function TestChoice({
  job,
  test,
  end,
  says,
}: {
  job: Job;
  test: EntryOf<'test'>['test'];
  end: End | null;
  says: string;
}) {
  return (
    <YesNo
      says={says}
      chosen={provenTest(job, test, end)}
      asksWords={test !== 'lever-feel' && asksWords(job, test, end)}
      onSay={(outcome, done) =>
        append(job.id, entryOf<'test'>({ kind: 'test', test, end, outcome, words: done }))
      }
    />
  );
}
