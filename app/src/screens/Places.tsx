import { Link, router, usePathname } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { signOut, useSession } from '../data/session';
import { outbox } from '../data/client';
import { usePictures, useRefusesToKeep, useUnreadable, useWaiting } from '../data/queries';
import { Button } from '../ui/Button';
import { Icon } from '../ui/Icon';
import { Note } from '../ui/Note';
import { NewerVersion } from './NewerVersion';
import { chooseTheme, useTheme, type Theme } from '../ui/theme';
import { color, font, size, space, type } from '../ui/tokens';
import { useWide } from '../ui/useWide';
import { Words } from '../ui/Words';
import { words } from '../words/words';

const PLACES = ['bench', 'bikes', 'reckoner', 'stores', 'ledger'] as const;
const NEXT_THEME: Record<Theme, Theme> = { auto: 'bench', bench: 'day', day: 'auto' };
const THEME_SAYS: Record<Theme, string> = {
  auto: words.frame.lightAuto,
  bench: words.frame.lightDark,
  day: words.frame.lightDay,
};

const toManner = () => router.navigate('/manner');

/** The five places round whatever is shown: a rail on a wide screen, a bar at the bottom of a phone. */
export function Places({ person, children }: { person: string; children: ReactNode }) {
  const wide = useWide();
  const pathname = usePathname();
  const here = PLACES.find((place) => pathname.startsWith(`/${place}`));
  // A step at the bench fills the phone; its own action stands where the bar would be.
  const bar = !wide && !/^\/bench\/./.test(pathname);

  return (
    <View style={[styles.frame, wide && styles.beside]}>
      {wide && <Rail here={here} person={person} />}
      <View style={styles.content}>
        <Unreadable />
        <NotKept />
        <Unsent />
        <NewerVersion />
        {children}
      </View>
      {bar && (
        <View style={styles.bar} role="navigation">
          {PLACES.map((place) => (
            <Link key={place} href={`/${place}`} asChild>
              <Pressable
                aria-current={place === here ? 'page' : undefined}
                style={StyleSheet.flatten([styles.barItem, place === here && styles.barHere])}
              >
                <Icon name={place} ink={place === here ? 'ink' : 'soft'} />
                <Words style={styles.barText} ink={place === here ? 'ink' : 'soft'}>
                  {words.places[place]}
                </Words>
              </Pressable>
            </Link>
          ))}
        </View>
      )}
    </View>
  );
}

function Rail({ here, person }: { here: string | undefined; person: string }) {
  const leave = useLeave();
  const theme = useTheme();
  return (
    <View style={styles.rail} role="navigation">
      <Skip />
      <Words kind="title" ink="onRail" style={styles.railName}>
        {words.frame.holdFast}
      </Words>
      {PLACES.map((place) => (
        <Link key={place} href={`/${place}`} asChild>
          <Pressable
            aria-current={place === here ? 'page' : undefined}
            style={StyleSheet.flatten([styles.railItem, place === here && styles.railHere])}
          >
            <Icon name={place} ink="onRail" />
            <Words style={styles.railText} ink="onRail">
              {words.places[place]}
            </Words>
          </Pressable>
        </Link>
      ))}
      <View style={styles.railFoot}>
        <RailAction says={person} label={words.frame.mannerOf(person)} onPress={toManner} />
        <RailAction says={THEME_SAYS[theme]} onPress={() => chooseTheme(NEXT_THEME[theme])} />
        <RailAction says={leave.says} onPress={leave.press} />
      </View>
    </View>
  );
}

/** For the keyboard, past the places to the page: seen only when it has the focus. */
function Skip() {
  const [focused, setFocused] = useState(false);
  return (
    <Pressable
      role="button"
      style={[styles.skip, focused && styles.skipSeen]}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      onPress={() => document.querySelector<HTMLElement>('[role=main] h1, main h1')?.focus()}
    >
      <Words kind="small" ink="onRail" style={styles.centred}>
        {words.skip}
      </Words>
    </Pressable>
  );
}

function RailAction({
  says,
  label,
  onPress,
}: {
  says: string;
  label?: string;
  onPress: () => void;
}) {
  return (
    <Pressable role="button" aria-label={label} onPress={onPress} style={styles.railAction}>
      <Words kind="small" ink="onRail" style={styles.centred}>
        {says}
      </Words>
    </Pressable>
  );
}

/** On a phone: who is signed in, the light, and signing out, at the end of the Bench’s list. */
export function PersonAside({ person }: { person: string }) {
  const leave = useLeave();
  const theme = useTheme();
  return (
    <View style={styles.person}>
      <Pressable
        role="button"
        aria-label={words.frame.mannerOf(person)}
        style={styles.personAction}
        onPress={toManner}
      >
        <Words kind="small" ink="brassText">
          {person}
        </Words>
      </Pressable>
      <Pressable
        role="button"
        style={styles.personAction}
        onPress={() => chooseTheme(NEXT_THEME[theme])}
      >
        <Words kind="small" ink="brassText">
          {THEME_SAYS[theme]}
        </Words>
      </Pressable>
      <Pressable role="button" style={styles.personAction} onPress={leave.press}>
        <Words kind="small" ink="brassText">
          {leave.says}
        </Words>
      </Pressable>
    </View>
  );
}

