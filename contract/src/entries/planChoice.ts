import type { PlanChoiceEntry } from '@hold-fast/core/job/planChoice';
import { FIRST_BLEEDS } from '@hold-fast/core/fluid/bleedMethods';
import { PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { z } from 'zod';
import { End, wordsOrNone } from '../fields';
import { entry } from './entry';

const Procedures = z.array(z.enum(PROCEDURE_IDS)).max(PROCEDURE_IDS.length);
const Bleed = z.enum(FIRST_BLEEDS);

/** {@link PlanChoiceEntry} */
export const PlanChoice = z.strictObject({
  kind: z.literal('plan-choice'),
  ...entry,
  procedures: z.strictObject({ front: Procedures, rear: Procedures, third: Procedures.optional() }),
  bleed: z.strictObject({ front: Bleed, rear: Bleed, third: Bleed.optional() }),
  /** Procedures to be done once more, after they were done on this visit. */
  again: z
    .array(z.strictObject({ end: End, procedure: z.enum(PROCEDURE_IDS) }))
    .max(60)
    .default([]),
  /** Whether the customer agreed to it, refused it, or is to be asked. */
  agreed: z.enum(['agreed', 'not-asked']),
  words: wordsOrNone(300),
}) satisfies z.ZodType<PlanChoiceEntry>;
