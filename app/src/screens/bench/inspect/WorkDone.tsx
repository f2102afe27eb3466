import type { End } from '@hold-fast/core/ends';
import { TOLD_WORKS, type Work } from '@hold-fast/core/inspection/work';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';
import { capital } from '../../../words/capital';
import { words } from '../../../words/words';
import { jobWords } from '../../../words/job';
import { focusFault } from '../../../ui/focusFault';

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
  const [work, setWork] = useState<Work | null>(offered.length === 1 ? offered[0]! : null);
  const [done, setDone] = useState('');
  const [tried, setTried] = useState(false);
  if (offered.length === 0) return null;
  if (!open)
    return (
      <Button
        kind="quiet"
        says={jobWords.workDone.writeDownTheWork}
        onPress={() => setOpen(true)}
      />
    );
  const keep = () => {
    setTried(true);
    focusFault();
    if (work === null || done.trim() === '') return;
    append(jobId, entryOf<'repair'>({ kind: 'repair', end, work, words: done.trim() }));
    setOpen(false);
  };
  return (
    <View style={styles.work}>
      {offered.length > 1 ? (
        <Choice<Work>
          label={jobWords.workDone.whichWork}
          options={offered.map((value) => ({ value, says: capital(words.work[value]) }))}
          chosen={work ? [work] : []}
          onChoose={setWork}
        />
      ) : null}
      <Field
        label={jobWords.workDone.whatWasDone}
        value={done}
        onChangeText={setDone}
        maxLength={300}
        error={tried && done.trim() === '' ? jobWords.workDone.writeWhatWasDone : undefined}
        hint={jobWords.workDone.thenLookAtItAgain}
      />
      <Button kind="plain" says={jobWords.workDone.keepIt} onPress={keep} />
    </View>
  );
}

const styles = StyleSheet.create({ work: { gap: space.s } });
