import { WORKS } from '@hold-fast/core/inspection/work';
import type { RepairEntry } from '@hold-fast/core/job/repair';
import { z } from 'zod';
import { End, words } from '../fields';
import { entry } from './entry';

/** {@link RepairEntry} */
export const Repair = z.strictObject({
  kind: z.literal('repair'),
  ...entry,
  end: End,
  work: z.enum(WORKS),
  words: words(300),
}) satisfies z.ZodType<RepairEntry>;
