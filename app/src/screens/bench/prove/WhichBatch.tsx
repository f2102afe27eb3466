import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Section } from '../../../ui/Page';
import { provingWords } from '../../../words/proving';

const says = provingWords.takeParts;

/** Which of the batches that may lie there a part is of, as its packet says; an empty one where it says nothing. */
export function WhichBatch({
  batches,
  onSay,
}: {
  batches: readonly string[];
  onSay: (batch: string) => void;
}) {
  const [another, setAnother] = useState('');
  // Asked below a row that stood at the foot of the page, it comes into view.
  const top = useRef<View>(null);
  useEffect(() => {
    (top.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'nearest' });
  }, []);
  return (
    <View ref={top}>
      <Section label={says.whichBatch}>
        <Choice
          label={says.whichBatch}
          options={[
            ...batches.filter(Boolean).map((value) => ({ value, says: value })),
            { value: '', says: says.nonePrinted },
          ]}
          chosen={[]}
          onChoose={onSay}
        />
        <Field label={says.anotherBatch} value={another} maxLength={40} onChangeText={setAnother} />
        <Button
          kind="plain"
          says={says.takeIt}
          disabled={!another.trim()}
          onPress={() => onSay(another.trim())}
        />
      </Section>
    </View>
  );
}
