import { WAITS_FOR, type WaitsEntry } from '@hold-fast/core/job/waits';
import { z } from 'zod';
import { Day, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link WaitsEntry} */
export const Waits = z
  .strictObject({
    kind: z.literal('waits'),
    ...entry,
    for: z.enum(WAITS_FOR),
    asked: wordsOrNone(120),
    askAgainOn: Day.nullable(),
    away: z.boolean(),
  })
  .refine(({ for: what, asked }) => what === 'nothing' || asked !== '', {
    path: ['asked'],
    message: 'too_small',
  })
  .refine(({ for: what, askAgainOn }) => (what === 'nothing') === (askAgainOn === null), {
    path: ['askAgainOn'],
    message: 'not-a-date',
  }) satisfies z.ZodType<WaitsEntry>;
