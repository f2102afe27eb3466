import { CHOICES, choicesFor, DECIDERS, DEVIATIONS } from '@hold-fast/core/deviation/deviations';
import type { DeviationEntry } from '@hold-fast/core/job/deviation';
import { z } from 'zod';
import { End, words, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link DeviationEntry} */
export const Deviation = z
  .strictObject({
    kind: z.literal('deviation'),
    ...entry,
    end: End,
    deviation: z.enum(DEVIATIONS),
    words: words(300),
    measured: wordsOrNone(120),
    choice: z.enum(CHOICES),
    decidedBy: z.enum(DECIDERS),
    who: words(80),
    /** The risk was read out to whoever decided. */
    riskTold: z.literal(true),
  })
  .refine(({ deviation, choice }) => choicesFor(deviation).includes(choice), {
    path: ['choice'],
    message: 'not-offered',
  }) satisfies z.ZodType<DeviationEntry>;
