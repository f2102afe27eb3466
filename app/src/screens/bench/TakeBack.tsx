import type { Job } from '@hold-fast/core/job/job';
import { useState } from 'react';
import { useTake } from '../../data/jobWrites';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { jobWords } from '../../words/job';

interface Props {
  job: Job;
  /** The entry that says it, and what that is called. */
  of: { id: string; named: string };
  says: string;
  /** What comes of taking it back. */
  means: string;
}

/** Takes back what was written down and never was done: asked for twice, with what falls by it. */
export function TakeBack({ job, of, says, means }: Props) {
  const [asked, setAsked] = useState(false);
  const { take, refused } = useTake<'taken-back'>(job);
  return (
    <>
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      {asked ? <Note kind="caution">{means}</Note> : null}
      <Button
        kind="quiet"
        says={asked ? jobWords.kitSheet.takeItBack : says}
        of={of.named}
        onPress={() => (asked ? take({ kind: 'taken-back', of: of.id }, null) : setAsked(true))}
      />
    </>
  );
}
