import { InputError } from '@hold-fast/core/inputError';
import { NM_PER_UNIT, torqueIn, type TorqueUnit } from '@hold-fast/core/units/torque';
import { windowAtWrench } from '@hold-fast/core/torque/crowfoot';
import { assumedTolerance, clickSetting, PLAUSIBLE_TOLERANCE } from '@hold-fast/core/torque/wrench';
import {
  torqueWindow,
  windowOfSingleValue,
  type TorqueWindow,
} from '@hold-fast/core/torque/window';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { numberOf } from '../../ui/numberOf';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { color, size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { CrowfootFields, type Reach } from '../bench/torque/CrowfootFields';
import { reckonerWords } from '../../words/reckoner';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = { lo: '6', hi: '8', max: '10', tolerance: '', mark: '0.1' };

/** What to set a click wrench to, with no job open. */
export function WrenchReckoner() {
  const [keyed, key] = useKeyed('wrench', USUAL);
  const { lo, hi, max, tolerance, mark } = keyed;
  const [reach, setReach] = useState<Reach>('straight');
  const maxNm = numberOf(max);
  const assumed = maxNm !== null && maxNm > 0 ? assumedTolerance(maxNm) : null;
  const share = tolerance.trim() === '' ? assumed : percentOf(tolerance);
  const markNm = numberOf(mark);
  const window = windowOf(lo, hi);
  const answer =
    window.ok &&
    reach !== 'unmeasured' &&
    maxNm !== null &&
    maxNm > 0 &&
    share !== null &&
    markNm !== null &&
    markNm > 0
      ? clickSetting(windowAtWrench(window.window, reach === 'straight' ? null : reach), {
          maxNm,
          markNm,
          tolerance: share,
        })
      : null;

  const labels = {
    lo: reckonerWords.reckoner.fromNM,
    hi: reckonerWords.reckoner.toNM,
    max: reckonerWords.reckoner.greatestNM,
    tolerance: reckonerWords.reckoner.tolerance,
    mark: reckonerWords.reckoner.marksEveryNM,
  };
  return (
    <ReckonerPage of="wrench" sum={answer === null ? null : keyed}>
      <Section label={reckonerWords.reckoner.theBoltAsksFor}>
        <KeyedFields
          names={['lo', 'hi']}
          labels={labels}
          keyed={keyed}
          onKey={key}
          errors={{ lo: window.ok ? undefined : window.fault }}
        />
        <Words kind="small">{reckonerWords.reckoner.emptyOneNamedValueSpread}</Words>
      </Section>
      <Section label={reckonerWords.reckoner.theWrench}>
        <KeyedFields
          names={['max', 'tolerance', 'mark']}
          labels={labels}
          keyed={keyed}
          onKey={key}
          errors={{
            max: maxNm === null ? reckonerWords.reckoner.aNumberAboveZero : undefined,
            tolerance:
              share === null && tolerance.trim() !== ''
                ? reckonerWords.reckoner.aPercentageFrom01
                : undefined,
            mark: markNm === null ? reckonerWords.reckoner.aNumberAboveZero : undefined,
          }}
          stands={
            assumed === null ? {} : { tolerance: reckonerWords.reckoner.assumed(assumed * 100) }
          }
        />
      </Section>
      <CrowfootFields onChange={setReach} offered={false} />
      <Section label={reckonerWords.reckoner.setItTo}>
        {answer === null ? (
          <Words ink="soft">{reckonerWords.reckoner.fillInTheBoltAnd}</Words>
        ) : answer.code === 'set' ? (
          <>
            <View style={styles.answer}>
              <Words kind="giant" testID="setting">
                {words.format.nm(answer.setNm)}
              </Words>
              <Words kind="title" ink="soft">
                N·m
              </Words>
            </View>
            <Words>
              {reckonerWords.reckoner.anyMarkFromToKeeps(
                words.format.nm(answer.loNm),
                words.format.nm(answer.hiNm),
              )}
            </Words>
            {(Object.keys(NM_PER_UNIT) as TorqueUnit[])
              .filter((unit) => unit !== 'N·m')
              .map((unit) => (
                <View key={unit} style={styles.unit}>
                  <Words kind="smallReading">
                    {words.format.fixed(torqueIn(unit, answer.setNm), 2)}
                  </Words>
                  <Words ink="soft">{unit}</Words>
                </View>
              ))}
          </>
        ) : (
          <Note kind="caution" title={reckonerWords.reckoner.thisWrenchCannotProveThis}>
            {reckonerWords.reckoner.becauseUseAFinerOne(verdictWords.setting(answer))}
          </Note>
        )}
      </Section>
      <Section>
        <Words kind="small">{reckonerWords.reckoner.setBetweenLo1Tolerance}</Words>
      </Section>
    </ReckonerPage>
  );
}

function percentOf(text: string): number | null {
  const share = (numberOf(text) ?? 0) / 100;
  return share >= PLAUSIBLE_TOLERANCE.least && share <= PLAUSIBLE_TOLERANCE.most ? share : null;
}

function windowOf(
  lo: string,
  hi: string,
): { ok: true; window: TorqueWindow } | { ok: false; fault: string } {
  const loNm = numberOf(lo);
  const hiNm = numberOf(hi);
  if (loNm === null || (hiNm === null && hi.trim() !== ''))
    return { ok: false, fault: reckonerWords.reckoner.numbersAboveZero };
  try {
    return {
      ok: true,
      window: hiNm === null ? windowOfSingleValue(loNm, 'shop') : torqueWindow(loNm, hiNm, 'shop'),
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, fault: verdictWords.inputError(error.code, error.numbers) };
  }
}

const styles = StyleSheet.create({
  answer: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  unit: {
    flexDirection: 'row',
    gap: space.s,
    borderTopWidth: size.line,
    borderColor: color.hairline,
    paddingTop: space.xs,
  },
});
