import type { Job } from '@hold-fast/core/job/job';
import type { PlannedStep } from '@hold-fast/core/plan/planner';
import type { Visit } from '@hold-fast/core/plan/visit';
import { foreseePlan } from '../../../data/planner';
import { append, entryOf } from '../../../data/jobWrites';

/** What can be written of the step in hand: that it is done or left out, and that the one before it was not. */
export function useStep(job: Job, visit: Visit, together: readonly PlannedStep[]) {
  const record = (outcome: 'done' | 'skipped', reason = '') => {
    let stands = visit;
    let after = job.stepped.at(-1)?.id ?? null;
    for (const each of outcome === 'done' ? together : together.slice(0, 1)) {
      const ahead: Visit = {
        ...stands,
        steps: [...stands.steps, { step: each.step, end: each.end, outcome }],
      };
      if (outcome === 'done') foreseePlan(stands, ahead);
      const entry = entryOf<'plan-step'>({
        kind: 'plan-step',
        step: each.step,
        end: each.end,
        outcome,
        reason: outcome === 'skipped' ? reason.trim() : '',
        after,
      });
      append(job.id, entry);
      stands = ahead;
      after = entry.id;
    }
  };
  const before = visit.steps.at(-1) ?? null;
  const takeBack = () => {
    if (before)
      append(
        job.id,
        entryOf<'plan-step'>({
          kind: 'plan-step',
          step: before.step,
          end: before.end,
          outcome: 'taken-back',
          reason: '',
          after: job.stepped.at(-1)?.id ?? null,
        }),
      );
  };
  return { record, takeBack, before };
}
