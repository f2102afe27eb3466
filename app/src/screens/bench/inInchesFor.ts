import type { Job } from '@hold-fast/core/job/job';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import { inInches } from './findings';

/** A judgement's lengths in inches when the shop's rules show them, else null. */
export function inInchesFor(job: Job, judgement: Judgement | null): string | null {
  return judgement && job.rules.lengthUnit === 'in' ? inInches(judgement) : null;
}
