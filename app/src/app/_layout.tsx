import { QueryClientProvider } from '@tanstack/react-query';
import { Slot, usePathname } from 'expo-router';
import { useEffect, useLayoutEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { refusalWords } from '../data/api';
import { client, signedInAs } from '../data/client';
import { beginWithFirst, unpaint } from '../data/first';
import { forgetFirst, isAppKept, keepApp } from '../data/offline';
import { useSession } from '../data/session';
import { useAutoLock } from '../data/useAutoLock';
import { Caught } from '../screens/Caught';
import { KeysHelp } from '../screens/KeysHelp';
import { beyond, fetchBehind, later } from '../screens/later';
import { Places } from '../screens/Places';
import { SignIn } from '../screens/people/SignIn';
import { Failed, Loading } from '../ui/Standing';
import { installTheme } from '../ui/theme';
import { color } from '../ui/tokens';
import { useKeys, useOnePress } from '../ui/useKeys';
import { keepManner } from '../words/manner';
import { readyNumbers } from '../words/readyNumbers';

const OpenFromNothing = beyond('OpenFromNothing');
const BenchTablet = later(() => import('../screens/people/BenchTablet').then((s) => s.BenchTablet));
const BeginAnew = beyond('BeginAnew');

installTheme();
beginWithFirst();

export default function Layout() {
  useOnePress();
  return (
    <QueryClientProvider client={client}>
      <View style={styles.app}>
        <Gate />
      </View>
    </QueryClientProvider>
  );
}

/** Nobody sees anything of the shop before they are signed in but a report whose address they have; who was working stays where they were. */
function Gate() {
  const session = useSession();
  const pathname = usePathname();
  const person = session.data?.person;
  useEffect(() => {
    signedInAs(person?.id ?? null);
  }, [person?.id]);
  useAutoLock(Boolean(session.data?.tablet && person && !session.data.ended));
  useEffect(() => {
    // Well after the first screen: what keeps the app takes nothing from showing it.
    const later = setTimeout(() => void keepApp(() => void client.invalidateQueries()), 2000);
    return () => clearTimeout(later);
  }, []);
  const atBench = pathname === '/bench' && person !== undefined && person !== null;
  useEffect(() => {
    if (!atBench) return;
    // While the list is read, what a press on it opens comes.
    const behind = setTimeout(() => {
      readyNumbers();
      void fetchBehind()
        .then(refusalWords)
        .catch(() => undefined);
    }, 1000);
    return () => clearTimeout(behind);
  }, [atBench]);
  useEffect(() => {
    if (!atBench) return;
    const later = setTimeout(() => {
      if (isAppKept()) void import('../data/keepBench').then(({ keepBench }) => keepBench());
    }, 4000);
    return () => clearTimeout(later);
  }, [atBench]);
  const said = session.data?.said;
  useEffect(() => {
    // What was kept of the first screen is in the words of before.
    if (said && keepManner(said)) void forgetFirst().then(() => globalThis.location.reload());
  }, [said]);
  // The Bench says itself when it is there; whatever else comes up is there by now.
  const another = !session.isPending && !(person && ['/', '/bench'].includes(pathname));
  useLayoutEffect(() => {
    if (another) unpaint();
  }, [another]);
  if (__DEV__ && pathname === '/gallery') return <Slot />;
  // A customer’s report is read by its address: whoever has it need not be of the shop.
  if (pathname.startsWith('/r/')) return <Slot />;
  // How a phone comes to trust the shop is read before it can be signed in at.
  if (pathname === '/trust' && !person) return <Slot />;
  if (session.isPending) return <Loading />;
  if (!session.data) return <Failed error={session.error} onRetry={() => void session.refetch()} />;
  if (session.data.unopened) return <OpenFromNothing />;
  const again = session.data.ended ? person : undefined;
  const signIn = session.data.tablet ? (
    <BenchTablet {...session.data.tablet} {...(again ? { again } : {})} />
  ) : (
    <SignIn {...(again ? { again: again.name } : {})} />
  );
  if (!person) return signIn;
  if (session.data.choosing) return <BeginAnew />;
  return (
    <>
      <Beneath covered={again !== undefined}>
        <KeysHelp />
        <Places person={person.name}>
          <Caught at={pathname}>
            <Slot />
          </Caught>
        </Places>
      </Beneath>
      {again ? <Over>{signIn}</Over> : null}
    </>
  );
}

/** The screen of whoever is in. Covered, it can be neither seen nor touched: what another pressed there would be theirs who left. */
function Beneath({ covered, children }: { covered: boolean; children: ReactNode }) {
  const view = useRef<View>(null);
  useEffect(() => {
    (view.current as unknown as HTMLElement).inert = covered;
  }, [covered]);
  return (
    <View ref={view} style={styles.app}>
      {children}
    </View>
  );
}

/** What lies over the screen of whoever was in, and hears the keys in its place. */
function Over({ children }: { children: ReactNode }) {
  useKeys({}, undefined, true);
  return <View style={styles.over}>{children}</View>;
}

const styles = StyleSheet.create({
  app: { flex: 1, backgroundColor: color.paper },
  over: { ...StyleSheet.absoluteFill, backgroundColor: color.paper },
});
