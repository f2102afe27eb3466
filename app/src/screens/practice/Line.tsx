import type { Word } from '@hold-fast/core/wear/verdict';
import { StyleSheet, View } from 'react-native';
import { size, space } from '../../ui/tokens';
import { VerdictMark, WORD_INK } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';

interface Props {
  mark: Word;
  title: string;
  /** After the title, in the ink of its mark. */
  word?: string;
  says?: string | null;
  testID?: string;
}

/** One thing that was seen, named or planned, under the label of its section. */
export function Line({ mark, title, word, says, testID }: Props) {
  return (
    <View style={styles.line} testID={testID}>
      <VerdictMark word={mark} of={size.smallMark} />
      <View style={styles.text}>
        <Words kind="title">
          {title}
          {word ? <Words kind="title" ink={WORD_INK[mark]}>{` ${word}`}</Words> : null}
        </Words>
        {says ? <Words ink="soft">{says}</Words> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    gap: space.s,
    alignItems: 'flex-start',
    paddingVertical: space.hair,
  },
  text: { flex: 1, minWidth: 0 },
});
