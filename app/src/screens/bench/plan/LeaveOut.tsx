import type { StepFault } from '@hold-fast/core/plan/visit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Buttons } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { planningWords } from '../../../words/planning';
import { planWords } from '../../../words/planWords';

interface Props {
  /** Why it cannot be left out. */
  fault: StepFault | null;
  onStay: () => void;
  onLeave: (reason: string) => void;
}

/** Leaving a step out, with why, or why that cannot be. */
export function LeaveOut({ fault, onStay, onLeave }: Props) {
  const [reason, setReason] = useState('');
  return fault ? (
    <Note kind="refusal" title={planningWords.stepFace.itCannotBeLeftOut}>
      <Words>{planWords.fault(fault)}</Words>
      <Button kind="quiet" says={planningWords.stepFace.backToTheStep} onPress={onStay} />
    </Note>
  ) : (
    <View style={styles.capture}>
      <Field
        label={planningWords.stepFace.whyItIsLeftOut}
        value={reason}
        maxLength={200}
        onChangeText={setReason}
        autoFocus
      />
      <Buttons>
        <Button kind="plain" says={planningWords.stepFace.back} onPress={onStay} />
        <Button
          grow
          says={planningWords.stepFace.leaveItOut}
          disabled={reason.trim() === ''}
          onPress={() => onLeave(reason.trim())}
        />
      </Buttons>
    </View>
  );
}

const styles = StyleSheet.create({
  capture: { gap: space.s },
});
