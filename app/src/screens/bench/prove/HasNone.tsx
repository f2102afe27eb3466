import type { End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { mayBeAbsent } from '@hold-fast/core/job/ticked';
import type { Check } from '@hold-fast/core/procedure/checks';
import { useState } from 'react';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { provingWords } from '../../../words/proving';
import { SayWhat } from '../../SayWhat';

const says = provingWords.finalCheck;

/** That a brake was made without a thing: said with the reason, and only of what some brakes do without. */
export function HasNone({ job, end, check }: { job: Job; end: End; check: Check }) {
  const [asking, setAsking] = useState(false);
  const { take, refused } = useTake<'ticked'>(job);
  if (!mayBeAbsent(job, end, check)) return null;
  if (!asking) return <Button kind="quiet" says={says.hasNone} onPress={() => setAsking(true)} />;
  return (
    <SayWhat
      label={says.whyNone}
      maxLength={200}
      says={says.writeItDown}
      refused={refused}
      onSay={(words) => {
        if (take({ kind: 'ticked', end, check, outcome: 'not-fitted', words }, null))
          setAsking(false);
      }}
    />
  );
}
