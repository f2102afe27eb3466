import type { PlanStepEntry } from '@hold-fast/core/job/planStep';
import { STEP_IDS } from '@hold-fast/core/procedure/steps';
import { z } from 'zod';
import { End, Id, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link PlanStepEntry} */
export const PlanStep = z.strictObject({
  kind: z.literal('plan-step'),
  ...entry,
  step: z.enum(['wash-hands', ...STEP_IDS]),
  /** Null for what belongs to the whole bike. */
  end: End.nullable(),
  outcome: z.enum(['done', 'skipped', 'taken-back']),
  reason: wordsOrNone(200),
  /** The step before it as whoever did it saw; null for the first. Two phones cannot do the same step twice. */
  after: Id.nullable(),
}) satisfies z.ZodType<PlanStepEntry>;
