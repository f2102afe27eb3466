import { InputError } from '@hold-fast/core/inputError';
import { crowfootGain, type Crowfoot } from '@hold-fast/core/torque/crowfoot';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { CrowfootFigure } from '../../../instruments/CrowfootFigure';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { numberOf } from '../../../ui/numberOf';
import { instrumentWords } from '../../../words/instruments';

/** Whether a crowfoot is on the wrench, its lengths and angle, and a drawing of what they mean. */
export function CrowfootFields({
  crowfoot,
  onChange,
  offered,
}: {
  crowfoot: Crowfoot | null;
  onChange: (crowfoot: Crowfoot | null) => void;
  offered: boolean;
}) {
  const column = Math.min(useWindowDimensions().width - 48, 320);
  const [open, setOpen] = useState(false);
  const [lever, setLever] = useState('200');
  const [extension, setExtension] = useState('30');
  const [angle, setAngle] = useState('0');
  const typed = {
    leverMm: numberOf(lever) ?? 0,
    extensionMm: numberOf(extension) ?? 0,
    angleDegrees: numberOf(angle) ?? -1,
  };
  const fault = crowFault(typed);
  const change = (now: Partial<Record<'lever' | 'extension' | 'angle', string>>) => {
    const next = { lever, extension, angle, ...now };
    setLever(next.lever);
    setExtension(next.extension);
    setAngle(next.angle);
    const made = {
      leverMm: numberOf(next.lever) ?? 0,
      extensionMm: numberOf(next.extension) ?? 0,
      angleDegrees: numberOf(next.angle) ?? -1,
    };
    onChange(crowFault(made) === null ? made : null);
  };
  return (
    <Section label={instrumentWords.crowfootFields.reach}>
      <Choice
        label={instrumentWords.crowfootFields.reach}
        options={[
          { value: false, says: instrumentWords.crowfootFields.straightOnTheFastener },
          { value: true, says: instrumentWords.crowfootFields.withACrowfoot },
        ]}
        chosen={[open]}
        onChoose={(on) => {
          setOpen(on);
          onChange(on && fault === null ? typed : null);
        }}
      />
      {offered && !open ? (
        <Words kind="small">{instrumentWords.crowfootFields.aNutThatTheWrench}</Words>
      ) : null}
      {open ? (
        <>
          <View style={styles.pair}>
            <View style={styles.half}>
              <Field
                label={instrumentWords.crowfootFields.lGripMm}
                value={lever}
                inputMode="decimal"
                onChangeText={(now) => change({ lever: now })}
              />
            </View>
            <View style={styles.half}>
              <Field
                label={instrumentWords.crowfootFields.eNutMm}
                value={extension}
                inputMode="decimal"
                onChangeText={(now) => change({ extension: now })}
              />
            </View>
            <View style={styles.half}>
              <Field
                label={instrumentWords.crowfootFields.angle}
                value={angle}
                inputMode="decimal"
                onChangeText={(now) => change({ angle: now })}
              />
            </View>
          </View>
          {fault ? (
            <Note kind="refusal">{fault}</Note>
          ) : crowfoot ? (
            <>
              <CrowfootFigure crowfoot={crowfoot} width={column} />
              <Words>
                {instrumentWords.crowfootFields.theNutGetsTimesWhat(
                  words.format.fixed(crowfootGain(crowfoot), 3),
                )}
              </Words>
            </>
          ) : null}
        </>
      ) : null}
    </Section>
  );
}

/** Why no wrench can be set through this crowfoot, in words, or null. */
function crowFault(crowfoot: Crowfoot): string | null {
  const { leverMm, extensionMm, angleDegrees } = crowfoot;
  if (leverMm < 50 || leverMm > 1000 || extensionMm < 1 || extensionMm > 300)
    return instrumentWords.crowfootFields.lIs50To1000;
  if (angleDegrees < 0 || angleDegrees > 180)
    return instrumentWords.crowfootFields.theAngleIs0Straight;
  try {
    crowfootGain(crowfoot);
    return null;
  } catch (error) {
    if (error instanceof InputError) return words.inputError(error.code, error.numbers);
    throw error;
  }
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
