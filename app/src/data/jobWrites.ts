import type { CheckIn, JobEdit } from '@hold-fast/contract/checkIn';
import type { Entry } from '@hold-fast/contract/entries';
import type { JobChange, JobLog } from '@hold-fast/contract/jobs';
import type { Photo } from '@hold-fast/contract/photos';
import type { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import type { EntryFault } from '@hold-fast/core/job/entry';
import type { Job } from '@hold-fast/core/job/job';
import { faultOf, type EntryOf, type KnownOf, type SentKind } from '@hold-fast/core/job/kinds';
import type { Word } from '@hold-fast/core/wear/verdict';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { faultSays } from '../words/faultWords';
import { words } from '../words/words';
import { aboutEntry } from '../words/about';
import { ask, ProblemError } from './api';
import { useAttempt } from './attempt';
import { client, keys, outbox, pictures, takeChange, whoIsHere } from './client';
import { asItStands } from './jobs';
import { withWaiting } from './withWaiting';

type Fresh<K extends SentKind> = Omit<EntryOf<K>, 'id' | 'at'>;

/** Gives an entry its id and its time. */
export function entryOf<K extends SentKind>(fresh: Fresh<K>): EntryOf<K> {
  return { id: uuid(), at: new Date().toISOString(), ...fresh } as EntryOf<K>;
}

/**
 * Puts an entry in the outbox: it counts at once and is sent when it can be.
 * @returns false when this device would not keep it: then it is not taken, and every page says so
 */
export function append(
  jobId: string,
  entry: Entry,
  more: { appWord?: Word | null; known?: KnownOf<SentKind> } = {},
): boolean {
  const { appWord = null, known = null } = more;
  const held = client.getQueryData<JobLog>(keys.job(jobId));
  const job = held && withWaiting(held, outbox.waiting, whoIsHere());
  return outbox.add({ jobId, entry, appWord, about: aboutEntry(job, entry), known });
}

/** Writes to a job, after all that this device still holds of it; null for a job that is not there yet. */
function useJobWrite<Body extends object>(
  jobId: string | null,
  send: (body: Body, attempt: { id: string; at: string }) => Promise<JobChange>,
) {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: async (body: Body) => {
      const tried = attempt.of(body);
      if (jobId !== null) await outbox.sendFirst(jobId);
      const change = await send(body, tried);
      const { id } = change.base;
      return asItStands(await takeChange(id, change));
    },
    onSuccess: () => attempt.answered(),
    onError: (error) => {
      if (error instanceof ProblemError && error.problem.status < 500) attempt.answered();
    },
  });
}

/** A second press within so long is the same press, ms [D]. */
const SAME_PRESS_MS = 600;

/**
 * Takes an entry where it is made: what the job cannot take is refused at once, for the reason the server would give; anything
 * else is kept, counts, and is sent when it can be.
 */
export function useTake<K extends SentKind>(job: Job) {
  const [fault, setFault] = useState<EntryFault | null>(null);
  const last = useRef<{ saves: string; at: number } | null>(null);
  const take = (fresh: Fresh<K>, known: KnownOf<K>): boolean => {
    const saves = JSON.stringify(fresh);
    const now = Date.now();
    if (last.current?.saves === saves && now - last.current.at < SAME_PRESS_MS) return true;
    const entry = entryOf<K>(fresh);
    const found = faultOf(job, entry, known);
    setFault(found);
    if (found || !append(job.id, entry as Entry, { known })) return false;
    last.current = { saves, at: now };
    return true;
  };
  return { take, refused: fault && (faultSays(fault) ?? fault.code) };
}

/** Takes a picture of what was found: it is kept, and sent when it can be. */
export const addPicture = (
  job: Pick<Job, 'id' | 'bike'>,
  photo: Pick<Photo, 'end' | 'area' | 'jpegBase64'>,
): Promise<void> => pictures.add({ id: uuid(), jobId: job.id, bike: job.bike.name, ...photo });

export const useCheckIn = () =>
  useJobWrite<Omit<CheckIn, 'id'>>(null, (taken, { id }) =>
    ask<JobChange>('POST', '/jobs', { ...taken, id }),
  );

export const useEditJob = (jobId: string) =>
  useJobWrite<Omit<JobEdit, 'id'>>(jobId, (edit, { id }) =>
    ask<JobChange>('PUT', `/jobs/${jobId}`, { ...edit, id }),
  );

export const useDecide = (jobId: string) =>
  useJobWrite<Omit<Decision, 'id'>>(jobId, (decision, { id }) =>
    ask<JobChange>('POST', `/jobs/${jobId}/decisions`, { ...decision, id }),
  );

/** Adds a correction to a sealed job. */
export const useAmend = (jobId: string) =>
  useJobWrite<Omit<Amendment, 'id'>>(jobId, (amendment, { id }) =>
    ask<JobChange>('POST', `/jobs/${jobId}/amendments`, { ...amendment, id }),
  );

export function useSignOff(jobId: string) {
  return useJobWrite<Omit<SignOff, 'id'>>(jobId, async (signed, { id }) => {
    // Sealed, the job could not take it any more.
    if (outbox.needsYou.some((each) => each.jobId === jobId))
      throw new Error(words.outbox.dealWithIt);
    await pictures.sendFirst(jobId);
    return ask<JobChange>('POST', `/jobs/${jobId}/sign-off`, { ...signed, id });
  });
}
