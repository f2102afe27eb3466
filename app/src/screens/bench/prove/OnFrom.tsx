import type { Job } from '@hold-fast/core/job/job';
import { router } from 'expo-router';
import { Button, Buttons } from '../../../ui/Button';

/** The way on from something recorded for a step: the plan where there is one, else the job. */
export function OnFrom({ job, says, disabled }: { job: Job; says?: string; disabled?: boolean }) {
  const planned = job.planned.length > 0;
  return (
    <Buttons>
      <Button kind="plain" says="Job" onPress={() => router.navigate(`/bench/${job.id}`)} />
      <Button
        grow
        says={says ?? (planned ? 'On with the plan' : 'Back to the job')}
        disabled={disabled ?? false}
        onPress={() => router.navigate(`/bench/${job.id}${planned ? '/step' : ''}` as '/bench')}
      />
    </Buttons>
  );
}
