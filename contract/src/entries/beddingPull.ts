import type { BeddingPullEntry } from '@hold-fast/core/job/beddingPull';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** {@link BeddingPullEntry} */
export const BeddingPull = z
  .strictObject({
    kind: z.literal('bedding-pull'),
    ...entry,
    end: End,
    fromKmh: z.number().min(5).max(60),
    toKmh: z.number().min(1).max(50),
  })
  .refine(({ fromKmh, toKmh }) => toKmh < fromKmh, {
    path: ['toKmh'],
    message: 'not-slower',
  }) satisfies z.ZodType<BeddingPullEntry>;
