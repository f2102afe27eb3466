import { FAMILIES } from '@hold-fast/core/fluid/families';
import type { WasteEntry } from '@hold-fast/core/job/waste';
import { z } from 'zod';
import { End, Ml } from '../fields';
import { entry } from './entry';

/** {@link WasteEntry} */
export const Waste = z.strictObject({
  kind: z.literal('waste'),
  ...entry,
  end: End,
  family: z.enum(FAMILIES),
  ml: Ml,
}) satisfies z.ZodType<WasteEntry>;
