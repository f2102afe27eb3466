import type { Job } from '@hold-fast/core/job/job';
import type { JobEdit } from '@hold-fast/contract/checkIn';
import { router } from 'expo-router';
import { useState } from 'react';
import { FormProvider, type Resolver } from 'react-hook-form';
import { zodResolver } from '@hookform/resolvers/zod';
import { ProblemError } from '../../../data/api';
import { client, keys } from '../../../data/client';
import { useBike } from '../../../data/counterQueries';
import { useEditJob } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Refusal } from '../../../ui/Refusal';
import { Page } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { near } from '../../../words/days';
import { words } from '../../../words/words';
import { BackToJob, WithJob } from '../JobFrame';
import { promiseTimes, visitFormOf, visitOf, type VisitForm } from './visitForm';
import { VisitFields } from './VisitFields';
import { WrittenVisit } from './written';
import { checkInWords } from '../../../words/checkIn';
import { shopNow } from '../../../shopClock';
import { useKeptForm } from '../../useKeptForm';
import { atJob } from '../../routes';

type Written = Omit<JobEdit, 'version'>;

/** Changing what was written down at check-in. */
export function EditJob({ jobId }: { jobId: string }) {
  return <WithJob jobId={jobId}>{(job) => <Edit job={job} />}</WithJob>;
}

function Edit({ job }: { job: Job }) {
  // The version the change is made from: what others do meanwhile must not slip under it.
  const [version, setVersion] = useState(job.version);
  const [promised] = useState(() => [...new Set([job.promisedAt, ...promiseTimes(shopNow())])]);
  const edit = useEditJob(job.id);
  const jobs = useBike(job.bike.id).data?.jobs ?? [];
  const earlier = jobs.filter(({ tag }) => tag < job.tag);
  const form = useKeptForm<VisitForm>(`job ${job.id}`, {
    defaultValues: visitFormOf(job),
    resolver: zodResolver(WrittenVisit) as unknown as Resolver<VisitForm>,
  });
  const problem = edit.error instanceof ProblemError ? edit.error.problem : null;
  const theirs = problem?.facts?.current as (Written & { version: number }) | undefined;

  const send = (from: number) =>
    void form.handleSubmit((visit) =>
      edit.mutate(
        { ...visitOf(visit), version: from },
        { onSuccess: () => router.navigate(atJob(job.id)) },
      ),
    )();
  const takeTheirs = () => {
    form.reset(visitFormOf(theirs!));
    setVersion(theirs!.version);
    edit.reset();
    void client.invalidateQueries({ queryKey: keys.job(job.id) });
  };
  return (
    <Page
      tag={job.tag}
      over={job.bike.name}
      title={checkInWords.editJob.changeTheJob}
      foot={
        theirs ? (
          <>
            <Button
              says={checkInWords.editJob.keepMine}
              onPress={() => send(theirs.version)}
              busy={edit.isPending}
            />
            <Button kind="plain" says={checkInWords.editJob.takeTheirs} onPress={takeTheirs} />
          </>
        ) : (
          <>
            <Button
              says={checkInWords.editJob.save}
              onPress={() => send(version)}
              busy={edit.isPending}
            />
            <BackToJob jobId={job.id} />
          </>
        )
      }
    >
      {edit.error ? (
        <Refusal of={edit.error} title={edit.error.message}>
          {theirs ? <Words>{checkInWords.editJob.theirs(told(theirs))}</Words> : null}
        </Refusal>
      ) : null}
      <FormProvider {...form}>
        <VisitFields promised={promised} earlier={earlier} />
      </FormProvider>
    </Page>
  );
}

function told(written: Written): string {
  return [
    words.quoted(written.complaint),
    written.symptoms.map((symptom) => words.symptom[symptom]).join(', '),
    written.frontLever
      ? checkInWords.editJob.leverFront(words.side[written.frontLever])
      : checkInWords.editJob.leverNotAsked,
    checkInWords.editJob.promised(near(written.promisedAt)),
    written.odometerKm === null ? '' : words.format.distance(written.odometerKm),
  ]
    .filter(Boolean)
    .join(' · ');
}
