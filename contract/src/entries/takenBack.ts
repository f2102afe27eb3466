import type { TakenBackEntry } from '@hold-fast/core/job/takenBack';
import { z } from 'zod';
import { Id } from '../fields';
import { entry } from './entry';

/** {@link TakenBackEntry} */
export const TakenBack = z.strictObject({
  kind: z.literal('taken-back'),
  ...entry,
  of: Id,
}) satisfies z.ZodType<TakenBackEntry>;
