import { endsOf, leversOf } from '@hold-fast/core/kit/brakes';
import type { Job } from '@hold-fast/core/job/job';
import { lastToTry } from '@hold-fast/core/job/handOver';
import { Section } from '../../../ui/Page';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { TestChoice } from './TestChoice';

/** What is tried by hand before a bike is handed over, each a yes or a no. */
export function HandOverTests({ job }: { job: Job }) {
  return (
    <Section label={jobWords.signOff.handOverTests}>
      <TestChoice job={job} test="lever-side" end={null} says={leverSays(job)} />
      {leversOf(job.bike).map((end) => (
        <TestChoice
          key={`lever-feel ${end}`}
          job={job}
          test="lever-feel"
          end={end}
          says={jobWords.signOff.leverFirmHolds60(capital(words.end[end]))}
        />
      ))}
      {endsOf(job.bike)
        .filter((end) => lastToTry(job, end) > 0)
        .map((end) => (
          <TestChoice
            key={end}
            job={job}
            test="stand"
            end={end}
            says={jobWords.signOff.onTheStandTurnsFree(capital(words.end[end]))}
          />
        ))}
      {(job.bike.motor ? leversOf(job.bike) : []).map((end) => (
        <TestChoice
          key={`cut-off ${end}`}
          job={job}
          test="cut-off"
          end={end}
          says={jobWords.signOff.eachLeverCutsTheMotor(capital(words.end[end]))}
        />
      ))}
    </Section>
  );
}

function leverSays(job: Job): string {
  return job.frontLever
    ? jobWords.signOff.riderConfirmsLeverWorksThe(words.side[job.frontLever])
    : jobWords.signOff.whichLeverWorksTheFront;
}
