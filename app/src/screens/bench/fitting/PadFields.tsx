import type { EntryOf } from '@hold-fast/core/job/kinds';
import { COMPOUNDS, type Compound, type compoundAdvice } from '@hold-fast/core/kit/compound';
import { Choice } from '../../../ui/Choice';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { Wrong } from '../../../ui/Wrong';

type Rebedding = EntryOf<'fitting'>['rebedding'];

interface Props {
  compound: Compound | null;
  rebedding: Rebedding;
  /** What the rotor makes of this compound. */
  advice: ReturnType<typeof compoundAdvice> | null;
  tried: boolean;
  onCompound: (compound: Compound) => void;
  onRebedding: (rebedding: Rebedding) => void;
}

/** The compound of pads, and what is done about another one than the rotor was bedded with. */
export function PadFields({ compound, rebedding, advice, tried, onCompound, onRebedding }: Props) {
  return (
    <Section label={jobWords.fitPart.compoundFromTheLetterOn}>
      <Choice
        label={jobWords.fitPart.compound}
        options={COMPOUNDS.map((value) => ({ value, says: words.compound[value] }))}
        chosen={compound ? [compound] : []}
        onChoose={onCompound}
      />
      {tried && compound === null ? (
        <Wrong says={jobWords.fitPart.readTheLetterWithoutOne} />
      ) : null}
      {advice?.code === 'refused' ? (
        <Note kind="refusal" title={jobWords.fitPart.notOnThisRotor}>
          {jobWords.fitPart.itIsMarkedForOrganic}
        </Note>
      ) : null}
      {advice?.code === 'change' ? (
        <Note kind="caution" title={jobWords.fitPart.anotherCompoundThanTheRotor}>
          <Words>
            {jobWords.fitPart.rotorPadsSomeWantA(
              advice.from === 'none' ? words.fittedAs.new : words.compound[advice.from],
              words.compound[advice.to],
            )}
          </Words>
          <Choice<NonNullable<Rebedding>>
            label={jobWords.fitPart.whatIsDoneAboutIt}
            options={(['new-rotor', 'strip-and-bed-in', 'ridden-as-is'] as const).map((value) => ({
              value,
              says: words.rebedding[value],
            }))}
            chosen={rebedding ? [rebedding] : []}
            onChoose={onRebedding}
          />
          {tried && rebedding === null ? (
            <Wrong says={jobWords.fitPart.chooseWhatIsDoneAbout} />
          ) : null}
        </Note>
      ) : null}
    </Section>
  );
}
