import type { ReadWindow as ReadTorque } from '@hold-fast/core/job/tightening';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { numberOf } from '../../../ui/numberOf';
import { space } from '../../../ui/tokens';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { focusFault } from '../../../ui/focusFault';
import { Wrong } from '../../../ui/Wrong';

/** A window read off the part or the maker’s sheet in hand, with where it stood. */
export function ReadWindow({ onRead }: { onRead: (asked: ReadTorque) => void }) {
  const [lo, setLo] = useState('');
  const [hi, setHi] = useState('');
  const [source, setSource] = useState('');
  const [origin, setOrigin] = useState<'stamped' | 'sheet' | null>(null);
  const [tried, setTried] = useState(false);
  const loNm = numberOf(lo);
  const hiNm = numberOf(hi);
  const upside = loNm !== null && hiNm !== null && loNm > hiNm;
  const take = () => {
    setTried(true);
    focusFault();
    if (loNm && hiNm && !upside && origin && source.trim())
      onRead({ loNm, hiNm, origin, source: source.trim() });
  };
  return (
    <>
      <View style={styles.pair}>
        <View style={styles.half}>
          <Field
            label={jobWords.torque.fromNM}
            value={lo}
            inputMode="decimal"
            onChangeText={setLo}
            error={tried && !loNm ? jobWords.torque.nMAboveZero : undefined}
          />
        </View>
        <View style={styles.half}>
          <Field
            label={jobWords.torque.toLabel}
            value={hi}
            inputMode="decimal"
            onChangeText={setHi}
            error={
              upside
                ? words.inputError('window-upside-down')
                : tried && !hiNm
                  ? jobWords.torque.nMAboveZero
                  : undefined
            }
          />
        </View>
      </View>
      <Choice
        label={jobWords.torque.whereItStands}
        options={[
          { value: 'sheet', says: jobWords.torque.makersSheet },
          { value: 'stamped', says: jobWords.torque.onThePart },
        ]}
        chosen={origin ? [origin] : []}
        onChoose={setOrigin}
      />
      {tried && !origin ? <Wrong says={jobWords.torque.sayWhereItStands} /> : null}
      <Field
        label={jobWords.torque.whichSheetOrWhereOn}
        value={source}
        maxLength={120}
        onChangeText={setSource}
        error={tried && !source.trim() ? jobWords.torque.writeWhereItStandsIt : undefined}
      />
      <Button kind="plain" says={jobWords.torque.goByThis} onPress={take} />
    </>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
