import type { End } from '@hold-fast/core/ends';
import { TOLD_WORKS, type Work } from '@hold-fast/core/inspection/work';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { z } from 'zod';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { FormChoice, FormLine } from '../../../ui/FormLine';
import { space } from '../../../ui/tokens';
import { capital } from '../../../words/capital';
import { words } from '../../../words/words';
import { jobWords } from '../../../words/job';
import { needed } from '../../needed';

const says = jobWords.workDone;

interface Props {
  jobId: string;
  end: End;
  /** What would cure it; all that can be told where nothing is named. */
  works: readonly Work[];
}

/** Work that no step of the plan says, written down with what was done: what was found before is cured by it and a later look. */
export function WorkDone({ jobId, end, works }: Props) {
  const [open, setOpen] = useState(false);
  const told = works.filter((each) => TOLD_WORKS.includes(each));
  const offered = works.length > 0 ? told : TOLD_WORKS;
  if (offered.length === 0) return null;
  return open ? (
    <Write
      offered={offered}
      onKeep={({ work, done }) => {
        append(jobId, entryOf<'repair'>({ kind: 'repair', end, work, words: done }));
        setOpen(false);
      }}
    />
  ) : (
    <Button kind="quiet" says={says.writeDownTheWork} onPress={() => setOpen(true)} />
  );
}

const Done = z.object({
  work: z.enum(TOLD_WORKS, says.sayWhichWork),
  done: needed(says.writeWhatWasDone),
});

function Write({
  offered,
  onKeep,
}: {
  offered: readonly Work[];
  onKeep: (done: z.output<typeof Done>) => void;
}) {
  const { control, handleSubmit } = useForm<z.input<typeof Done>, unknown, z.output<typeof Done>>({
    resolver: zodResolver(Done),
    defaultValues: { ...(offered.length === 1 && { work: offered[0]! }), done: '' },
  });
  const keep = () => void handleSubmit(onKeep)();
  return (
    <View style={styles.work}>
      {offered.length > 1 ? (
        <FormChoice
          control={control}
          name="work"
          label={says.whichWork}
          options={offered.map((value) => ({ value, says: capital(words.work[value]) }))}
        />
      ) : null}
      <FormLine
        control={control}
        name="done"
        label={says.whatWasDone}
        maxLength={300}
        onSubmitEditing={keep}
        hint={says.thenLookAtItAgain}
      />
      <Button kind="plain" says={says.keepIt} onPress={keep} />
    </View>
  );
}

const styles = StyleSheet.create({ work: { gap: space.s } });
