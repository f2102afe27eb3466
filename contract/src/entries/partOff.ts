import type { PartOffEntry } from '@hold-fast/core/job/partOff';
import { GOES } from '@hold-fast/core/kit/usedPart';
import { z } from 'zod';
import { End, Part } from '../fields';
import { entry } from './entry';

/** {@link PartOffEntry} */
export const PartOff = z.strictObject({
  kind: z.literal('part-off'),
  ...entry,
  end: End,
  part: Part,
  goes: z.enum(GOES),
}) satisfies z.ZodType<PartOffEntry>;
