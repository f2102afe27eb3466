import { InputError } from '@hold-fast/core/inputError';
import {
  PAIR_MEASURES,
  pairOf,
  SIDES,
  type Hand,
  type PairDifference,
  type PairMeasure,
  type PairOfLevers,
  type Side,
} from '@hold-fast/core/lever/pair';
import { StyleSheet, View } from 'react-native';
import { HandFigure } from '../../instruments/HandFigure';
import { LeverPair } from '../../instruments/LeverPair';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf, signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { keptOf, useAtBrake, type AtBrake } from './atBrake';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = {
  'left-clamp': '95',
  'left-reach': '70',
  'left-bite': '22',
  'left-angle': '30',
  'right-clamp': '95',
  'right-reach': '70',
  'right-bite': '27',
  'right-angle': '30',
  biased: '',
  why: '',
};
type Keyed = typeof USUAL;

/** Left lever against right, drawn from above: what differs, what the rider wanted so, and what is evened first. */
export function LeversReckoner() {
  const at = useAtBrake();
  const [keyed, key] = useKeyed('levers', USUAL, knownOf(at));
  const biased = PAIR_MEASURES.filter((each) => keyed.biased.split(' ').includes(each));
  const reckoned = reckon(keyed, biased);
  const labels = Object.fromEntries(
    SIDES.flatMap((side) =>
      PAIR_MEASURES.map((measure) => [
        `${side}-${measure}`,
        reckonerWords.levers.field(side, measure),
      ]),
    ),
  ) as Record<Exclude<keyof Keyed, 'biased' | 'why'>, string>;
  const turn = (measure: PairMeasure) =>
    key('biased')(
      PAIR_MEASURES.filter((each) => biased.includes(each) !== (each === measure)).join(' '),
    );
  return (
    <ReckonerPage
      of="levers"
      what={
        reckoned.ok && SIDES.some((side) => Object.keys(reckoned.hands[side]).length > 0)
          ? {
              kind: 'reckoned',
              what: { of: 'levers', ...reckoned.hands, biased: [...biased], why: keyed.why.trim() },
            }
          : null
      }
    >
      <Halves>
        <>
          {reckoned.ok ? (
            <Answer {...reckoned} />
          ) : (
            <Section>
              <Note kind="refusal" title={reckoned.says} />
            </Section>
          )}
          <Section>
            <Words kind="small">{reckonerWords.levers.howTheySit}</Words>
          </Section>
        </>
        <>
          <Section>
            {PAIR_MEASURES.map((measure) => (
              <KeyedFields
                key={measure}
                names={SIDES.map((side) => `${side}-${measure}` as const)}
                labels={labels}
                keyed={keyed}
                onKey={key}
              />
            ))}
          </Section>
          <Section label={reckonerWords.levers.askedFor}>
            <Choice
              label={reckonerWords.levers.askedFor}
              options={PAIR_MEASURES.map((value) => ({
                value,
                says: capital(reckonerWords.levers.short[value]),
              }))}
              chosen={biased}
              onChoose={turn}
              many
            />
            {at && biased.length > 0 ? (
              <Field
                label={reckonerWords.levers.why}
                value={keyed.why}
                maxLength={200}
                onChangeText={key('why')}
              />
            ) : null}
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

function Answer({ pair, hands }: { pair: PairOfLevers; hands: Record<Side, Hand> }) {
  const { levers } = reckonerWords;
  const whole = pair.differences.every(({ standing }) => standing !== 'not-measured');
  return (
    <Section>
      <LeverPair hands={hands} differences={pair.differences} width={size.figure} />
      <View style={styles.hands}>
        {SIDES.map((side) => (
          <HandFigure
            key={side}
            hand={hands[side]}
            name={levers.side[side]}
            width={size.figure / 2}
          />
        ))}
      </View>
      {pair.toEven.length > 0 ? (
        <Note
          kind="caution"
          title={levers.even(pair.toEven.map((each) => levers.short[each]).join(', '))}
        />
      ) : (
        <Words kind="title">{whole ? levers.nothingToEven : levers.onlyMeasured}</Words>
      )}
      {pair.differences.map((difference) => (
        <Words key={difference.measure}>{differenceSays(difference)}</Words>
      ))}
    </Section>
  );
}

function differenceSays({ measure, standing, apart }: PairDifference): string {
  const { levers } = reckonerWords;
  const by =
    apart === null || apart === 0
      ? ''
      : `, ${levers.apart(apart > 0 ? 'right' : 'left', words.format.keyed(String(Math.abs(apart))), measure)}`;
  return levers.of(capital(levers.short[measure]), `${levers.standing[standing]}${by}`);
}

/** Both levers as they were written down last: measured anew, what the rider asked for still stands. */
function knownOf(at: AtBrake | null): Partial<Keyed> {
  const kept = keptOf(at, 'levers');
  return kept ? { biased: kept.biased.join(' '), why: kept.why } : {};
}

type Reckoned =
  | { ok: true; pair: PairOfLevers; hands: Record<Side, Hand> }
  | { ok: false; says: string };

function reckon(keyed: Keyed, biased: readonly PairMeasure[]): Reckoned {
  const hands: Record<Side, Partial<Record<PairMeasure, number>>> = { left: {}, right: {} };
  for (const side of SIDES)
    for (const measure of PAIR_MEASURES) {
      const text = keyed[`${side}-${measure}`];
      if (text.trim() === '') continue;
      const value = (measure === 'angle' ? signedNumberOf : numberOf)(text);
      if (value === null) return { ok: false, says: reckonerWords.levers.numbers };
      hands[side][measure] = value;
    }
  try {
    return { ok: true, pair: pairOf(hands.left, hands.right, biased), hands };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: faultSays(error) };
  }
}

/** Core names the field as side and measure. */
function faultSays({ code, field, numbers }: InputError): string {
  const side = SIDES.find((each) => field.startsWith(each))!;
  const measure = PAIR_MEASURES.find((each) => field.endsWith(each))!;
  return `${reckonerWords.levers.field(side, measure)}. ${verdictWords.inputError(code, numbers)}`;
}

const styles = StyleSheet.create({
  hands: { flexDirection: 'row', alignSelf: 'center' },
});
