import type { Job } from '@hold-fast/core/job/job';
import { router } from 'expo-router';
import { Button, Buttons } from '../../../ui/Button';
import { provingWords } from '../../../words/proving';
import { atJob } from '../../routes';

/** The way on from something recorded for a step: the plan where there is one, else the job. */
export function OnFrom({ job, says, disabled }: { job: Job; says?: string; disabled?: boolean }) {
  const planned = job.planned.length > 0;
  return (
    <Buttons>
      {planned ? (
        <Button
          kind="plain"
          says={provingWords.onFrom.job}
          onPress={() => router.navigate(atJob(job.id))}
        />
      ) : null}
      <Button
        grow
        says={
          says ?? (planned ? provingWords.onFrom.onWithThePlan : provingWords.onFrom.backToTheJob)
        }
        disabled={disabled ?? false}
        onPress={() => router.navigate(atJob(job.id, planned ? 'step' : undefined))}
      />
    </Buttons>
  );
}
