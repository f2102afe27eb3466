import { MOST_WASHERS } from '@hold-fast/core/mount/radial';
import type { RadialEntry } from '@hold-fast/core/job/radial';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** {@link RadialEntry} */
export const Radial = z.strictObject({
  kind: z.literal('radial'),
  ...entry,
  end: End,
  eMm: z.number(),
  washersMm: z.array(z.number().positive().max(5)).max(2 * MOST_WASHERS),
}) satisfies z.ZodType<RadialEntry>;