/** Says, until somebody has dealt with it, that something kept on this device cannot be read. */
function Unreadable() {
  const count = useUnreadable();
  if (count === 0) return null;
  return (
    <Note
      kind="refusal"
      title={
        count === 1 ? words.frame.oneEntryKeptOnThis : words.frame.entriesKeptOnThisDevice(count)
      }
    >
      <Words>{words.frame.itIsSetAsideAnd}</Words>
      <Button
        kind="quiet"
        says={words.frame.itIsDealtWith}
        onPress={() => outbox.dismissUnreadable()}
      />
    </Note>
  );
}

const PATIENCE_MS = 4000;

/** Signing out. With entries that are not sent yet it says so first, and asks for a second press. */
function useLeave(): { says: string; press: () => void } {
  const mine = useMine();
  const [warned, setWarned] = useState(false);
  const warn = warned && mine > 0;
  return {
    says: warn ? words.frame.notSentKeptHereFor(entries(mine)) : words.frame.signOut,
    press: () => (mine > 0 && !warned ? setWarned(true) : signOut()),
  };
}

const entries = (count: number) =>
  count === 1 ? words.frame.oneEntryIs : words.frame.entriesAre(count);

/** Everything that waits to be sent, entries before pictures. */
function useAllWaiting(): { id: string; by: string }[] {
  const entries = useWaiting().map(({ entry: { id }, by }) => ({ id, by }));
  const unsent = usePictures().filter(({ problem }) => problem === undefined);
  return [...entries, ...unsent.map(({ id, by }) => ({ id, by }))];
}

/** How much of whoever is signed in waits to be sent. */
function useMine(): number {
  const person = useSession().data?.person?.id;
  return useAllWaiting().filter(({ by }) => by === person).length;
}

/** Says that the last entry was not taken, because this device would not keep it. */
function NotKept() {
  if (!useRefusesToKeep()) return null;
  return <Note kind="refusal">{words.notKept}</Note>;
}

/** How much waits to be sent; it says so only once it has been waiting a while. What is another’s waits for them. */
function Unsent() {
  const waiting = useAllWaiting();
  const mine = useMine();
  const first = waiting[0]?.id;
  const [late, setLate] = useState<string>();
  useEffect(() => {
    if (!first) return;
    const timer = setTimeout(() => setLate(first), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, [first]);
  if (!first || late !== first) return null;
  const others = waiting.length - mine;
  return (
    <View style={styles.unsent} role="status">
      {mine > 0 ? (
        <Words kind="small" ink="onSlate">
          {words.frame.keptHereAndWillBe(entries(mine))}
        </Words>
      ) : null}
      {others > 0 ? (
        <Words kind="small" ink="onSlate">
          {words.frame.somebodyElsesKeptHereUntil(entries(others))}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, backgroundColor: color.paper },
  beside: { flexDirection: 'row' },
  content: { flex: 1, minWidth: 0, minHeight: 0 },
  bar: {
    flexDirection: 'row',
    height: size.bar,
    backgroundColor: color.raised,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
  barItem: {
    flex: 1,
    alignItems: 'center',
    justifyContent: 'center',
    gap: space.hair,
    borderTopWidth: size.heavyLine,
    borderColor: 'transparent',
  },
  barHere: { borderColor: color.brass },
  barText: { fontFamily: font.head, fontWeight: '600', fontSize: type.body },
  rail: { width: size.rail, backgroundColor: color.rail, paddingVertical: space.l },
  railName: { textAlign: 'center', marginBottom: space.xl, lineHeight: type.title },
  railItem: {
    alignItems: 'center',
    gap: space.xs,
    paddingVertical: space.m,
    borderLeftWidth: size.heavyLine,
    borderColor: 'transparent',
  },
  railHere: { backgroundColor: color.railCurrent, borderColor: color.brass },
  railText: { fontFamily: font.head, fontWeight: '600', fontSize: type.large },
  railFoot: { marginTop: 'auto', gap: space.xs, paddingHorizontal: space.xs },
  railAction: { minHeight: size.smallTouch, justifyContent: 'center' },
  skip: {
    position: 'absolute',
    top: 0,
    left: 0,
    right: 0,
    opacity: 0,
    backgroundColor: color.rail,
  },
  skipSeen: { opacity: 1, zIndex: 1, minHeight: size.smallTouch, justifyContent: 'center' },
  centred: { textAlign: 'center' },
  person: { flexDirection: 'row', alignItems: 'center', gap: space.l, paddingHorizontal: space.l },
  personAction: { minHeight: size.smallTouch, justifyContent: 'center' },
  unsent: { backgroundColor: color.slate, paddingHorizontal: space.l, paddingVertical: space.xs },
});
