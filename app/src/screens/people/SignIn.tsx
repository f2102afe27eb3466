import { useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { refusalWords } from '../../data/api';
import { useSignIn } from '../../data/session';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { color, font, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { focusFault } from '../../ui/focusFault';

/**
 * Signing in by name and passphrase.
 * @param again who was working when their session ended; their screen waits underneath
 */
export function SignIn({ again }: { again?: string }) {
  const [name, setName] = useState(again ?? '');
  const [passphrase, setPassphrase] = useState('');
  const [tried, setTried] = useState(false);
  const signIn = useSignIn();
  const writes = name !== '';
  useEffect(() => {
    // Why somebody is not let in can be said by the time that they ask.
    if (writes) void refusalWords().catch(() => undefined);
  }, [writes]);
  const missing = (value: string, says: string) =>
    tried && value.trim() === '' ? says : undefined;

  const submit = () => {
    setTried(true);
    focusFault();
    if (name.trim() && passphrase) signIn.mutate({ name: name.trim(), passphrase });
  };
  return (
    <ScrollView style={styles.page} contentContainerStyle={styles.body} role="main">
      <View>
        <Words kind="label">
          {again ? words.signIn.yourSessionEnded : words.signIn.brakeWorkMeasuredAndRecorded}
        </Words>
        <Words kind="giant" level={1} style={styles.name}>
          {words.signIn.holdFast}
        </Words>
      </View>
      {again ? <Note>{words.signIn.signInAgainAndCarry}</Note> : null}
      <Field
        label={words.signIn.yourName}
        value={name}
        onChangeText={setName}
        autoComplete="username"
        autoCapitalize="words"
        error={missing(name, words.signIn.writeYourName)}
      />
      <Field
        label={words.signIn.passphrase}
        value={passphrase}
        onChangeText={setPassphrase}
        autoComplete="current-password"
        secureTextEntry
        onSubmitEditing={submit}
        error={missing(passphrase, words.signIn.writeYourPassphrase)}
      />
      {signIn.error ? <Note kind="refusal">{signIn.error.message}</Note> : null}
      <Button says={words.signIn.signIn} onPress={submit} busy={signIn.isPending} />
      <Words kind="small">{words.signIn.holdFastNeverReplacesThe}</Words>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, backgroundColor: color.paper },
  body: {
    flexGrow: 1,
    justifyContent: 'center',
    alignSelf: 'center',
    width: '100%',
    maxWidth: 440,
    padding: space.xl,
    gap: space.l,
  },
  name: { fontFamily: font.head },
});
