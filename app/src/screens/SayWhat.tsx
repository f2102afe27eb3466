import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { Button, Buttons } from '../ui/Button';
import { FormLine } from '../ui/FormLine';
import { Wrong } from '../ui/Wrong';
import { jobWords } from '../words/job';
import { needed } from './needed';

interface Props {
  label: string;
  hint?: string;
  /** What is said where nothing was written; else that it goes into the record. */
  empty?: string;
  maxLength?: number;
  autoFocus?: boolean;
  /** What it does. */
  says: string;
  onSay: (words: string) => void;
  /** Why it was not taken. */
  refused?: string | null;
  /** The way out of it, where it came up by a press. */
  back?: { says: string; go: () => void };
}

/** A thing that is done with words alone: what was done, what was seen, or why. */
export function SayWhat({
  empty = jobWords.sayWhat.goesIntoTheRecord,
  says,
  onSay,
  refused,
  back,
  ...line
}: Props) {
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(z.object({ words: needed(empty) })),
    defaultValues: { words: '' },
  });
  const say = handleSubmit(({ words }) => onSay(words));
  return (
    <>
      <FormLine
        maxLength={300}
        {...line}
        control={control}
        name="words"
        onSubmitEditing={() => void say()}
      />
      {refused ? <Wrong says={refused} /> : null}
      {back ? (
        <Buttons>
          <Button kind="plain" says={back.says} onPress={back.go} />
          <Button grow says={says} onPress={() => void say()} />
        </Buttons>
      ) : (
        <Button kind="plain" says={says} onPress={() => void say()} />
      )}
    </>
  );
}
