import { InputError } from '@hold-fast/core/inputError';
import {
  crowfootGain,
  implausibleOf,
  PLAUSIBLE_CROWFOOT,
  type Crowfoot,
} from '@hold-fast/core/torque/crowfoot';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { CrowfootFigure } from '../../../instruments/CrowfootFigure';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { numberOf } from '../../../ui/numberOf';
import { instrumentWords } from '../../../words/instruments';

/** What is between wrench and fastener: nothing, a crowfoot of these measures, or one that is not measured yet. */
export type Reach = 'straight' | Crowfoot | 'unmeasured';

const FIELDS = ['leverMm', 'extensionMm', 'angleDegrees'] as const;
type Typed = Readonly<Record<(typeof FIELDS)[number], string>>;

/** As typed, once all of it is a number. */
function crowfootOf(typed: Typed): Crowfoot | null {
  const [leverMm, extensionMm, angleDegrees] = FIELDS.map((field) => numberOf(typed[field]));
  return leverMm == null || extensionMm == null || angleDegrees == null
    ? null
    : { leverMm, extensionMm, angleDegrees };
}

/** Whether a crowfoot is on the wrench, its lengths and angle, and a drawing of what they mean. */
export function CrowfootFields({
  onChange,
  offered,
}: {
  onChange: (reach: Reach) => void;
  offered: boolean;
}) {
  const column = Math.min(useWindowDimensions().width - 48, 320);
  const [open, setOpen] = useState(false);
  // Nothing stands in them that nobody measured: a guess would set the wrench.
  const [typed, setTyped] = useState<Typed>({ leverMm: '', extensionMm: '', angleDegrees: '' });
  const crowfoot = crowfootOf(typed);
  const fault = crowfoot && crowFault(crowfoot);
  const tell = (on: boolean, now: Typed) => {
    const made = crowfootOf(now);
    onChange(!on ? 'straight' : made && crowFault(made) === null ? made : 'unmeasured');
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
          tell(on, typed);
        }}
      />
      {offered && !open ? (
        <Words kind="small">{instrumentWords.crowfootFields.aNutThatTheWrench}</Words>
      ) : null}
      {open ? (
        <>
          <View style={styles.pair}>
            {FIELDS.map((field) => (
              <View key={field} style={styles.half}>
                <Field
                  label={instrumentWords.crowfootFields.measure[field]}
                  value={typed[field]}
                  inputMode="decimal"
                  onChangeText={(now) => {
                    const all = { ...typed, [field]: now };
                    setTyped(all);
                    tell(true, all);
                  }}
                />
              </View>
            ))}
          </View>
          {!crowfoot ? (
            <Note kind="caution">{instrumentWords.crowfootFields.measureIt}</Note>
          ) : fault ? (
            <Note kind="refusal">{fault}</Note>
          ) : (
            <>
              <CrowfootFigure crowfoot={crowfoot} width={column} />
              <Words>
                {instrumentWords.crowfootFields.theNutGetsTimesWhat(
                  words.format.fixed(crowfootGain(crowfoot), 3),
                )}
              </Words>
            </>
          )}
        </>
      ) : null}
    </Section>
  );
}

/** Why no wrench can be set through this crowfoot, in words, or null. */
function crowFault(crowfoot: Crowfoot): string | null {
  const field = implausibleOf(crowfoot);
  if (field) {
    const { least, most } = PLAUSIBLE_CROWFOOT[field];
    return instrumentWords.crowfootFields.implausible[field](least, most);
  }
  try {
    crowfootGain(crowfoot);
    return null;
  } catch (error) {
    if (error instanceof InputError) return verdictWords.inputError(error.code, error.numbers);
    throw error;
  }
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
