import { BLEED_METHODS } from '@hold-fast/core/fluid/bleedMethods';
import { BUBBLES } from '@hold-fast/core/fluid/bleedRun';
import type { BleedCycleEntry } from '@hold-fast/core/job/bleedCycle';
import { z } from 'zod';
import { End, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link BleedCycleEntry} */
export const BleedCycle = z.strictObject({
  kind: z.literal('bleed-cycle'),
  ...entry,
  end: End,
  method: z.enum(BLEED_METHODS),
  bubbles: z.enum(BUBBLES),
  colour: wordsOrNone(40),
  ml: z.number().min(0).max(500).multipleOf(0.1),
}) satisfies z.ZodType<BleedCycleEntry>;
