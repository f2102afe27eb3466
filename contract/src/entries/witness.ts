import { WITNESS_RINGS } from '@hold-fast/core/bedding/pulls';
import type { WitnessEntry } from '@hold-fast/core/job/witness';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** {@link WitnessEntry} */
export const Witness = z.strictObject({
  kind: z.literal('witness'),
  ...entry,
  end: End,
  ring: z.enum(WITNESS_RINGS),
}) satisfies z.ZodType<WitnessEntry>;
