import { COMPOUNDS, REBEDDINGS } from '@hold-fast/core/kit/compound';
import type { Control } from 'react-hook-form';
import { FormChoice } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import type { Advice, WrittenPart } from './writtenPart';

const says = jobWords.fitPart;

/** The compound of pads, and what is done about another one than the rotor was bedded with. */
export function PadFields({
  control,
  advice,
}: {
  control: Control<WrittenPart>;
  /** What the rotor makes of this compound. */
  advice: Advice | null;
}) {
  return (
    <Section label={says.compoundFromTheLetterOn}>
      <FormChoice
        control={control}
        name="compound"
        label={says.compound}
        options={COMPOUNDS.map((value) => ({ value, says: words.compound[value] }))}
      />
      {advice?.code === 'refused' ? (
        <Note kind="refusal" title={says.notOnThisRotor}>
          {says.itIsMarkedForOrganic}
        </Note>
      ) : null}
      {advice?.code === 'change' ? (
        <Note kind="caution" title={says.anotherCompoundThanTheRotor}>
          <Words>
            {says.rotorPadsSomeWantA(
              advice.from === 'none' ? words.fittedAs.new : words.compound[advice.from],
              words.compound[advice.to],
            )}
          </Words>
          <FormChoice
            control={control}
            name="rebedding"
            label={says.whatIsDoneAboutIt}
            options={REBEDDINGS.map((value) => ({ value, says: words.rebedding[value] }))}
          />
        </Note>
      ) : null}
    </Section>
  );
}
