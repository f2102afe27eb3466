import type { JobLog } from '@hold-fast/contract/jobs';
import { fold } from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { askJob, keys, whoIsHere } from './client';
import { useWaiting } from './queries';
import { withWaiting } from './withWaiting';

// What a job comes to, for the screens of a job: the Bench does without.

const folded = new WeakMap<JobLog, Job>();

/** A job as it stands by what the server has. */
export function asItStands(log: JobLog): Job {
  const there = folded.get(log);
  if (there) return there;
  const job = fold(log.base, log.entries);
  folded.set(log, job);
  return job;
}

/** A job as it stands with what still waits to be sent. */
export function useJob(jobId: string) {
  const waiting = useWaiting();
  const { data, error } = useJobLog(jobId);
  const job = useMemo(
    () =>
      data && waiting.some((each) => each.jobId === jobId)
        ? withWaiting(data, waiting, whoIsHere())
        : data && asItStands(data),
    [data, waiting, jobId],
  );
  return { job, error };
}

/** Everything that was entered at a job, in its order, as the server has it. */
export const useJobLog = (jobId: string) =>
  useQuery({
    queryKey: keys.job(jobId),
    queryFn: () => askJob(jobId),
    structuralSharing: false,
  });
