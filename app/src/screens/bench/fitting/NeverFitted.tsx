import type { End, Part } from '@hold-fast/core/ends';
import type { Fitted, Job } from '@hold-fast/core/job/job';
import { canBeSlip } from '@hold-fast/core/job/takenBack';
import { useState } from 'react';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { lifeSays } from '../../lifeSays';

const says = jobWords.kitSheet;

/** What was written down as fitted here at this visit, with its way back: whoever looks for a mistake comes to where it was made. */
export function FittedNow({ job, end, part }: { job: Job; end: End; part: Part }) {
  const last = job.fittings.findLast(
    (each) => each.end === end && each.part === part && canBeSlip(job, each),
  );
  return last ? (
    <Section label={says.fittedNow}>
      <Words>{lifeSays(last, null)}</Words>
      <NeverFitted job={job} fitted={last} />
    </Section>
  ) : null;
}

/** A part that was written down as fitted at this visit is taken back where it never was on: asked for twice, with what falls by it. */
export function NeverFitted({ job, fitted }: { job: Job; fitted: Fitted }) {
  const [asked, setAsked] = useState(false);
  const { take, refused } = useTake<'taken-back'>(job);
  if (!canBeSlip(job, fitted)) return null;
  return (
    <>
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      {asked ? <Note kind="caution">{says.whatFalls}</Note> : null}
      <Button
        kind="quiet"
        says={asked ? says.takeItBack : says.notFittedHere}
        of={fitted.description}
        onPress={() => (asked ? take({ kind: 'taken-back', of: fitted.id }, null) : setAsked(true))}
      />
    </>
  );
}
