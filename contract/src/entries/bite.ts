import type { BiteEntry } from '@hold-fast/core/job/bite';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** {@link BiteEntry} */
export const Bite = z.strictObject({
  kind: z.literal('bite'),
  ...entry,
  end: End,
  rose: z.boolean(),
}) satisfies z.ZodType<BiteEntry>;
