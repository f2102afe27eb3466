import type { IdentificationEntry } from '@hold-fast/core/job/identification';
import { z } from 'zod';
import { End, Id, Mm } from '../fields';
import { StampedLimit } from './stampedLimit';
import { entry } from './entry';

/** {@link IdentificationEntry} */
export const Identification = z.strictObject({
  kind: z.literal('identification'),
  ...entry,
  end: End,
  sheetRevisionId: Id,
  stampedLimit: StampedLimit,
  stampAgainMm: Mm.min(1).max(3).nullable().default(null),
}) satisfies z.ZodType<IdentificationEntry>;
