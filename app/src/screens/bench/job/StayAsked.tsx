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
  const say = (said: { out: boolean; backBefore: string | null }) => () =>
    append(job.id, entryOf<'stay'>({ kind: 'stay', since, ...said }));
  return (
    <Note kind="caution" title={jobWords.stay.asked(calendarDay(since))}>
      <Words>{wasOut ? jobWords.stay.whenBack : jobWords.stay.why}</Words>
      {wasOut ? (
        <>
          {workedAfter(job, since).map((day) => (
            <Button
              key={day}
              kind="quiet"
              says={jobWords.stay.backBefore(calendarDay(day))}
              onPress={say({ out: true, backBefore: day })}
            />
          ))}
          <Button
            kind="quiet"
            says={jobWords.stay.backSince}
            onPress={say({ out: true, backBefore: null })}
          />
          <Button kind="quiet" says={jobWords.stay.no} onPress={() => setWasOut(false)} />
        </>
      ) : (
        <>
          <Button
            kind="quiet"
            says={jobWords.stay.stayed}
            onPress={say({ out: false, backBefore: null })}
          />
          <Button kind="quiet" says={jobWords.stay.wasOut} onPress={() => setWasOut(true)} />
        </>
      )}
    </Note>
  );
}
