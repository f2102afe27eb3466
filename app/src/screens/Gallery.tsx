import { brakeWith, figureOf, stateFor } from '@hold-fast/core/figure/brakeFigure';
import { STEP_IDS } from '@hold-fast/core/procedure/steps';
import { nextTurn } from '@hold-fast/core/torque/sequence';
import { padVerdict, PAD_SCHOOLS } from '@hold-fast/core/wear/pads';
import { WORDS, type Word } from '@hold-fast/core/wear/verdict';
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View, type ViewProps } from 'react-native';
import { BoltCircle } from '../instruments/BoltCircle';
import { BrakeFigure } from '../instruments/brake/BrakeFigure';
import { PadBlock } from '../instruments/PadBlock';
import { RidgeFigure } from '../instruments/RidgeFigure';
import { RotorDial, type DialPoint } from '../instruments/RotorDial';
import { WearRule } from '../instruments/WearRule';
import { Button, Buttons } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { JobTag } from '../ui/JobTag';
import { Keypad } from '../ui/Keypad';
import { Note } from '../ui/Note';
import { Row } from '../ui/Row';
import { Empty, Failed } from '../ui/Standing';
import { color, space } from '../ui/tokens';
import { VerdictMark, WORD_INK } from '../ui/VerdictMark';
import { Words, type WordsKind } from '../ui/Words';
import { planWords } from '../words/planWords';
import { words } from '../words/words';
import { Schools } from './bench/measuring/Schools';
import { VerdictPanel } from './bench/measuring/VerdictPanel';
import { inForce, keepManner, stretchWords } from '../words/manner';

const LONG =
  'Straßenbahnhaltestellenfahrradgeschwindigkeitsbegrenzung of the north-eastern ferry terminal';
const KINDS: WordsKind[] = [
  'head',
  'title',
  'label',
  'body',
  'strong',
  'small',
  'reading',
  'smallReading',
  'huge',
];
const nothing = () => undefined;

/** Every component and instrument in its states, day and dark beside each other, so that looks are judged in one picture. */
export function Gallery() {
  return (
    <ScrollView tabIndex={0}>
      <Languages />
      <View style={styles.both}>
        <Themed theme="day" />
        <Themed theme="bench" />
      </View>
    </ScrollView>
  );
}

/** The languages, and the stretched one that shows what is in no catalogue and what bursts. */
function Languages() {
  return (
    <View style={styles.line}>
      {(['en', 'de', 'pseudo'] as const).map((language) => (
        <Button
          key={language}
          kind="plain"
          says={language}
          onPress={() => {
            stretchWords(language === 'pseudo');
            if (language !== 'pseudo')
              keepManner({ ...inForce, manner: { ...inForce.manner, language } });
            globalThis.location.reload();
          }}
        />
      ))}
    </View>
  );
}

function Instruments() {
  return (
    <>
      <Part name="Wear rule">
        {([1.72, 1.56, 1.52, 1.47] as const).map((mm, i) => (
          <WearRule
            key={mm}
            newMm={1.8}
            limitMm={1.5}
            origin="stamped"
            leastMm={mm}
            doubtMm={0.03}
            word={WORDS[i]!}
            width={360}
          />
        ))}
        <WearRule
          newMm={1.8}
          limitMm={1.5}
          origin="sheet"
          leastMm={1.6}
          doubtMm={0.06}
          word="unproven"
          upperBound
          width={360}
        />
        <WearRule
          newMm={null}
          limitMm={1.5}
          origin="shop"
          leastMm={null}
          doubtMm={0}
          word={null}
          width={360}
        />
      </Part>
      <Part name="Rotor dial">
        <Dials />
      </Part>
      <Part name="Pad block">
        <PadBlock
          values={{ 'inner-leading': 2.4, 'inner-trailing': 3.4, 'outer-leading': 3.6 }}
          fullMm={4}
          current="outer-trailing"
          thinnest="inner-leading"
          keyed="3."
          open="00"
          width={360}
        />
      </Part>
      <Part name="Bolt circle">
        <Circles />
      </Part>
      <Part name="Ridge">
        <RidgeFigure flat={false} />
        <RidgeFigure flat />
      </Part>
      <Part name="Brake at every step">
        <Figures />
      </Part>
      <Part name="Keypad">
        <Keypad
          onDigit={nothing}
          onErase={nothing}
          extra={{ says: 'skip', onPress: nothing }}
          side={[
            { says: 'again', on: true, onPress: nothing },
            { says: 'why', disabled: true, onPress: nothing },
          ]}
          next={{ says: 'next', onPress: nothing }}
        />
      </Part>
    </>
  );
}

