import type { Visit } from '@hold-fast/core/plan/visit';
import type { Job } from './jobs';

/** A job's plan and how far it has come, as core looks at it: the last choice stands. */
export function visitOf({ planned, stepped }: Pick<Job, 'planned' | 'stepped'>): Visit {
  const last = planned.at(-1);
  return {
    chosen: last ? { procedures: last.procedures, bleed: last.bleed } : null,
    steps: stepped.map(({ step, end, outcome }) => ({ step, end, outcome })),
  };
}
