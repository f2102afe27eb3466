import type { NotRepaired } from '@hold-fast/core/job/notRepaired';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { jobWords } from '../../../words/job';

/** Closing a job whose bike was not repaired: what was said, who took it away, and that it leaves tagged. */
export function LeavesUnrepaired({
  leaving,
  tried,
  onChange,
}: {
  leaving: NotRepaired | null;
  tried: boolean;
  onChange: (leaving: NotRepaired | null) => void;
}) {
  if (!leaving)
    return (
      <Section>
        <Button
          kind="quiet"
          says={jobWords.signOff.itLeavesUnrepaired}
          onPress={() => onChange({ words: '', takenBy: '' })}
        />
      </Section>
    );
  const missing = (text: string) =>
    tried && text.trim() === '' ? jobWords.signOff.writeItDown : undefined;
  return (
    <Section label={jobWords.signOff.itLeavesUnrepaired}>
      <Note kind="caution" title={jobWords.signOff.nothingIsPassed}>
        {jobWords.signOff.allThatIsOpenHangs}
      </Note>
      <Field
        label={jobWords.signOff.whatWasSaid}
        value={leaving.words}
        maxLength={300}
        onChangeText={(words) => onChange({ ...leaving, words })}
        error={missing(leaving.words)}
      />
      <Field
        label={jobWords.signOff.whoTookItAway}
        value={leaving.takenBy}
        maxLength={80}
        onChangeText={(takenBy) => onChange({ ...leaving, takenBy })}
        error={missing(leaving.takenBy)}
      />
      <Button kind="quiet" says={jobWords.signOff.itStays} onPress={() => onChange(null)} />
    </Section>
  );
}
