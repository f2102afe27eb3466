import type { Outcome } from '@hold-fast/core/evidence/outcome';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';

interface YesNoProps {
  says: string;
  chosen: Outcome | null;
  /** A yes now says what was done about the no. */
  asksWords: boolean;
  onSay: (outcome: Outcome, words: string) => void;
}

/** Something tried by hand: yes or no. A yes after a no is none until it says what was done about it. */
export function YesNo({ says, chosen, asksWords, onSay }: YesNoProps) {
  const [asking, setAsking] = useState(false);
  const [done, setDone] = useState('');
  const say = () => {
    if (!done.trim()) return;
    onSay('passed', done.trim());
    setAsking(false);
    setDone('');
  };
  return (
    <>
      <View style={styles.row}>
        <Words style={styles.says}>{says}</Words>
        <Choice
          label={says}
          options={[
            { value: 'passed', says: jobWords.yesNo.yes },
            { value: 'failed', says: jobWords.yesNo.no },
          ]}
          chosen={chosen ? [chosen] : []}
          onChoose={(outcome) => {
            const asks = outcome === 'passed' && asksWords;
            setAsking(asks);
            if (!asks) onSay(outcome as Outcome, '');
          }}
        />
      </View>
      {asking ? (
        <View style={styles.done}>
          <Field
            label={jobWords.yesNo.whatWasDoneAboutIt}
            value={done}
            onChangeText={setDone}
            maxLength={200}
            onSubmitEditing={say}
          />
          <Button kind="plain" says={jobWords.yesNo.nowItIsInOrder} onPress={say} />
        </View>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    justifyContent: 'space-between',
  },
  says: { flex: 1, minWidth: 0 },
  done: { gap: space.s },
});
