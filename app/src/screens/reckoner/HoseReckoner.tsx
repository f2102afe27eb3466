import {
  BAR_SWINGS,
  hoseAnswer,
  LEAST_BEND_MM,
  type HoseAnswer,
  type HoseNeed,
  type HoseRun,
} from '@hold-fast/core/hose/hose';
import { useSweep } from '../../data/sweep';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { HosePlan } from '../../instruments/HosePlan';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Loading } from '../../ui/Standing';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { keptOf, keyedFrom, useAtBrake, type AtBrake } from './atBrake';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

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
  then: 'cut',
};
type Keyed = typeof USUAL;
type Name = Exclude<keyof Keyed, 'then'>;
const NAMES = (Object.keys(USUAL) as (keyof Keyed)[]).filter(
  (name): name is Name => name !== 'then',
);
/** A hose that is long enough is cut at the mark, or left long, looped and clipped. */
const THEN = ['cut', 'keep'] as const;

type Read =
  | { ok: true; run: HoseRun; presentMm: number | null }
  | { ok: false; says: string; waits: boolean; at: Partial<Record<Name, string>> };

function read(keyed: Keyed): Read {
  const numbers = Object.fromEntries(
    NAMES.map((name) => [name, signedNumberOf(keyed[name])]),
  ) as Record<Name, number | null>;
  const wrong = NAMES.filter(
    (name) => numbers[name] === null && (name !== 'present' || keyed.present.trim() !== ''),
  );
  if (wrong.length > 0)
    return {
      ok: false,
      says: reckonerWords.hose.everyFieldANumber,
      // Nothing is wrong with what nobody has filled in yet.
      waits: wrong.every((name) => keyed[name].trim() === ''),
      at: Object.fromEntries(
        wrong
          .filter((name) => keyed[name].trim() !== '')
          .map((name) => [name, verdictWords.inputError('not-a-number', {})]),
      ),
    };
  const of = numbers as Record<Name, number>;
  return {
    ok: true,
    presentMm: numbers.present,
    run: {
      guide: { x: of.guideX, y: of.guideY, towardDeg: of.guideToward },
      port: { x: of.portX, y: of.portY, towardDeg: of.portToward },
      heightMm: of.height,
      bendMm: of.bend,
      swingDeg: of.swing,
      growthMm: of.growth,
    },
  };
}

/** The run as it was written down last at this brake: measured once, kept with the bike. */
function knownOf(at: AtBrake | null): Partial<Keyed> {
  const kept = keptOf(at, 'hose');
  const housing = at?.job.identified[at.end]?.sheet.body.brake.actuation === 'cable';
  const usual = {
    bend: String(housing ? LEAST_BEND_MM.housing : LEAST_BEND_MM.hose),
    swing: USUAL.swing,
  };
  if (!kept) return usual;
  const { guide, port, heightMm, bendMm, swingDeg, growthMm } = kept.run;
  return {
    guideX: keyedFrom(guide.x),
    guideY: keyedFrom(guide.y),
    guideToward: keyedFrom(guide.towardDeg),
    portX: keyedFrom(port.x),
    portY: keyedFrom(port.y),
    portToward: keyedFrom(port.towardDeg),
    height: keyedFrom(heightMm),
    bend: keyedFrom(bendMm),
    swing: keyedFrom(swingDeg),
    growth: keyedFrom(growthMm),
    present: keyedFrom(kept.presentMm),
  };
}

/** How long a hose has to be for the bar to turn, drawn from above, with its working; the address holds what was keyed. */
export function HoseReckoner() {
  const [keyed, key, keyAll] = useKeyed('hose', USUAL, knownOf(useAtBrake()));
  const asked = useMemo(() => read(keyed), [keyed]);
  const { data } = useSweep(asked.ok ? asked.run : null);
  const reckoned = asked.ok ? sweptTo(asked, data) : asked;
  const errors = asked.ok ? faultAt(data) : asked.at;
  const then = oneOf(THEN, keyed.then);
  const presentMm = asked.ok ? asked.presentMm : null;
  return (
    <ReckonerPage
      of="hose"
      what={
        asked.ok && presentMm !== null && reckoned?.ok
          ? { kind: 'reckoned', what: { of: 'hose', run: asked.run, presentMm, then } }
          : null
      }
    >
      <Halves>
        <>
          <Answer
            reckoned={reckoned}
            then={then}
            onThen={key('then')}
            onMove={(end, to) => keyAll({ [`${end}X`]: String(to.x), [`${end}Y`]: String(to.y) })}
          />
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
              errors={errors}
            />
          </Section>
          <Section label={reckonerWords.hose.theLeversPort}>
            <KeyedFields
              names={['portX', 'portY', 'portToward', 'height']}
              labels={reckonerWords.hose.of}
              keyed={keyed}
              onKey={key}
              errors={errors}
            />
          </Section>
          <Section label={reckonerWords.hose.theHose}>
            <KeyedFields
              names={['bend', 'growth', 'present']}
              labels={reckonerWords.hose.of}
              keyed={keyed}
              onKey={key}
              errors={errors}
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

type Reckoned =
  | { ok: true; run: HoseRun; need: HoseNeed; answer: HoseAnswer | null }
  | { ok: false; says: string; waits: boolean };

/** What was swept last: a run that is keyed meanwhile is there in a moment. */
function sweptTo(
  { presentMm }: { presentMm: number | null },
  data: ReturnType<typeof useSweep>['data'],
): Reckoned | null {
  if (!data) return null;
  const { run, swept } = data;
  if (!swept.ok)
    return { ok: false, says: verdictWords.inputError(swept.code, swept.numbers), waits: false };
  const { need } = swept;
  const answer = presentMm !== null && presentMm > 0 ? hoseAnswer(need.needMm, presentMm) : null;
  return { ok: true, run, need, answer };
}

/** The field that core found wrong, in words; a spot that is both guide and port is said at the port. */
function faultAt(data: ReturnType<typeof useSweep>['data']): Partial<Record<Name, string>> {
  if (!data || data.swept.ok) return {};
  const { field, code, numbers } = data.swept;
  const name = field === 'port' ? 'portX' : field;
  return name in USUAL ? { [name]: verdictWords.inputError(code, numbers) } : {};
}

interface AnswerProps {
  reckoned: Reckoned | null;
  then: (typeof THEN)[number];
  onThen: (then: string) => void;
  onMove: (end: 'guide' | 'port', to: { x: number; y: number }) => void;
}

function Answer({ reckoned, then, onThen, onMove }: AnswerProps) {
  if (!reckoned) return <Loading />;
  if (!reckoned.ok)
    return (
      <Section>
        <Note kind={reckoned.waits ? 'plain' : 'refusal'} title={reckoned.says} />
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
      <HosePlan run={run} need={need} onMove={onMove} width={size.figure} />
      <Words kind="small">{reckonerWords.hose.tight}</Words>
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
      {answer?.code === 'cut' ? (
        <Choice
          label={reckonerWords.hose.whatIsDone}
          options={THEN.map((value) => ({ value, says: reckonerWords.hose.then[value] }))}
          chosen={[then]}
          onChoose={onThen}
        />
      ) : null}
    </Section>
  );
}

const styles = StyleSheet.create({
  number: { flexDirection: 'row', alignItems: 'baseline' },
});
