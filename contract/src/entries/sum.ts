import { SUM_IDS, type SumEntry, type SumOf } from '@hold-fast/core/job/sum';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** A road by its points is the longest that is keyed. */
const LONGEST = 6000;
const MOST_FIELDS = 40;

/** {@link SumEntry} */
export const Sum = z.strictObject({
  kind: z.literal('sum'),
  ...entry,
  end: End,
  calculator: z.enum(SUM_IDS as [SumOf, ...SumOf[]]),
  keyed: z
    .record(z.string().regex(/^[a-zA-Z][a-zA-Z0-9-]{0,31}$/), z.string().max(LONGEST))
    .refine((keyed) => Object.keys(keyed).length <= MOST_FIELDS, 'too-many'),
}) satisfies z.ZodType<SumEntry>;
