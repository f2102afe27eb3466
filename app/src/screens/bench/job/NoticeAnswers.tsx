import type { Job } from '@hold-fast/core/job/job';
import { toldOf } from '@hold-fast/core/job/told';
import {
  endsOfSheet,
  openNotices,
  placesOfLot,
  type NoticeAtJob,
} from '@hold-fast/core/notice/notice';
import { useIsLead } from '../../../data/session';
import { useTake } from '../../../data/jobWrites';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import { jobWords } from '../../../words/job';
import { SayWhat } from '../../SayWhat';
import { WhyMet } from './WhyMet';

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
  const byLead = useIsLead();
  const { take, refused } = useTake<'notice-answer'>(job);
  const { id, version, title, source, words, doNotRide } = notice;
  return (
    <Note kind={doNotRide ? 'refusal' : 'caution'} title={checkInWords.checkIn.noticesMeet}>
      <Words kind="strong">{title}</Words>
      <Words>{jobWords.notices.says(source, words)}</Words>
      <WhyMet
        notice={notice}
        bike={job.bike}
        places={placesOfLot(job, notice)}
        ends={endsOfSheet(job, notice)}
      />
      {doNotRide ? <Words>{jobWords.notices.doNotRide}</Words> : null}
      <SayWhat
        label={jobWords.notices.whatWasDone}
        empty={jobWords.notices.writeWhatWasDone}
        says={jobWords.notices.done}
        refused={refused}
        onSay={(done) =>
          take(
            { kind: 'notice-answer', noticeId: id, noticeVersion: version, words: done },
            { byLead },
          )
        }
      />
    </Note>
  );
}
