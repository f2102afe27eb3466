import type { Job, Tightened } from '@hold-fast/core/job/job';
import { areGapsEqual } from '@hold-fast/core/torque/proof';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { numberOf } from '../../../ui/numberOf';
import { size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { fieldSays } from '../../../words/faultWords';
import { Note } from '../../../ui/Note';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

/** Both gaps of a clamp: equal, or the step fails. */
export function Gaps({ job, tightened }: { job: Job; tightened: Tightened }) {
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const [oneMm, otherMm] = [numberOf(one), numberOf(other)];
  const { gaps } = tightened;
  const take = () => {
    if (oneMm !== null && otherMm !== null)
      append(
        job.id,
        entryOf<'clamp-gaps'>({ kind: 'clamp-gaps', tighteningId: tightened.id, oneMm, otherMm }),
      );
  };
  return (
    <View style={styles.keyed}>
      <Words kind="label">{jobWords.torque.theClampsGaps}</Words>
      {gaps ? (
        <Words>
          {jobWords.torque.andMm(
            words.format.fixed(gaps.oneMm, 1),
            words.format.fixed(gaps.otherMm, 1),
          )}
        </Words>
      ) : null}
      {gaps && !areGapsEqual(gaps) ? (
        <Note kind="caution">{fieldSays({ path: 'oneMm', code: 'gaps-were-unequal' })}</Note>
      ) : (
        <>
          <View style={styles.pair}>
            <View style={styles.half}>
              <Field
                label={jobWords.torque.upperGapMm}
                value={one}
                inputMode="decimal"
                onChangeText={setOne}
              />
            </View>
            <View style={styles.half}>
              <Field
                label={jobWords.torque.lowerGapMm}
                value={other}
                inputMode="decimal"
                onChangeText={setOther}
              />
            </View>
          </View>
          <Button
            kind="plain"
            says={jobWords.torque.recordTheGaps}
            disabled={oneMm === null || otherMm === null}
            onPress={take}
          />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  keyed: { alignSelf: 'stretch', gap: space.s, maxWidth: size.list, width: '100%' },
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