function Themed({ theme }: { theme: 'day' | 'bench' }) {
  const dataset = { dataSet: { theme } } as ViewProps;
  return (
    <View {...dataset} style={styles.theme}>
      <Part name="Words">
        {KINDS.map((kind) => (
          <Words key={kind} kind={kind}>{`${kind} 1.47`}</Words>
        ))}
        <Words kind="head" numberOfLines={2}>
          {LONG}
        </Words>
      </Part>
      <Part name="Marks">
        <View style={styles.line}>
          {[...WORDS, null].map((word) => (
            <View key={word} style={styles.line}>
              <VerdictMark word={word} />
              <Words kind="title" ink={word ? WORD_INK[word] : 'soft'}>
                {word ? words.word[word] : 'not inspected'}
              </Words>
            </View>
          ))}
        </View>
        <JobTag tag={412} />
      </Part>
      <Part name="Actions">
        <Button says="Check in a bike" onPress={nothing} />
        <Buttons>
          <Button kind="plain" says="Job" onPress={nothing} />
          <Button grow says="Measure the pads" onPress={nothing} />
        </Buttons>
        <Button kind="quiet" says="Change" onPress={nothing} />
        <Button says="Not now" onPress={nothing} disabled />
        <Button says="Sending" onPress={nothing} busy />
      </Part>
      <Part name="Fields and choices">
        <Field
          label="Customer"
          value=""
          onChangeText={nothing}
          placeholder="name"
          hint="As they like to be called."
        />
        <Field
          label="Used, mL"
          value="abc"
          onChangeText={nothing}
          error="How many mL? A number such as 18 or 7.5."
        />
        <Choice
          label="Lever"
          options={[
            { value: 'left', says: 'Left' },
            { value: 'right', says: 'Right' },
            { value: 'long', says: LONG.slice(0, 60) },
          ]}
          chosen={['left']}
          onChoose={nothing}
        />
      </Part>
      <Part name="Rows and notes">
        <Row
          title={LONG}
          says={LONG}
          mark={<VerdictMark word="watch" />}
          aside={<Words kind="reading">1.47</Words>}
          current
          onPress={nothing}
        />
        <Row title="Tin B, DOT 5.1" says="Refused: past its use-by" onPress={nothing} disabled />
        <Note title="Good to know">A few words set apart.</Note>
        <Note kind="caution" title="Gloves and glasses">
          Glycol strips paint: water at once.
        </Note>
        <Note kind="refusal" title="Not saved">
          This job is signed off and sealed.
        </Note>
        <Empty
          title="No bike is in"
          says="Bikes that are checked in stand here."
          action={{ says: 'Check in a bike', onPress: nothing }}
        />
        <Failed error={new Error('No connection to the shop’s server.')} onRetry={nothing} />
      </Part>
      <Part name="Verdicts">
        {WORDS.map((word) => (
          <VerdictPanel
            key={word}
            word={word}
            says="Thinnest 1.47 at point 3, 4 o’clock. Limit 1.50, stamped."
            reasons={[{ code: 'no-zero-check' }]}
            settle={word === 'unproven' ? ['zero-check', 'replacement'] : []}
            full={word === 'unproven'}
          />
        ))}
        <Schools pads={examplePads()} />
      </Part>
      <Instruments />
    </View>
  );
}

