import type { Outcome } from '@hold-fast/core/evidence/outcome';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../../ui/Choice';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { SayWhat } from '../../SayWhat';

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
          <SayWhat
            label={jobWords.yesNo.whatWasDoneAboutIt}
            empty={jobWords.yesNo.writeWhatWasDone}
            maxLength={200}
            says={jobWords.yesNo.nowItIsInOrder}
            onSay={(done) => {
              onSay('passed', done);
              setAsking(false);
            }}
          />
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
