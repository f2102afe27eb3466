import type { UseFormReturn } from 'react-hook-form';
import { Button } from '../../../ui/Button';
import { FormLine } from '../../../ui/FormLine';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { jobWords } from '../../../words/job';
import type { Signature } from './signature';

const says = jobWords.signOff;

/** Closing a job whose bike was not repaired: what was said, who took it away, and that it leaves tagged. */
export function LeavesUnrepaired({
  form: { control, setValue },
  leaving,
}: {
  form: UseFormReturn<Signature>;
  leaving: boolean;
}) {
  if (!leaving)
    return (
      <Section>
        <Button
          kind="quiet"
          says={says.itLeavesUnrepaired}
          onPress={() => setValue('notRepaired', { words: '', takenBy: '' })}
        />
      </Section>
    );
  return (
    <Section label={says.itLeavesUnrepaired}>
      <Note kind="caution" title={says.nothingIsPassed}>
        {says.allThatIsOpenHangs}
      </Note>
      <FormLine
        control={control}
        name="notRepaired.words"
        label={says.whatWasSaid}
        maxLength={300}
      />
      <FormLine
        control={control}
        name="notRepaired.takenBy"
        label={says.whoTookItAway}
        maxLength={80}
      />
      <Button kind="quiet" says={says.itStays} onPress={() => setValue('notRepaired', null)} />
    </Section>
  );
}
