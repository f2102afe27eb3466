import type { Person, SignIn } from '@hold-fast/contract/people';
import { useMutation, useQuery } from '@tanstack/react-query';
import { ask } from './api';
import { client, keys, outbox } from './client';

interface Session {
  person: Person | null;
  /** The session ended while somebody was working; the screen stays until they sign in again. */
  ended?: boolean;
}

export function useSession() {
  return useQuery({
    queryKey: keys.session,
    queryFn: () => ask<Session>('GET', '/session'),
    staleTime: Infinity,
  });
}

export function useSignIn() {
  return useMutation({
    mutationFn: (signIn: SignIn) => ask<Person>('POST', '/session', signIn),
    onSuccess: (person) => {
      client.setQueryData<Session>(keys.session, { person });
      void client.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] !== keys.session[0],
      });
      void outbox.send();
    },
  });
}

export function useSignOut() {
  return useMutation({
    mutationFn: () => ask<void>('DELETE', '/session'),
    onSuccess: () => {
      client.clear();
      client.setQueryData<Session>(keys.session, { person: null });
    },
  });
}
