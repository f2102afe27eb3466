import type { Reason, Settle, Word } from '@hold-fast/core/wear/verdict';
import { StyleSheet, View } from 'react-native';
import { color, size, space, type ColorName } from '../../../ui/tokens';
import { VerdictMark, WORD_INK } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { jobWords } from '../../../words/job';
import { capital } from '../../../words/capital';

const EDGE: Record<Word, ColorName> = {
  holds: 'kelp',
  watch: 'ochre',
  unproven: 'fog',
  replace: 'rust',
};

interface Props {
  word: Word;
  /** The word fitted to the thing, where it is not the standing’s own. */
  called?: string;
  reasons: readonly Reason[];
  settle: readonly Settle[];
  /** One line with the number itself. */
  says: string;
  /** The same in inches, where the shop shows them. */
  inches?: string | null;
  full?: boolean;
}

/** A verdict: its mark and word, the number with its limit, why, and what would settle it. */
export function VerdictPanel({ word, called, reasons, settle, says, inches, full }: Props) {
  const name = called ?? words.word[word];
  // What the line says already is not said again as its reason.
  const because = reasons
    .map((reason) => verdictWords.reason(reason))
    .filter((reason) => !says.toLowerCase().includes(reason.toLowerCase()));
  return (
    <View
      style={[styles.panel, { borderLeftColor: color[EDGE[word]] }]}
      role="status"
      testID="verdict"
    >
      <VerdictMark word={word} of={full ? size.mark * 1.4 : size.mark} />
      <View style={styles.text}>
        <Words kind="title" ink={WORD_INK[word]}>
          {capital(name)}
        </Words>
        <Words>{says}</Words>
        {inches ? <Words kind="smallReading">{inches}</Words> : null}
        {full
          ? because.map((reason) => (
              <Words key={reason} ink="soft">
                {jobWords.verdictPanel.because(reason)}
              </Words>
            ))
          : null}
        {settle.length > 0 && full ? (
          <Words ink="soft">
            {jobWords.verdictPanel.toSettleIt(settle.map((way) => words.settle[way]).join('; '))}
          </Words>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: {
    flexDirection: 'row',
    gap: space.m,
    alignItems: 'center',
    backgroundColor: color.raised,
    borderLeftWidth: size.heavyLine,
    paddingHorizontal: space.m,
    paddingVertical: space.s,
  },
  text: { flex: 1, minWidth: 0 },
});
