import type { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import type { Entry, EntryKind, EntryOf } from '@hold-fast/contract/entries';
import type { Job } from '@hold-fast/contract/jobs';
import type { Decision, SignOff } from '@hold-fast/contract/signOff';
import type { Gauge } from '@hold-fast/contract/stores';
import type { Word } from '@hold-fast/core/wear/verdict';
import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { v7 as uuid } from 'uuid';
import { ask, ProblemError } from './api';
import { client, keys, outbox, takeJob } from './client';

type Fresh<K extends EntryKind> = Omit<EntryOf<K>, 'id' | 'at'>;

/** Gives an entry its id and its time. */
export function entryOf<K extends EntryKind>(fresh: Fresh<K>): EntryOf<K> {
  return { id: uuid(), at: new Date().toISOString(), ...fresh } as EntryOf<K>;
}

/** Puts an entry in the outbox: it counts at once and is sent when it can be. */
export function append(
  jobId: string,
  entry: Entry,
  more: { appWord?: Word | null; gauge?: Gauge } = {},
): void {
  const { appWord = null, gauge } = more;
  outbox.add({ jobId, entry, appWord, ...(gauge ? { gauge } : {}) });
}

/**
 * One try at saving something keeps its id and time until it is answered: a second press of a button, or another try
 * after a lost connection, is the same write. Something else to save is another try.
 */
function useAttempt() {
  const attempt = useRef<{ id: string; at: string; saves: string } | null>(null);
  return {
    of: (body: object) => {
      const saves = JSON.stringify(body);
      if (attempt.current?.saves !== saves)
        attempt.current = { id: uuid(), at: new Date().toISOString(), saves };
      const { id, at } = attempt.current;
      return { id, at };
    },
    answered: () => {
      attempt.current = null;
    },
  };
}

function useJobWrite<Body extends object>(
  send: (body: Body, attempt: { id: string; at: string }) => Promise<Job>,
) {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (body: Body) => send(body, attempt.of(body)),
    onSuccess: (job) => {
      attempt.answered();
      takeJob(job);
    },
    onError: (error) => {
      if (error instanceof ProblemError && error.problem.status < 500) attempt.answered();
    },
  });
}

/** Sends an entry whose answer the screen waits for. */
export function useSendEntry<K extends 'identification' | 'fitting' | 'tightening' | 'fill'>(
  jobId: string,
) {
  return useJobWrite<Fresh<K>>((fresh, attempt) =>
    ask<Job>('POST', `/jobs/${jobId}/entries`, {
      entry: { ...attempt, ...fresh },
      appWord: null,
    }).finally(() => {
      void client.invalidateQueries({ queryKey: keys.containers });
      void client.invalidateQueries({ queryKey: keys.wrenches });
    }),
  );
}

export const useCheckIn = () =>
  useJobWrite<Omit<CheckIn, 'id'>>((taken, { id }) => ask<Job>('POST', '/jobs', { ...taken, id }));

export function useEditJob(jobId: string) {
  return useMutation({
    mutationFn: (edit: JobEdit) => ask<Job>('PUT', `/jobs/${jobId}`, edit),
    onSuccess: takeJob,
  });
}

export const useDecide = (jobId: string) =>
  useJobWrite<Omit<Decision, 'id'>>((decision, { id }) =>
    ask<Job>('POST', `/jobs/${jobId}/decisions`, { ...decision, id }),
  );

export function useSignOff(jobId: string) {
  return useJobWrite<Omit<SignOff, 'id'>>(async (signed, { id }) => {
    const job = await ask<Job>('POST', `/jobs/${jobId}/sign-off`, { ...signed, id });
    for (const queryKey of [keys.records, keys.chain]) void client.invalidateQueries({ queryKey });
    return job;
  });
}

/** The faults a refusal found, by field, with the words for people. */
export function faultsOf(error: Error | null): Record<string, string> {
  if (!(error instanceof ProblemError)) return {};
  return Object.fromEntries(
    (error.problem.fields ?? []).map(({ path, message }) => [path, message]),
  );
}
