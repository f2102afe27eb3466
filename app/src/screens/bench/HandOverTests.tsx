import { ENDS } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { workedAt } from '@hold-fast/core/job/visit';
import { Section } from '../../ui/Page';
import { capital } from '../../words/capital';
import { jobWords } from '../../words/job';
import { words } from '../../words/words';
import { TestChoice } from './TestChoice';

/** What is tried by hand before a bike is handed over, each a yes or a no. */
export function HandOverTests({ job }: { job: Job }) {
  return (
    <Section label={jobWords.signOff.handOverTests}>
      <TestChoice job={job} test="lever-side" end={null} says={leverSays(job)} />
      <TestChoice
        job={job}
        test="lever-feel"
        end="front"
        says={jobWords.signOff.frontLeverFirmHolds60}
      />
      <TestChoice
        job={job}
        test="lever-feel"
        end="rear"
        says={jobWords.signOff.rearLeverFirmHolds60}
      />
      {ENDS.filter((end) => workedAt(job, end).length > 0).map((end) => (
        <TestChoice
          key={end}
          job={job}
          test="stand"
          end={end}
          says={jobWords.signOff.onTheStandTurnsFree(capital(words.end[end]))}
        />
      ))}
      {(job.bike.motor ? ENDS : []).map((end) => (
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
