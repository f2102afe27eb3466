import { PLAUSIBLE_PULL } from '@hold-fast/core/bedding/pulls';
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
    fromKmh: z.number().min(PLAUSIBLE_PULL.fromKmh.least).max(PLAUSIBLE_PULL.fromKmh.most),
    toKmh: z.number().min(PLAUSIBLE_PULL.toKmh.least).max(PLAUSIBLE_PULL.toKmh.most),
  })
  .refine(({ fromKmh, toKmh }) => toKmh < fromKmh, {
    path: ['toKmh'],
    message: 'not-slower',
  }) satisfies z.ZodType<BeddingPullEntry>;
