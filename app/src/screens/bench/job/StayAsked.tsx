import type { Job } from '@hold-fast/core/job/job';
import { workedAfter } from '@hold-fast/core/job/stay';
import { useState } from 'react';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Words } from '../../../ui/Words';
import { calendarDay } from '../../../words/days';
import { jobWords } from '../../../words/job';

/**
 * Whether the bike stayed here since a day of work: somebody says it before it is signed.
 * @param since `yyyy-mm-dd`
 */
export function StayAsked({ job, since }: { job: Job; since: string }) {
  const [wasOut, setWasOut] = useState(false);
  const say = (out: boolean, backBefore: string | null) => () =>
    append(job.id, entryOf<'stay'>({ kind: 'stay', since, out, backBefore }));
  const answers = wasOut
    ? [
        ...workedAfter(job, since).map((day) => ({
          says: jobWords.stay.backBefore(calendarDay(day)),
          answer: say(true, day),
        })),
        { says: jobWords.stay.backSince, answer: say(true, null) },
        { says: jobWords.stay.no, answer: () => setWasOut(false) },
      ]
    : [
        { says: jobWords.stay.stayed, answer: say(false, null) },
        { says: jobWords.stay.wasOut, answer: () => setWasOut(true) },
      ];
  return (
    <Note kind="caution" title={jobWords.stay.asked(calendarDay(since))}>
      <Words>{wasOut ? jobWords.stay.whenBack : jobWords.stay.why}</Words>
      {answers.map(({ says, answer }) => (
        <Button key={says} kind="quiet" says={says} onPress={answer} />
      ))}
    </Note>
  );
}