/** Every step's brake, each at a brake that has that step. */
function Figures() {
  return (
    <View style={styles.figures}>
      {STEP_IDS.map((step) => (
        <View key={step} style={styles.figure}>
          <Words kind="strong" numberOfLines={1}>
            {planWords.step[step].does}
          </Words>
          <BrakeFigure
            figure={figureOf(step, stateFor(step), brakeWith(step))}
            brake={brakeWith(step)}
            axle="front"
            width={360}
          />
        </View>
      ))}
    </View>
  );
}

function Dials() {
  const [current, setCurrent] = useState<number | null>(5);
  const dial = (points: DialPoint[], now: number | null, wrong = false) => (
    <RotorDial
      points={points}
      limitMm={1.5}
      newMm={1.8}
      decimals={2}
      current={now}
      thinnest={3}
      onPoint={setCurrent}
      over={now === null ? 'thinnest' : `point ${now}`}
      keyed={now === null ? '1.47' : '1.4'}
      open={now === null ? '' : '0'}
      wrong={wrong}
      width={340}
    />
  );
  const six = ([1.66, 1.62, 1.47, 1.56, null, null] as const).map((thicknessMm, i): DialPoint => ({
    point: i + 1,
    thicknessMm,
    word: wordFor(thicknessMm),
  }));
  const twelve = Array.from({ length: 12 }, (_, i): DialPoint => {
    const thicknessMm = 1.46 + ((i * 7) % 12) * 0.03;
    return { point: i + 1, thicknessMm, word: wordFor(thicknessMm) };
  });
  return (
    <>
      {dial(six, current)}
      {dial(six, 1, true)}
      {dial(twelve, null)}
    </>
  );
}

function Circles() {
  const marks = [
    { pass: 'snug', bolt: null },
    { pass: 'half', bolt: null },
    { pass: 'full', bolt: 1 },
    { pass: 'full', bolt: 4 },
  ] as const;
  return (
    <>
      <BoltCircle
        boltCount={6}
        pass="full"
        marks={marks}
        next={nextTurn(6, marks)}
        whole={false}
        width={300}
      />
      <BoltCircle boltCount={5} pass="snug" marks={[]} next={nextTurn(5, [])} whole width={300} />
      <BoltCircle
        boltCount={1}
        pass="full"
        marks={marks.slice(0, 2)}
        next={nextTurn(1, marks.slice(0, 2))}
        whole
        width={300}
      />
    </>
  );
}

function wordFor(thicknessMm: number | null): Word | null {
  if (thicknessMm === null) return null;
  if (thicknessMm <= 1.5) return 'replace';
  if (thicknessMm <= 1.53) return 'unproven';
  return thicknessMm <= 1.575 ? 'watch' : 'holds';
}

function examplePads() {
  return padVerdict(
    {
      basis: 'total',
      readings: {
        'inner-leading': [3.1],
        'inner-trailing': [3.5],
        'outer-leading': [3.6],
        'outer-trailing': [3.6],
      },
      gauge: {
        kind: 'thickness-gauge',
        resolutionMm: 0.01,
        uncertaintyMm: 0.03,
        anvils: 'point',
        calibrationDueOn: '2099-01-01',
      },
      zeroErrorMm: 0,
      measuredOn: '2026-11-25',
    },
    { newTotalMm: 4, plateMm: 1.8, plateAssumed: false, figures: {} },
    PAD_SCHOOLS,
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <View style={styles.part}>
      <Words kind="label" level={2}>
        {name}
      </Words>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  both: { flexDirection: 'row', flexWrap: 'wrap' },
  theme: {
    flexGrow: 1,
    flexBasis: 390,
    backgroundColor: color.paper,
    padding: space.l,
    gap: space.xl,
  },
  part: { gap: space.m },
  figures: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  figure: { width: 360 },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s, flexWrap: 'wrap' },
});
