import type {
  NewPerson,
  NewStart,
  OwnSecrets,
  PersonEdit,
  PersonOfShop,
} from '@hold-fast/contract/people';
import type { MakeTablet, Tablet } from '@hold-fast/contract/tablet';
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

interface Tablets {
  items: Tablet[];
}

/** The bench’s tablets, those in use first. */
export const useTablets = () =>
  useQuery({
    queryKey: keys.tablets,
    queryFn: async () => (await ask<Tablets>('GET', '/tablets')).items,
  });

const tabletsNow = ({ items }: Tablets) => {
  client.setQueryData(keys.tablets, items);
  return client.invalidateQueries({ queryKey: keys.session });
};

/** Makes this device a tablet of the bench. */
export const useMakeTablet = () =>
  useMutation({
    mutationFn: (tablet: MakeTablet) => ask<Tablets>('POST', '/tablets', tablet),
    onSuccess: tabletsNow,
  });

export const useEndTablet = () =>
  useMutation({
    mutationFn: (id: string) => ask<Tablets>('POST', `/tablets/${id}/end`, {}),
    onSuccess: tabletsNow,
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
