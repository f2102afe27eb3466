import {
  CASE_IDS,
  caseNamed,
  GRADES,
  shippedCase,
  type CaseId,
  type Grade,
} from '@hold-fast/core/practice/cases';
import { debrief, type Debrief } from '@hold-fast/core/practice/debrief';
import type { Word } from '@hold-fast/core/wear/verdict';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { practiceRun } from './usePractice';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Columns } from '../../ui/Columns';
import { Field } from '../../ui/Field';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { VerdictMark, WORD_INK } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { practiceWords } from '../../words/practice';
import { reckonerWords } from '../../words/reckoner';
import { PracticeBand } from './PracticeBand';

/** The mark beside a brake that was tried: practised well, in part, or not. */
const MARK: Readonly<Record<Debrief['standing'], Word>> = {
  'made-fast': 'holds',
  'half-way': 'watch',
  adrift: 'replace',
};

/** The brakes to practise on, by how hard they are, and one drawn from a number. */
export function PracticeList() {
  return (
    <Page
      over={practiceWords.title}
      title={practiceWords.theySay}
      aside={
        <Button
          kind="quiet"
          says={reckonerWords.reckoner.all}
          onPress={() => router.navigate('/reckoner')}
        />
      }
      under={<PracticeBand />}
    >
      <Section>
        <Words>{practiceWords.says}</Words>
      </Section>
      <Columns>
        {GRADES.map((grade) => (
          <View key={grade}>
            <Section label={practiceWords.grade[grade]}>
              <Words ink="soft">{practiceWords.gradeSays[grade]}</Words>
            </Section>
            {CASE_IDS.filter((id) => shippedCase(id).grade === grade).map((id) => (
              <Case key={id} id={id} />
            ))}
          </View>
        ))}
        <Draw />
      </Columns>
    </Page>
  );
}

function Case({ id }: { id: CaseId }) {
  const run = practiceRun(id);
  const standing = run.ended ? debrief(shippedCase(id), run).standing : null;
  const { title, says } = practiceWords.case[id];
  return (
    <Row
      mark={<VerdictMark word={standing && MARK[standing]} />}
      title={title}
      word={
        standing
          ? { says: practiceWords.standing[standing], ink: WORD_INK[MARK[standing]] }
          : { says: run.taps > 0 ? practiceWords.begun : practiceWords.notTried, ink: 'soft' }
      }
      says={says}
      onPress={() => router.navigate(`/reckoner/practice/${id}`)}
      testID={`practice-${id}`}
    />
  );
}

/** Any number is a brake, the same for everybody who asks for it. */
function Draw() {
  const [number, setNumber] = useState('');
  const [grade, setGrade] = useState<Grade>(2);
  const name = `${number.trim()}-${grade}`;
  const known = Number(number) > 0 && caseNamed(name) !== null;
  return (
    <Section label={practiceWords.draw}>
      <Field
        label={practiceWords.seed}
        value={number}
        inputMode="numeric"
        onChangeText={setNumber}
        {...(number === '' || known ? {} : { error: practiceWords.seedWanted })}
      />
      <Words kind="label">{practiceWords.hardness}</Words>
      <Choice
        label={practiceWords.hardness}
        options={GRADES.map((value) => ({ value, says: practiceWords.grade[value] }))}
        chosen={[grade]}
        onChoose={setGrade}
      />
      <Button
        says={practiceWords.drawOne}
        disabled={!known}
        onPress={() => router.navigate(`/reckoner/practice/${name}`)}
      />
    </Section>
  );
}
