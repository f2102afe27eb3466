import { ROTOR_DAMAGE } from '@hold-fast/core/wear/rotor';
import { useWatch, type Control } from 'react-hook-form';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import type { Condition, WrittenPart } from './writtenPart';

const says = jobWords.fitPart;

interface Props {
  control: Control<WrittenPart>;
  /** Undefined until somebody says. */
  condition: Condition | undefined;
  /** Its stamp is asked for twice. */
  twice: boolean;
}

/** A rotor by itself: its construction, its stamp, how thick it was, and why it came off. */
export function RotorFields({ control, condition, twice }: Props) {
  const mm = { control, inputMode: 'decimal' } as const;
  return (
    <>
      <Section label={says.theRotorByItself}>
        <FormChoice
          control={control}
          name="construction"
          label={says.construction}
          options={[
            { value: null, says: says.asTheSheetSays },
            { value: 'one-piece', says: says.onePiece },
            { value: 'two-piece', says: says.twoPiecesRiveted },
          ]}
        />
        <FormLine
          {...mm}
          name="limitMm"
          label={says.limitStampedOnItMm}
          placeholder={words.field.none}
          hint={condition === 'found' ? says.foundItsStampsCount : says.theOldRotorsStampDoes}
        />
        {twice ? (
          <FormLine
            {...mm}
            name="limitAgainMm"
            label={says.theStampOnceMoreMm}
            hint={says.itIsLaxerThanThe}
          />
        ) : null}
        <FormLine
          {...mm}
          name="newMm"
          label={says.thicknessWhenNewMm}
          placeholder={says.asSheetHint}
        />
        <Words kind="label">{says.markForPads}</Words>
        <FormChoice
          control={control}
          name="organicOnly"
          label={says.markForPads}
          options={[
            { value: false, says: says.noMarkForPads },
            { value: true, says: says.markedForOrganicPadsOnly },
          ]}
        />
      </Section>
      {condition === 'used' ? <WhyItCameOff control={control} /> : null}
    </>
  );
}

function WhyItCameOff({ control }: { control: Control<WrittenPart> }) {
  const cameOffFor = useWatch({ control, name: 'cameOffFor' });
  return (
    <Section label={says.whyItCameOffLast}>
      <FormChoice
        control={control}
        name="cameOffFor"
        label={says.whyItCameOffLast}
        options={[
          { value: null, says: says.soundOrNobodyWroteIt },
          { value: 'changed', says: says.changedForAnotherSize },
          { value: 'worn', says: says.thoughtWorn },
          ...ROTOR_DAMAGE.map((value) => ({ value, says: capital(words.finding[value]) })),
        ]}
      />
      {cameOffFor === 'loose-rivets' ? (
        <Note kind="caution" title={says.rivetsFirst}>
          {says.itIsNotProvenUntil}
        </Note>
      ) : null}
    </Section>
  );
}
