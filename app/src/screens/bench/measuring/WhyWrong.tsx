import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';
import { measuringWords } from '../../../words/measuring';

/** A correction that betters the word says why the reading before it was wrong. */
export function WhyWrong({ onSay }: { onSay: (why: string) => void }) {
  const [why, setWhy] = useState('');
  return (
    <View style={styles.why}>
      <Field
        label={measuringWords.whyWrong.whyTheOneBeforeWas}
        value={why}
        onChangeText={setWhy}
        maxLength={200}
        onSubmitEditing={() => why.trim() && onSay(why)}
      />
      <Button
        kind="plain"
        says={measuringWords.whyWrong.correctIt}
        onPress={() => why.trim() && onSay(why)}
      />
    </View>
  );
}

const styles = StyleSheet.create({ why: { gap: space.s } });
