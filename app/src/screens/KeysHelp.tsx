import { useEffect, useState } from 'react';
import { Modal, StyleSheet, View } from 'react-native';
import { Button } from '../ui/Button';
import { color, size, space } from '../ui/tokens';
import { keysNow, useKeys } from '../ui/useKeys';
import { Words } from '../ui/Words';
import { words } from '../words/words';

/** The keys of whatever screen is shown, at a question mark typed outside of a field. */
export function KeysHelp() {
  const [shown, setShown] = useState<ReturnType<typeof keysNow> | null>(null);
  useEffect(() => {
    const heard = ({ key, target }: KeyboardEvent) => {
      const inField = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
      if (key === '?' && !inField) setShown(keysNow());
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  }, []);
  return shown ? <Shown {...shown} onClose={() => setShown(null)} /> : null;
}

function Shown({ keys, digits, onClose }: ReturnType<typeof keysNow> & { onClose: () => void }) {
  // From its first moment, before the focus is in it: a digit typed over it is no reading.
  useKeys({}, undefined, true);
  return (
    <Modal transparent visible onRequestClose={onClose}>
      <View style={styles.over}>
        <View style={styles.sheet}>
          <Words kind="title" level={2}>
            {words.keys.title}
          </Words>
          {digits ? <Words>{words.keys.digits}</Words> : null}
          {keys.length === 0 ? <Words>{words.keys.none}</Words> : null}
          {[...keys, { key: '?', says: words.keys.help }].map(({ key, says }) => (
            <View key={key} style={styles.row}>
              <Words kind="smallReading" style={styles.key}>
                {words.keys.named[key] ?? key}
              </Words>
              <Words style={styles.says}>{says}</Words>
            </View>
          ))}
          <Button kind="plain" says={words.keys.close} onPress={onClose} />
        </View>
      </View>
    </Modal>
  );
}

const styles = StyleSheet.create({
  over: {
    flex: 1,
    alignItems: 'center',
    justifyContent: 'center',
    padding: space.l,
    backgroundColor: color.shade,
  },
  sheet: {
    width: '100%',
    maxWidth: size.dialog,
    gap: space.s,
    padding: space.l,
    backgroundColor: color.raised,
  },
  row: { flexDirection: 'row', gap: space.m },
  key: { width: size.key },
  says: { flex: 1 },
});
