import { AREAS, FINDINGS, type Finding } from '@hold-fast/core/inspection/findings';
import type { LookOverEntry } from '@hold-fast/core/job/lookOver';
import { z } from 'zod';
import { End, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link LookOverEntry} */
export const LookOver = z.strictObject({
  kind: z.literal('look-over'),
  ...entry,
  end: End,
  area: z.enum(AREAS),
  found: z.array(z.enum(Object.keys(FINDINGS) as Finding[])).max(12),
  words: wordsOrNone(300),
  takesBack: z
    .array(z.enum(Object.keys(FINDINGS) as Finding[]))
    .max(12)
    .default([]),
}) satisfies z.ZodType<LookOverEntry>;
