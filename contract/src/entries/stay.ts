import type { StayEntry } from '@hold-fast/core/job/stay';
import { z } from 'zod';
import { Day } from '../fields';
import { entry } from './entry';

/** {@link StayEntry} */
export const Stay = z
  .strictObject({
    kind: z.literal('stay'),
    ...entry,
    since: Day,
    out: z.boolean(),
    backBefore: Day.nullable(),
  })
  .refine(({ out, backBefore }) => out || backBefore === null, {
    path: ['backBefore'],
    message: 'unknown',
  }) satisfies z.ZodType<StayEntry>;
