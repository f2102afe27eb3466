import { LANGUAGES, UNITS, type Manner } from '@hold-fast/core/rules/manner';
import { Choice } from '../../ui/Choice';
import { Section } from '../../ui/Page';
import { mannerWords } from '../../words/manners';

interface Props {
  manner: Manner;
  onChoose: (manner: Manner) => void;
}

const UNIT_KINDS = ['length', 'torque', 'distance', 'temperature'] as const;

/** Language and units, each in one tap. */
export function MannerChoices({ manner, onChoose }: Props) {
  return (
    <>
      <Section label={mannerWords.language}>
        <Choice
          label={mannerWords.language}
          options={LANGUAGES.map((value) => ({ value, says: mannerWords.languages[value] }))}
          chosen={[manner.language]}
          onChoose={(language) => onChoose({ ...manner, language })}
        />
      </Section>
      {UNIT_KINDS.map((kind) => (
        <Section key={kind} label={mannerWords.units[kind]}>
          <Choice
            label={mannerWords.units[kind]}
            options={(UNITS[kind] as readonly string[]).map((value) => ({
              value,
              says: mannerWords.unit[value as keyof typeof mannerWords.unit],
            }))}
            chosen={[manner[kind]]}
            onChoose={(unit) => onChoose({ ...manner, [kind]: unit })}
          />
        </Section>
      ))}
    </>
  );
}
