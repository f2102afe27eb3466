import type { PassMarkEntry } from '@hold-fast/core/job/passMark';
import { PASSES } from '@hold-fast/core/torque/sequence';
import { z } from 'zod';
import { Id, Nm } from '../fields';
import { entry } from './entry';

/** {@link PassMarkEntry} */
export const PassMark = z.strictObject({
  kind: z.literal('pass-mark'),
  ...entry,
  tighteningId: Id,
  pass: z.enum(PASSES),
  bolt: z.int().min(1).max(24).nullable(),
  /** What a reading wrench showed. */
  measuredNm: Nm.nullable().default(null),
  via: z.enum(['keys', 'feed']).default('keys'),
}) satisfies z.ZodType<PassMarkEntry>;
