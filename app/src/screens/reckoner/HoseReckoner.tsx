import { InputError } from '@hold-fast/core/inputError';
import {
  BAR_SWINGS,
  hoseAnswer,
  hoseNeed,
  LEAST_BEND_MM,
  type HoseAnswer,
  type HoseNeed,
  type HoseRun,
} from '@hold-fast/core/hose/hose';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { HosePlan } from '../../instruments/HosePlan';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

/** What is written down of a run, as it is keyed. */
const USUAL = {
  guideX: '60',
  guideY: '0',
  guideToward: '90',
  portX: '80',
  portY: '260',
  portToward: '100',
  height: '120',
  bend: String(LEAST_BEND_MM.hose),
  swing: '90',
  growth: '0',
  present: '',
};
type Keyed = typeof USUAL;
type Name = keyof Keyed;
const NAMES = Object.keys(USUAL) as Name[];

type Reckoned =
  | { ok: true; run: HoseRun; need: HoseNeed; answer: HoseAnswer | null }
  | { ok: false; says: string };

function reckon(keyed: Keyed): Reckoned {
  const numbers = Object.fromEntries(
    NAMES.map((name) => [name, signedNumberOf(keyed[name])]),
  ) as Record<Name, number | null>;
  const { present, ...asked } = numbers;
  if (Object.values(asked).some((value) => value === null))
    return { ok: false, says: reckonerWords.hose.everyFieldANumber };
  const of = asked as Record<Exclude<Name, 'present'>, number>;
  const run: HoseRun = {
    guide: { x: of.guideX, y: of.guideY, towardDeg: of.guideToward },
    port: { x: of.portX, y: of.portY, towardDeg: of.portToward },
    heightMm: of.height,
    bendMm: of.bend,
    swingDeg: of.swing,
    growthMm: of.growth,
  };
  try {
    const need = hoseNeed(run);
    return { ok: true, run, need, answer: present ? hoseAnswer(need.needMm, present) : null };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: words.inputError(error.code, error.numbers) };
  }
}

/** How long a hose has to be for the bar to turn, drawn from above, with its working; the address holds what was keyed. */
export function HoseReckoner() {
  const [keyed, key] = useKeyed('hose', USUAL);
  const reckoned = useMemo(() => reckon(keyed), [keyed]);
  return (
    <ReckonerPage of="hose">
      <Halves>
        <>
          <Answer reckoned={reckoned} />
          <Section>
            <Words kind="small">{reckonerWords.hose.howItIsReckoned}</Words>
          </Section>
        </>
        <>
          <Section label={reckonerWords.hose.theLastGuide}>
            <KeyedFields
              names={['guideX', 'guideY', 'guideToward']}
              labels={reckonerWords.hose.of}
              keyed={keyed}
              onKey={key}
            />
          </Section>
          <Section label={reckonerWords.hose.theLeversPort}>
            <KeyedFields
              names={['portX', 'portY', 'portToward', 'height']}
              labels={reckonerWords.hose.of}
              keyed={keyed}
              onKey={key}
            />
          </Section>
          <Section label={reckonerWords.hose.theHose}>
            <KeyedFields
              names={['bend', 'growth', 'present']}
              labels={reckonerWords.hose.of}
              keyed={keyed}
              onKey={key}
            />
            <Words kind="label">{reckonerWords.hose.of.swing}</Words>
            <Choice
              label={reckonerWords.hose.of.swing}
              options={BAR_SWINGS.map((value) => ({
                value: String(value),
                says: reckonerWords.hose.degrees(value),
              }))}
              chosen={[keyed.swing]}
              onChoose={key('swing')}
            />
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

function Answer({ reckoned }: { reckoned: Reckoned }) {
  if (!reckoned.ok)
    return (
      <Section>
        <Note kind="refusal" title={reckoned.says} />
      </Section>
    );
  const { run, need, answer } = reckoned;
  const mm = (value: number) => words.format.fixed(value, 0);
  return (
    <Section label={reckonerWords.hose.itHasToBe}>
      <View style={styles.number} testID="need">
        <Words kind="giant">{mm(need.needMm)}</Words>
        <Words kind="title" ink="soft">
          {reckonerWords.hose.mm}
        </Words>
      </View>
      <HosePlan run={run} need={need} width={size.figure} />
      <Words>
        {reckonerWords.hose.worstAt(words.format.fixed(need.worstDeg, 1), mm(need.straightAheadMm))}
      </Words>
      {answer ? (
        <Note
          kind={answer.code === 'too-short' ? 'refusal' : 'plain'}
          title={
            answer.code === 'too-short'
              ? reckonerWords.hose.tooShort(mm(answer.missingMm))
              : reckonerWords.hose.cut(mm(answer.cutMm))
          }
        >
          {answer.code === 'cut' ? reckonerWords.hose.orKeepIt(answer.renewals) : undefined}
        </Note>
      ) : null}
    </Section>
  );
}

const styles = StyleSheet.create({
  number: { flexDirection: 'row', alignItems: 'baseline' },
});
