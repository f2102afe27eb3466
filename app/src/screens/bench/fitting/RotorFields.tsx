import type { EntryOf } from '@hold-fast/core/job/kinds';
import { ROTOR_DAMAGE } from '@hold-fast/core/wear/rotor';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { readMm } from './readMm';

type Fitted = EntryOf<'fitting'>;

/** What is written of a rotor by itself. */
export interface WrittenRotor {
  construction: Fitted['construction'];
  newMm: string;
  limitMm: string;
  limitAgainMm: string;
  organicOnly: boolean;
  cameOffFor: Fitted['cameOffFor'];
}

interface Props {
  written: WrittenRotor;
  /** It comes off another brake. */
  used: boolean;
  /** Its stamp is asked for twice. */
  twice: boolean;
  onChange: (change: Partial<WrittenRotor>) => void;
}

/** A rotor by itself: its construction, its stamp, how thick it was, and why it came off. */
export function RotorFields({ written, used, twice, onChange }: Props) {
  const { construction, newMm, limitMm, limitAgainMm, organicOnly, cameOffFor } = written;
  const [thickness, limit, again] = [newMm, limitMm, limitAgainMm].map(readMm);
  return (
    <>
      <Section label={jobWords.fitPart.theRotorByItself}>
        <Choice<'one-piece' | 'two-piece' | null>
          label={jobWords.fitPart.construction}
          options={[
            { value: null, says: jobWords.fitPart.asTheSheetSays },
            { value: 'one-piece', says: jobWords.fitPart.onePiece },
            { value: 'two-piece', says: jobWords.fitPart.twoPiecesRiveted },
          ]}
          chosen={[construction]}
          onChoose={(construction) => onChange({ construction })}
        />
        <Field
          label={jobWords.fitPart.limitStampedOnItMm}
          value={limitMm}
          onChangeText={(limitMm) => onChange({ limitMm })}
          inputMode="decimal"
          placeholder={words.field.none}
          error={limit!.error}
          hint={jobWords.fitPart.theOldRotorsStampDoes}
        />
        {twice ? (
          <Field
            label={jobWords.fitPart.theStampOnceMoreMm}
            value={limitAgainMm}
            onChangeText={(limitAgainMm) => onChange({ limitAgainMm })}
            inputMode="decimal"
            error={again!.error}
            hint={jobWords.fitPart.itIsLaxerThanThe}
          />
        ) : null}
        <Field
          label={jobWords.fitPart.thicknessWhenNewMm}
          value={newMm}
          onChangeText={(newMm) => onChange({ newMm })}
          inputMode="decimal"
          placeholder={jobWords.fitPart.asSheetHint}
          error={thickness!.error}
        />
        <Choice
          label={jobWords.fitPart.markedForOrganicPadsOnly}
          many
          options={[{ value: true, says: jobWords.fitPart.markedForOrganicPadsOnly }]}
          chosen={organicOnly ? [true] : []}
          onChoose={() => onChange({ organicOnly: !organicOnly })}
        />
      </Section>
      {used ? (
        <Section label={jobWords.fitPart.whyItCameOffLast}>
          <Choice<Fitted['cameOffFor']>
            label={jobWords.fitPart.whyItCameOffLast}
            options={[
              { value: null, says: jobWords.fitPart.soundOrNobodyWroteIt },
              { value: 'changed', says: jobWords.fitPart.changedForAnotherSize },
              { value: 'worn', says: jobWords.fitPart.thoughtWorn },
              ...ROTOR_DAMAGE.map((value) => ({ value, says: capital(words.finding[value]) })),
            ]}
            chosen={[cameOffFor]}
            onChoose={(cameOffFor) => onChange({ cameOffFor })}
          />
          {cameOffFor === 'loose-rivets' ? (
            <Note kind="caution" title={jobWords.fitPart.rivetsFirst}>
              {jobWords.fitPart.itIsNotProvenUntil}
            </Note>
          ) : null}
        </Section>
      ) : null}
    </>
  );
}
