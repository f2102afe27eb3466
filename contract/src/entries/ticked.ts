import type { TickedEntry } from '@hold-fast/core/job/ticked';
import { CHECKS } from '@hold-fast/core/procedure/checks';
import { TICKS } from '@hold-fast/core/procedure/finalCheck';
import { z } from 'zod';
import { End, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link TickedEntry} */
export const Ticked = z.strictObject({
  kind: z.literal('ticked'),
  ...entry,
  end: End,
  check: z.enum(CHECKS),
  outcome: z.enum(TICKS),
  words: wordsOrNone(200),
}) satisfies z.ZodType<TickedEntry>;
