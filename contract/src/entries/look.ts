import { LOOKS } from '@hold-fast/core/inspection/session';
import type { LookEntry } from '@hold-fast/core/job/look';
import { z } from 'zod';
import { Id } from '../fields';
import { entry } from './entry';

/** {@link LookEntry} */
export const Look = z.strictObject({
  kind: z.literal('look'),
  ...entry,
  measurementId: Id,
  subject: z.enum(LOOKS),
  seen: z.boolean(),
}) satisfies z.ZodType<LookEntry>;
