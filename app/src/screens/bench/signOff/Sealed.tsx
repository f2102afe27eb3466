import type { Job } from '@hold-fast/core/job/job';
import type { Person } from '@hold-fast/contract/people';
import { router } from 'expo-router';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { exactDay } from '../../../words/days';
import { billWords } from '../../../words/bill';
import { reportWords } from '../../../words/report';
import { BackToJob } from '../JobFrame';
import { jobWords } from '../../../words/job';
import { Amendments } from './Amendments';
import { atBike, atJob } from '../../routes';

/** A job that was signed: its seal, and the corrections that hang beside it. */
export function Sealed({ job, person }: { job: Job; person: Person }) {
  const { number, by, at, seal, prev, notRepaired } = job.sealed!;
  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title={notRepaired ? jobWords.sealed.closedNotRepaired : jobWords.sealed.signedOffAndSealed}
      foot={<BackToJob jobId={job.id} />}
    >
      <Section>
        <Note title={jobWords.sealed.record(number)}>
          {jobWords.sealed.signedByNothingInIt(by, exactDay(at))}
        </Note>
        {notRepaired ? (
          <Note kind="refusal" title={jobWords.sealed.closedNotRepaired}>
            {jobWords.sealed.takenAwayBy(notRepaired.takenBy, notRepaired.words)}
          </Note>
        ) : null}
        <Words kind="label">{jobWords.sealed.sealSha256}</Words>
        <Words kind="smallReading" selectable testID="seal">
          {seal}
        </Words>
        <Words ink="soft">
          {prev
            ? jobWords.sealed.chainedTo(prev.slice(0, 16))
            : jobWords.sealed.theFirstInThisShops}
        </Words>
        <Button
          says={jobWords.sealed.theBikesPage}
          onPress={() => router.navigate(atBike(job.bike.id))}
        />
        <Button
          kind="plain"
          says={billWords.title}
          onPress={() => router.navigate(atJob(job.id, 'bill'))}
        />
        <Button
          kind="plain"
          says={reportWords.open}
          onPress={() => router.navigate(`/ledger/report/${job.sealed!.recordId}`)}
        />
      </Section>
      <Amendments job={job} person={person} />
    </Page>
  );
}
