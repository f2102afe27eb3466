import type { SessionSaid } from '@hold-fast/contract/first';
import type { MannerInForce, OwnManner } from '@hold-fast/contract/manner';
import type { Person, SignIn } from '@hold-fast/contract/people';
import type { Opening } from '@hold-fast/contract/opening';
import { LEADS } from '@hold-fast/contract/roles';
import type { PinIn } from '@hold-fast/contract/tablet';
import { useMutation, useQuery } from '@tanstack/react-query';
import { anotherSession, ask } from './api';
import { client, keys, signedInAs } from './client';
import { deviceStorage, forgetTab } from './deviceStorage';
import { forgetSaid, forgetSession } from './offline';

/** What is known of the session: what the server said, and nothing of how things are said where it could not be asked. */
interface Session extends Omit<SessionSaid, 'said'>, Partial<Pick<SessionSaid, 'said'>> {
  /** The session ended while somebody was working; the screen stays until they sign in again. */
  ended?: boolean;
}

/** That somebody signed out while the server could not be told: until it was, nobody is signed in here. */
const SIGNED_OUT = 'hold-fast.signed-out';
const storage = deviceStorage();
/** The last word to the server that somebody signed out: its answer takes the cookie away, and must not overtake the next one’s. */
let telling: Promise<unknown> = Promise.resolve();

async function tellSignedOut(): Promise<void> {
  await ask<void>('DELETE', '/session');
  storage.removeItem(SIGNED_OUT);
}

export function useSession() {
  return useQuery({
    queryKey: keys.session,
    queryFn: async (): Promise<Session> => {
      if (storage.getItem(SIGNED_OUT) === null) return ask<Session>('GET', '/session');
      await tellSignedOut();
      return ask<Session>('GET', '/session');
    },
    staleTime: Infinity,
  });
}

/** Chooses how things are said to whoever is signed in; null goes with the shop. */
export function useChooseManner() {
  return useMutation({
    mutationFn: (own: OwnManner) => ask<MannerInForce>('PUT', '/manner', own),
    onSuccess: (said) => {
      client.setQueryData<Session>(keys.session, (session) => session && { ...session, said });
    },
  });
}

/** Whether a lead or the owner is signed in. */
export const useIsLead = () => LEADS.includes(useSession().data?.person?.role ?? 'counter');

/** Coming in: by name and passphrase, or at the bench’s tablet by PIN. */
function useComingIn<Sent>(path: '/session' | '/session/pin') {
  return useMutation({
    mutationFn: async (sent: Sent) => {
      await telling;
      const person = await ask<Person>('POST', path, sent);
      anotherSession();
      await forgetSaid();
      // Signed in all the same where this is not heard: the next page asks again.
      const session = await ask<Session>('GET', '/session').catch(() => null);
      return { ...session, person };
    },
    onSuccess: (session) => {
      storage.removeItem(SIGNED_OUT);
      const was = client.getQueryData<Session>(keys.session);
      // What somebody else was in the middle of is not theirs who come in: they begin at the Bench.
      if (was?.ended && was.person?.id !== session.person.id) {
        signedInAs(session.person.id);
        globalThis.location.assign('/bench');
        return;
      }
      // Whoever carries on has keyed something: the words they keyed it under stay till the next page.
      const said = was?.ended ? was.said : session.said;
      client.setQueryData<Session>(keys.session, { ...session, ...(said ? { said } : {}) });
      void client.invalidateQueries({
        predicate: ({ queryKey }) => queryKey[0] !== keys.session[0],
      });
      signedInAs(session.person.id);
    },
  });
}

export const useSignIn = () => useComingIn<SignIn>('/session');
export const usePinIn = () => useComingIn<PinIn>('/session/pin');

/** Says that the tries at one's own PIN were seen. */
export const usePinTriesSeen = () =>
  useMutation({
    mutationFn: () => ask<void>('DELETE', '/pin-tries'),
    onSuccess: () => client.setQueryData(keys.pinTries, []),
  });

/** Opens a shop in which nobody is yet; its owner is signed in by it. Where it turns out to be open they sign in. */
export const useOpenShop = () =>
  useMutation({
    mutationFn: (opening: Opening) => ask<Person>('POST', '/shop', opening),
    onSettled: () => client.invalidateQueries({ queryKey: keys.session }),
  });

/** Tells the server that nobody is in here; until it could be told, this device holds to it. */
function leave(): void {
  try {
    storage.setItem(SIGNED_OUT, '');
  } catch {
    // A device that keeps nothing has nothing to come back to either.
  }
  telling = tellSignedOut().catch(() => undefined);
}

/** Signs out: the screen is empty at once, whether or not the server can be told; what is not sent waits for its owner. */
export function signOut(): void {
  signedInAs(null);
  void forgetSaid();
  forgetTab();
  leave();
  client.setQueryData<Session>(keys.session, (was) => ({
    person: null,
    ...(was?.tablet ? { tablet: was.tablet } : {}),
  }));
  client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] });
  client.getMutationCache().clear();
}

/** Locks the bench’s tablet: the screen of who left stays beneath, for them to carry on, and nobody else sees it. */
export function lock(): void {
  void forgetSession();
  leave();
  client.setQueryData<Session>(keys.session, (was) => was && { ...was, ended: true });
}
