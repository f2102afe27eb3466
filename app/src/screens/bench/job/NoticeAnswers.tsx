import type { Job } from '@hold-fast/core/job/job';
import { toldOf } from '@hold-fast/core/job/told';
import { openNotices, type NoticeAtJob } from '@hold-fast/core/notice/notice';
import { useState } from 'react';
import { useIsLead } from '../../../data/session';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { focusFault } from '../../../ui/focusFault';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import { jobWords } from '../../../words/job';

/** Makers' notices that meet this bike, each until somebody has said what was done about it. */
export function NoticeAnswers({ job }: { job: Job }) {
  const open = openNotices(job);
  const told = toldOf(job, 'notice-answer');
  return (
    <>
      {open.map((notice) => (
        <Answer key={notice.id} job={job} notice={notice} />
      ))}
      {told.length > 0 ? (
        <Section>
          {told.map(({ id, noticeId, by, words }) => (
            <Words key={id} kind="small">
              {jobWords.notices.answered(
                job.notices.find((notice) => notice.id === noticeId)?.title ?? '',
                by,
                words,
              )}
            </Words>
          ))}
        </Section>
      ) : null}
    </>
  );
}

function Answer({ job, notice }: { job: Job; notice: NoticeAtJob }) {
  const [done, setDone] = useState('');
  const [tried, setTried] = useState(false);
  const byLead = useIsLead();
  const { take, refused } = useTake<'notice-answer'>(job);
  const { id, version, title, source, words, doNotRide } = notice;
  const record = () => {
    setTried(true);
    focusFault();
    if (done.trim())
      take(
        { kind: 'notice-answer', noticeId: id, noticeVersion: version, words: done.trim() },
        { byLead },
      );
  };
  return (
    <Note kind={doNotRide ? 'refusal' : 'caution'} title={checkInWords.checkIn.noticesMeet}>
      <Words kind="strong">{title}</Words>
      <Words>{jobWords.notices.says(source, words)}</Words>
      {doNotRide ? <Words>{jobWords.notices.doNotRide}</Words> : null}
      <Field
        label={jobWords.notices.whatWasDone}
        value={done}
        maxLength={300}
        onChangeText={setDone}
        onSubmitEditing={record}
        error={
          tried && done.trim() === '' ? jobWords.notices.writeWhatWasDone : (refused ?? undefined)
        }
      />
      <Button kind="plain" says={jobWords.notices.done} onPress={record} />
    </Note>
  );
}
