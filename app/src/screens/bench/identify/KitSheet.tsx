import { endSays } from '../../bikes/thirdBrake';
import type { Job } from '@hold-fast/core/job/job';
import { PARTS, type End, type Part } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { Fragment } from 'react';
import { Button } from '../../../ui/Button';
import { Page, Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { lifeSays } from '../../lifeSays';
import { NeverFitted } from '../fitting/FittedNow';
import { TakeBack } from '../TakeBack';
import { BackToJob, WithBrake } from '../JobFrame';
import { jobWords } from '../../../words/job';
import { SumsHere } from '../../reckoner/SumsHere';
import { atJob } from '../../routes';

/** What is fitted at one end, and what was before: each part’s life with its dates. */
export function KitSheet({ jobId, end }: { jobId: string; end: End }) {
  return (
    <WithBrake jobId={jobId} end={end} title={jobWords.kitSheet.fittedHere}>
      {(job) => (
        <Page
          tag={job.tag}
          over={jobWords.kitSheet.brake(endSays(job.bike, end))}
          title={jobWords.kitSheet.fittedHere}
          foot={<BackToJob jobId={job.id} />}
        >
          <SumsHere job={job} end={end} at="kit" />
          {PARTS.map((part) => (
            <Lives key={part} job={job} end={end} part={part} />
          ))}
          <ToldInWords job={job} end={end} />
        </Page>
      )}
    </WithBrake>
  );
}

function Lives({ job, end, part }: { job: Job; end: End; part: Part }) {
  const isHere = (fitted: { end: End; part: Part }) => fitted.end === end && fitted.part === part;
  const lives = job.fittings.filter(isHere);
  return (
    <Section
      label={capital(words.part[part])}
      aside={
        <Button
          kind="quiet"
          says={jobWords.kitSheet.fitOrWriteDown}
          of={words.part[part]}
          onPress={() => router.navigate(atJob(job.id, `${end}/fit-${part}`))}
        />
      }
    >
      {lives.length === 0 ? (
        <Words ink="soft">{jobWords.kitSheet.nothingWrittenDownYetThe}</Words>
      ) : (
        lives
          .map((fitted, i) => ({ fitted, until: lives[i + 1]?.at ?? null }))
          .reverse()
          .map(({ fitted, until }) => (
            <Fragment key={fitted.id}>
              <Words ink={until ? 'soft' : 'ink'}>{lifeSays(fitted, until)}</Words>
              <NeverFitted job={job} fitted={fitted} />
            </Fragment>
          ))
      )}
      {job.neverFitted.filter(isHere).map(({ id, description }) => (
        <Words key={id} ink="soft">
          {jobWords.kitSheet.neverOn(description)}
        </Words>
      ))}
    </Section>
  );
}

/** Work that no step of the plan says, as it was told at this end. */
function ToldInWords({ job, end }: { job: Job; end: End }) {
  const says = jobWords.kitSheet;
  const isHere = (told: { end: End }) => told.end === end;
  const [told, never] = [job.repaired.filter(isHere), job.neverRepaired.filter(isHere)];
  if (told.length + never.length === 0) return null;
  return (
    <Section label={says.toldInWords}>
      {told.map(({ id, work, words: done }) => (
        <Fragment key={id}>
          <Words>{says.told(capital(words.work[work]), done)}</Words>
          <TakeBack
            job={job}
            of={{ id, named: words.work[work] }}
            says={says.notDone}
            means={says.whatFallsOfWork}
          />
        </Fragment>
      ))}
      {never.map(({ id, work }) => (
        <Words key={id} ink="soft">
          {says.neverDone(capital(words.work[work]))}
        </Words>
      ))}
    </Section>
  );
}
