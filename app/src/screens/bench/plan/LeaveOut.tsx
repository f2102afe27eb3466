import type { StepFault } from '@hold-fast/core/plan/visit';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { planWords } from '../../../words/planWords';
import { SayWhat } from '../../SayWhat';

const says = planningWords.stepFace;

interface Props {
  /** Why it cannot be left out. */
  fault: StepFault | null;
  onStay: () => void;
  onLeave: (reason: string) => void;
}

/** Leaving a step out, with why, or why that cannot be. */
export function LeaveOut({ fault, onStay, onLeave }: Props) {
  return fault ? (
    <Note kind="refusal" title={says.itCannotBeLeftOut}>
      <Words>{planWords.fault(fault)}</Words>
      <Button kind="quiet" says={says.backToTheStep} onPress={onStay} />
    </Note>
  ) : (
    <View style={styles.capture}>
      <SayWhat
        label={says.whyItIsLeftOut}
        empty={says.writeWhyItIsLeftOut}
        maxLength={200}
        autoFocus
        says={says.leaveItOut}
        onSay={onLeave}
        back={{ says: says.back, go: onStay }}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  capture: { gap: space.s },
});
