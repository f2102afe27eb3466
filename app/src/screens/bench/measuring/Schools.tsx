import type { PadVerdict } from '@hold-fast/core/wear/pads';
import { StyleSheet, View } from 'react-native';
import { color, size, space } from '../../../ui/tokens';
import { VerdictMark, WORD_INK } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { schoolSays } from '../inspect/findings';

/** Every school's rule beside the others, the one that decides marked, and what the four numbers say. */
export function Schools({ pads }: { pads: PadVerdict }) {
  return (
    <View style={styles.schools}>
      {pads.schools.map((verdict) => (
        <View
          key={verdict.school}
          style={[styles.school, verdict.school === pads.decidedBy && styles.decides]}
        >
          <VerdictMark word={verdict.word} of={size.smallMark} />
          <Words kind="strong" style={styles.name}>
            {words.school[verdict.school]}
          </Words>
          <Words style={styles.sum}>{schoolSays(verdict)}</Words>
          <Words kind="strong" ink={WORD_INK[verdict.word]} style={styles.word}>
            {words.word[verdict.word]}
          </Words>
        </View>
      ))}
      {pads.pattern.signs.map((sign) => (
        <Words key={JSON.stringify(sign)} ink="soft">
          {verdictWords.padSign(sign)}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  schools: { gap: space.hair },
  school: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s,
    paddingVertical: space.xs,
    paddingLeft: space.s,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
    borderLeftWidth: size.heavyLine,
    borderLeftColor: 'transparent',
  },
  decides: { borderLeftColor: color.brass },
  name: { width: 108 },
  sum: { flex: 1 },
  word: { minWidth: 70, textAlign: 'right' },
});
