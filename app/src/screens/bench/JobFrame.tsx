import { hasEvidence } from '@hold-fast/core/measurand/measurands';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { Identified, Job, Measured } from '@hold-fast/core/job/job';
import { judgeSitting } from '@hold-fast/core/inspection/inspectEnd';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import type { End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { useMemo, type ReactNode } from 'react';
import { benchRowOf, useRegistersAtHand } from '../../data/queries';
import { useJob } from '../../data/jobs';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { useWide } from '../../ui/useWide';
import { WayBackContext, type WayBack } from '../../ui/wayBack';
import { Failed, Loading } from '../../ui/Standing';
import { DoNotRideBanner } from './job/DoNotRide';
import { JobToCome } from './JobToCome';
import { NeedsYou } from './NeedsYou';
import { words } from '../../words/words';
import { atJob } from '../routes';

/** Where a page of a job stands: the job itself, or something that hangs on it. */
type Standing = 'job' | 'below';

/** The tag leads from a step to its job, and from the job to the Bench, which stands beside it at the counter. */
function useWayBack(jobId: string, stands: Standing): WayBack | null {
  const wide = useWide();
  return useMemo(() => {
    if (stands === 'below')
      return { says: words.jobFrame.job, go: () => router.navigate(atJob(jobId)) };
    return wide ? null : { says: words.jobFrame.bench, go: () => router.navigate('/bench') };
  }, [jobId, stands, wide]);
}

/**
 * Shows a job once it is there: over every page of it what the server would not take, and that the bike is not to be
 * ridden, unless the page says that larger itself (`banner` false).
 */
export function WithJob({
  jobId,
  stands = 'below',
  banner = true,
  children,
}: {
  jobId: string;
  stands?: Standing;
  banner?: boolean;
  children: (job: Job) => ReactNode;
}) {
  const { job, error } = useJob(jobId);
  useRegistersAtHand();
  const back = useWayBack(jobId, stands);
  if (error && !job) return <Failed error={error} />;
  if (!job) {
    const row = stands === 'job' ? benchRowOf(jobId) : undefined;
    return row ? <JobToCome job={row} back={back} /> : <Loading />;
  }
  return (
    <>
      <NeedsYou jobId={jobId} />
      {banner ? <DoNotRideBanner job={job} /> : null}
      <WayBackContext value={back}>{children(job)}</WayBackContext>
    </>
  );
}

/** Shows a step of work on one end: the brake must be identified, and the job still open. */
export function WithBrake({
  jobId,
  end,
  title,
  children,
}: {
  jobId: string;
  end: End;
  title: string;
  children: (job: Job, identified: Identified) => ReactNode;
}) {
  return (
    <WithJob jobId={jobId}>
      {(job) => {
        const identified = job.identified[end];
        if (job.sealed)
          return (
            <Page
              tag={job.tag}
              over={words.jobFrame.brake(end)}
              title={title}
              foot={<BackToJob jobId={jobId} />}
            >
              <Note kind="caution">{words.jobFrame.thisJobIsSignedOff}</Note>
            </Page>
          );
        if (!identified)
          return (
            <Page
              tag={job.tag}
              over={words.jobFrame.brake(end)}
              title={title}
              foot={
                <Button
                  says={words.jobFrame.identifyTheBrake(words.end[end])}
                  onPress={() => router.navigate(atJob(jobId, `${end}/identify`))}
                />
              }
            >
              <Note>{words.jobFrame.theLimitTorquesAndFluid}</Note>
            </Page>
          );
        return children(job, identified);
      }}
    </WithJob>
  );
}

export function BackToJob({ jobId }: { jobId: string }) {
  return (
    <Button
      kind="plain"
      says={words.jobFrame.backToTheJob}
      onPress={() => router.navigate(atJob(jobId))}
    />
  );
}

/** The sitting in hand at a thing to measure: the last begun, also while nothing was read in it. */
export function sittingAt(job: Job, end: End, part: Measurand): Measured | null {
  return (
    job.measured.filter((m) => m.end === end && m.part === part && !m.superseded).at(-1) ?? null
  );
}

/** The sitting that stands for a part: the last in which anything was found, if anybody measured it. */
export function standingAt(job: Job, end: End, part: Measurand): Measured | null {
  return (
    job.measured
      .filter((m) => m.end === end && m.part === part && !m.superseded && hasEvidence(m))
      .at(-1) ?? null
  );
}

/** What core makes of a sitting, at once and also without a connection; null while there is nothing to judge. */
export function judgementOf(job: Job, measured: Measured): Judgement | null {
  return judgeSitting(job, measured);
}
