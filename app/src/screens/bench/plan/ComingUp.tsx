import type { PlannedStep } from '@hold-fast/core/plan/planner';
import { StyleSheet, View } from 'react-native';
import { color, size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';

/** The next steps in small, so that the hand knows what to reach for. */
export function ComingUp({
  steps,
  minutesLeft,
}: {
  steps: readonly PlannedStep[];
  minutesLeft: number;
}) {
  return (
    <View style={styles.soon}>
      <Words kind="label">{planningWords.stepFace.thenAboutMinLeft(Math.round(minutesLeft))}</Words>
      {steps.map(({ step, end }, i) => (
        <View key={`${i} ${step}`} style={styles.soonStep}>
          <Words style={styles.soonDoes} ink={i === 0 ? 'ink' : 'soft'}>
            {planWords.step[step].does}
          </Words>
          <Words kind="small">{end ? words.end[end] : ''}</Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  soon: {
    borderTopWidth: size.line,
    borderColor: color.hairline,
    paddingTop: space.m,
    gap: space.xs,
  },
  soonStep: { flexDirection: 'row', gap: space.m },
  soonDoes: { flex: 1, minWidth: 0 },
});
