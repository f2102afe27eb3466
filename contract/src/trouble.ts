import { CAUSE_IDS, OFTEN, type Cause, type HowOften } from '@hold-fast/core/trouble/causes';
import type { Counts } from '@hold-fast/core/trouble/engine';
import { PLAUSIBLE_WEIGHT, type TroubleLaid as Laid } from '@hold-fast/core/trouble/laid';
import { SIGNS } from '@hold-fast/core/trouble/signs';
import { z } from 'zod';

const CauseId = z.enum(CAUSE_IDS as [Cause, ...Cause[]]);
const SignId = z.enum(SIGNS);
const Often = z.enum(Object.keys(OFTEN) as [HowOften, ...HowOften[]]);
const weight = z.int().min(PLAUSIBLE_WEIGHT.least).max(PLAUSIBLE_WEIGHT.most);

/** {@link Laid} */
export const TroubleLaid = z.strictObject({
  weights: z.partialRecord(CauseId, weight),
  shows: z.partialRecord(CauseId, z.partialRecord(SignId, Often)),
  counting: z.int().min(0).max(100_000),
}) satisfies z.ZodType<Laid>;

/** The shop's own outcomes since they were begun anew so often. */
export interface TroubleCounts {
  counting: number;
  counts: Counts;
}
