import type { Person } from '@hold-fast/contract/people';
import type { AtTablet, TabletPerson } from '@hold-fast/contract/tablet';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePinIn } from '../../data/session';
import { Button } from '../../ui/Button';
import { Keypad } from '../../ui/Keypad';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { size, space } from '../../ui/tokens';
import { useKeys } from '../../ui/useKeys';
import { Words } from '../../ui/Words';
import { tabletWords as says } from '../../words/tablet';
import { words } from '../../words/words';
import { SignIn } from './SignIn';

/**
 * A tablet of the whole bench while nobody is in: one touch for the name, then the PIN.
 * @param again who was working when it locked; their screen waits underneath
 */
export function BenchTablet({ name, people, again }: AtTablet & { again?: Person }) {
  const [who, setWho] = useState<TabletPerson | null>(
    () => people.find(({ id }) => id === again?.id) ?? null,
  );
  const [byPassphrase, setByPassphrase] = useState(false);
  if (byPassphrase) return <SignIn />;
  if (who) return <PinPad key={who.id} person={who} onBack={() => setWho(null)} />;
  return (
    <Page
      over={name}
      title={says.who}
      foot={<Button kind="plain" says={says.byPassphrase} onPress={() => setByPassphrase(true)} />}
    >
      <Section>
        {again ? <Note>{says.waits(again.name)}</Note> : null}
        <View style={styles.people}>
          {people.map((person) => (
            <View key={person.id} style={styles.person}>
              <Button kind="plain" grow says={person.name} onPress={() => setWho(person)} />
            </View>
          ))}
        </View>
      </Section>
    </Page>
  );
}

/** The least and the most digits of a PIN. */
const FEWEST = 4;
const MOST = 8;

function PinPad({ person, onBack }: { person: TabletPerson; onBack: () => void }) {
  const [digits, setDigits] = useState('');
  const pinIn = usePinIn();
  const send = (pin: string) => {
    if (pin.length < FEWEST || pinIn.isPending) return;
    pinIn.mutate({ personId: person.id, pin });
    setDigits('');
  };
  const onDigit = (digit: string) => {
    if (pinIn.isPending) return;
    const now = (digits + digit).slice(0, MOST);
    setDigits(now);
    // The last digit is the last touch, where it is known which one that is.
    if (now.length === person.pinLength) send(now);
  };
  const onErase = () => setDigits(digits.slice(0, -1));
  useKeys(
    {
      Backspace: { says: words.keypad.erase, act: onErase },
      Enter: { says: says.in, act: () => send(digits) },
      Escape: { says: says.somebodyElse, act: onBack },
    },
    (character) => {
      if (/\d/.test(character)) onDigit(character);
    },
    true,
  );
  return (
    <Page
      fixed
      over={says.pinOf}
      title={person.name}
      foot={<Button kind="plain" says={says.somebodyElse} onPress={onBack} />}
    >
      <View style={styles.digits} role="status" aria-label={says.digits(digits.length)}>
        <Words kind="giant">{'●'.repeat(digits.length) || ' '}</Words>
        {pinIn.error ? <Note kind="refusal">{pinIn.error.message}</Note> : null}
      </View>
      <View style={styles.pad}>
        <Keypad
          onDigit={onDigit}
          onErase={onErase}
          next={{
            says: says.in,
            onPress: () => send(digits),
            disabled: digits.length < FEWEST || pinIn.isPending,
          }}
        />
      </View>
    </Page>
  );
}

const styles = StyleSheet.create({
  people: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  person: { flexGrow: 1, flexBasis: 220 },
  pad: { flex: 1, width: '100%', maxWidth: size.label, alignSelf: 'center' },
  digits: { alignItems: 'center', padding: space.l, gap: space.s },
});
