import type { FillEntry } from '@hold-fast/core/job/fill';
import { z } from 'zod';
import { End, Id, Ml, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link FillEntry} */
export const Fill = z.strictObject({
  kind: z.literal('fill'),
  ...entry,
  end: End,
  containerId: Id,
  ml: Ml,
  colour: wordsOrNone(40),
}) satisfies z.ZodType<FillEntry>;
