import { askedOf, FASTENER_IDS } from '@hold-fast/core/torque/fasteners';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { windowOfSingleValue } from '@hold-fast/core/torque/window';
import { useFieldArray, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { FormChoice, FormLine, FormNumber } from '../../../ui/FormLine';
import { Section } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { storeFormWords } from '../../../words/storeForms';
import { words } from '../../../words/words';
import { OriginOf } from './Origin';
import type { OfSheet } from './OfSheet';

/** Its torques, a row each. */
export function TorqueRows({ control, setValue }: OfSheet) {
  const torque = useFieldArray({ control, name: 'torque' });
  return (
    <Section label={storeFormWords.sheetForm.torque}>
      {torque.fields.map((row, i) => (
        <View key={row.id} style={styles.row}>
          <Words kind="strong">{capital(words.fastener[row.fastener])}</Words>
          <View style={styles.numbers}>
            <View style={styles.number}>
              <FormLine
                control={control}
                name={`torque.${i}.drive`}
                label={storeFormWords.sheetForm.drive}
                maxLength={40}
              />
            </View>
            <View style={styles.number}>
              <FormNumber
                control={control}
                name={`torque.${i}.boltCount`}
                label={storeFormWords.sheetForm.howMany}
              />
            </View>
          </View>
          <WindowFields control={control} setValue={setValue} name={`torque.${i}.window`} />
          <FormChoice
            control={control}
            name={`torque.${i}.thread`}
            label={storeFormWords.sheetForm.onTheThread}
            options={THREAD_TREATMENTS.map((value) => ({ value, says: words.thread[value] }))}
          />
          <OriginOf
            control={control}
            name={`torque.${i}.window`}
            label={storeFormWords.sheetForm.whereTheTorqueComesFrom}
          />
          <Button
            kind="quiet"
            says={storeFormWords.sheetForm.takeThisRowOut}
            onPress={() => torque.remove(i)}
          />
        </View>
      ))}
      <Words kind="small">{storeFormWords.sheetForm.addATorqueBeginningWith}</Words>
      <Choice
        label={storeFormWords.sheetForm.addATorque}
        options={FASTENER_IDS.filter(
          (id) => askedOf(id, []) && !torque.fields.some(({ fastener }) => fastener === id),
        ).map((value) => ({ value, says: capital(words.fastener[value]) }))}
        chosen={[]}
        onChoose={(fastener) => torque.append(askedOf(fastener, [])!)}
      />
    </Section>
  );
}

/** A range, or the one value that the sheet names: the range round that is ours, and no other stands beside it. */
function WindowFields({ control, setValue, name }: OfSheet & { name: `torque.${number}.window` }) {
  const { loNm, hiNm, namedNm } = useWatch({ control, name });
  const goRound = (value: number | null) => {
    if (!value || !(value > 0)) return;
    const round = windowOfSingleValue(value, 'sheet');
    setValue(`${name}.loNm`, round.loNm);
    setValue(`${name}.hiNm`, round.hiNm);
  };
  return (
    <>
      <View style={styles.numbers}>
        {namedNm === null
          ? (['loNm', 'hiNm'] as const).map((bound) => (
              <View key={bound} style={styles.number}>
                <FormNumber
                  control={control}
                  name={`${name}.${bound}`}
                  label={
                    bound === 'loNm'
                      ? storeFormWords.sheetForm.fromNM
                      : storeFormWords.sheetForm.toNM
                  }
                />
              </View>
            ))
          : null}
        <View style={styles.number}>
          <FormNumber
            control={control}
            name={`${name}.namedNm`}
            label={storeFormWords.sheetForm.orOneValueNM}
            onWritten={goRound}
          />
        </View>
      </View>
      {namedNm === null ? null : (
        <Words kind="small">
          {storeFormWords.sheetForm.spread(words.format.nm(loNm), words.format.nm(hiNm))}
        </Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { gap: space.s, paddingBottom: space.l },
  numbers: { flexDirection: 'row', gap: space.s },
  number: { flex: 1, minWidth: 0 },
});
