import type { End, Part } from '@hold-fast/core/ends';
import type { Fitted, Job } from '@hold-fast/core/job/job';
import { canBeSlip } from '@hold-fast/core/job/takenBack';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { lifeSays } from '../../lifeSays';
import { TakeBack } from '../TakeBack';

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

/** The way back of a part that was written down as fitted at this visit and never was on. */
export function NeverFitted({ job, fitted }: { job: Job; fitted: Fitted }) {
  const { id, description } = fitted;
  return canBeSlip(job, fitted) ? (
    <TakeBack
      // Of another part it is asked anew.
      key={id}
      job={job}
      of={{ id, named: description }}
      says={says.notFittedHere}
      means={says.whatFalls}
    />
  ) : null;
}
