import { router } from 'expo-router';
import { useState } from 'react';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Words } from '../../ui/Words';
import { CALCULATORS, type Calculator } from '../../words/catalogue/reckoner';
import { practiceWords } from '../../words/practice';
import { reckonerWords } from '../../words/reckoner';

/** Every calculator by its name, found by a part of it or of what it answers. */
export function CalculatorList({ current }: { current?: Calculator }) {
  const [sought, setSought] = useState('');
  const { of, find, noneByThatName } = reckonerWords.reckoner;
  const words = sought.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  const isSought = (...said: string[]) =>
    words.every((word) => said.join(' ').toLocaleLowerCase().includes(word));
  const found = CALCULATORS.filter((each) => isSought(of[each].title, of[each].says));
  const isPracticeSought = isSought(practiceWords.title, practiceWords.says);
  return (
    <>
      <Section>
        <Field label={find} value={sought} inputMode="search" onChangeText={setSought} />
      </Section>
      {found.map((each) => (
        <Row
          key={each}
          title={of[each].title}
          says={of[each].says}
          current={each === current}
          onPress={() => router.navigate(`/reckoner/${each}`)}
        />
      ))}
      {isPracticeSought ? (
        <Row
          title={practiceWords.title}
          says={practiceWords.says}
          onPress={() => router.navigate('/reckoner/practice')}
        />
      ) : null}
      {found.length === 0 && !isPracticeSought ? (
        <Section>
          <Words ink="soft">{noneByThatName}</Words>
        </Section>
      ) : null}
    </>
  );
}
