import type {
  NewPerson,
  NewStart,
  OwnSecrets,
  PersonEdit,
  PersonOfShop,
} from '@hold-fast/contract/people';
import type { Trust } from '@hold-fast/contract/trust';
import { useMutation, useQuery } from '@tanstack/react-query';
import { ask, ProblemError } from './api';
import { client, keys } from './client';

/** Whoever this person looks after. */
export const usePeople = () =>
  useQuery({ queryKey: keys.people, queryFn: () => ask<PersonOfShop[]>('GET', '/people') });

/** What is done to an account; the server answers with everybody as they are then. */
function usePeopleWrite<Sent>(send: (sent: Sent) => Promise<PersonOfShop[]>) {
  return useMutation({
    mutationFn: send,
    onSuccess: (people) => client.setQueryData(keys.people, people),
  });
}

export const useTakeOn = () =>
  usePeopleWrite((person: NewPerson) => ask('POST', '/people', person));

export const useCorrectPerson = (personId: string) =>
  usePeopleWrite((edit: PersonEdit) => ask('PUT', `/people/${personId}`, edit));

export const useNewStart = (personId: string) =>
  usePeopleWrite((start: NewStart) => ask('POST', `/people/${personId}/new-start`, start));

export const useEndSession = (personId: string) =>
  usePeopleWrite((sessionId: string) => ask('DELETE', `/people/${personId}/sessions/${sessionId}`));

export const useChooseSecrets = () =>
  useMutation({
    mutationFn: (chosen: OwnSecrets) => ask<void>('PUT', '/secrets', chosen),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.session }),
  });

/** How phones reach the shop; null where it is on no network. */
export const useTrust = () =>
  useQuery({
    queryKey: keys.trust,
    queryFn: () =>
      ask<Trust>('GET', '/trust').catch((error: unknown) => {
        if (error instanceof ProblemError && error.kind === 'not-found') return null;
        throw error;
      }),
  });
