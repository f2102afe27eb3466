import type { SecondLookEntry } from '@hold-fast/core/job/secondLook';
import { z } from 'zod';
import { End, words } from '../fields';
import { entry } from './entry';

/** {@link SecondLookEntry} */
export const SecondLook = z.strictObject({
  kind: z.literal('second-look'),
  ...entry,
  end: End,
  words: words(300),
}) satisfies z.ZodType<SecondLookEntry>;
