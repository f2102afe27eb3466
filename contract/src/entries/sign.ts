import type { CauseEntry, SignEntry } from '@hold-fast/core/job/sign';
import { CAUSE_IDS } from '@hold-fast/core/trouble/causes';
import { TOLD_SIGNS } from '@hold-fast/core/trouble/signs';
import { z } from 'zod';
import { End } from '../fields';
import { entry } from './entry';

/** {@link SignEntry} */
export const Sign = z.strictObject({
  kind: z.literal('sign'),
  ...entry,
  end: End,
  sign: z.enum(TOLD_SIGNS),
  seen: z.boolean(),
}) satisfies z.ZodType<SignEntry>;

/** {@link CauseEntry} */
export const Cause = z.strictObject({
  kind: z.literal('cause'),
  ...entry,
  end: End,
  cause: z.enum(CAUSE_IDS),
}) satisfies z.ZodType<CauseEntry>;
