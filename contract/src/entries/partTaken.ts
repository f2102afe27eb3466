import type { PartTakenEntry } from '@hold-fast/core/job/partTaken';
import { z } from 'zod';
import { End, Id, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link PartTakenEntry} */
export const PartTaken = z.strictObject({
  kind: z.literal('part-taken'),
  ...entry,
  end: End,
  stockId: Id,
  pieces: z.int().min(1).max(24),
  batch: wordsOrNone(40),
}) satisfies z.ZodType<PartTakenEntry>;
