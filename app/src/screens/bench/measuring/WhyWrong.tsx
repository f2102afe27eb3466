import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';

/** A correction that betters the word says why the reading before it was wrong. */
export function WhyWrong({ onSay }: { onSay: (why: string) => void }) {
  const [why, setWhy] = useState('');
  return (
    <View style={styles.why}>
      <Field
        label="Why the one before was wrong"
        value={why}
        onChangeText={setWhy}
        maxLength={200}
        onSubmitEditing={() => why.trim() && onSay(why)}
      />
      <Button kind="plain" says="Correct it" onPress={() => why.trim() && onSay(why)} />
    </View>
  );
}

const styles = StyleSheet.create({ why: { gap: space.s } });
