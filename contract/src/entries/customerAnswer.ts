import type { CustomerAnswerEntry } from '@hold-fast/core/job/customerAnswer';
import { ANSWERS } from '@hold-fast/core/plan/quote';
import { PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { z } from 'zod';
import { End, words, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link CustomerAnswerEntry} */
export const CustomerAnswer = z.strictObject({
  kind: z.literal('customer-answer'),
  ...entry,
  answer: z.enum(ANSWERS),
  lines: z
    .array(z.strictObject({ end: End, procedure: z.enum(PROCEDURE_IDS) }))
    .min(1)
    .max(60),
  who: words(80),
  how: z.enum(['in-person', 'by-phone', 'in-writing']),
  words: wordsOrNone(300),
}) satisfies z.ZodType<CustomerAnswerEntry>;
