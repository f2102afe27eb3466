import type { ClampGapsEntry } from '@hold-fast/core/job/clampGaps';
import { z } from 'zod';
import { Id, Mm } from '../fields';
import { entry } from './entry';

/** {@link ClampGapsEntry} */
export const ClampGaps = z.strictObject({
  kind: z.literal('clamp-gaps'),
  ...entry,
  tighteningId: Id,
  oneMm: Mm.min(0).max(20),
  otherMm: Mm.min(0).max(20),
}) satisfies z.ZodType<ClampGapsEntry>;
