import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { mayBeAbsent, type Check } from '@hold-fast/core/procedure/finalCheck';
import { useState } from 'react';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { provingWords } from '../../../words/proving';

/** That a brake was made without a thing: said with the reason, and only of what some brakes do without. */
export function HasNone({ job, end, check }: { job: Job; end: End; check: Check }) {
  const [why, setWhy] = useState<string | null>(null);
  const { take, refused } = useTake<'ticked'>(job);
  if (!mayBeAbsent(check)) return null;
  if (why === null)
    return (
      <Button kind="quiet" says={provingWords.finalCheck.hasNone} onPress={() => setWhy('')} />
    );
  const record = () => {
    const words = why.trim();
    if (take({ kind: 'ticked', end, check, outcome: 'not-fitted', words }, null)) setWhy(null);
  };
  return (
    <>
      <Field
        label={provingWords.finalCheck.whyNone}
        value={why}
        maxLength={200}
        onChangeText={setWhy}
        onSubmitEditing={record}
        error={refused ?? undefined}
      />
      <Button kind="plain" says={provingWords.finalCheck.writeItDown} onPress={record} />
    </>
  );
}
