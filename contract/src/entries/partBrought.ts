import type { PartBroughtEntry } from '@hold-fast/core/job/partBrought';
import { NEW_PARTS } from '@hold-fast/core/procedure/steps';
import { z } from 'zod';
import { End, words, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link PartBroughtEntry} */
export const PartBrought = z.strictObject({
  kind: z.literal('part-brought'),
  ...entry,
  end: End,
  part: z.enum(NEW_PARTS),
  pieces: z.int().min(1).max(24),
  from: words(120),
  fits: wordsOrNone(60),
  checked: wordsOrNone(160),
  batch: wordsOrNone(40).default(''),
}) satisfies z.ZodType<PartBroughtEntry>;
