import type { MakerAnswerEntry } from '@hold-fast/core/job/makerAnswer';
import { z } from 'zod';
import { End, Id, words } from '../fields';
import { entry } from './entry';

/** {@link MakerAnswerEntry} */
export const MakerAnswer = z.strictObject({
  kind: z.literal('maker-answer'),
  ...entry,
  end: End,
  deviationId: Id,
  allows: z.boolean(),
  words: words(500),
  photoId: Id.nullable(),
}) satisfies z.ZodType<MakerAnswerEntry>;
