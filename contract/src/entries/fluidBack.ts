import type { FluidBackEntry } from '@hold-fast/core/job/fluidBack';
import { z } from 'zod';
import { Id, Ml } from '../fields';
import { entry } from './entry';

/** {@link FluidBackEntry} */
export const FluidBack = z.strictObject({
  kind: z.literal('fluid-back'),
  ...entry,
  fillId: Id,
  ml: Ml,
}) satisfies z.ZodType<FluidBackEntry>;
