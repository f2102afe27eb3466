import { TESTS, type TestEntry } from '@hold-fast/core/job/finalTest';
import { z } from 'zod';
import { End, wordsOrNone } from '../fields';
import { entry } from './entry';

/** {@link TestEntry} */
export const Test = z.strictObject({
  kind: z.literal('test'),
  ...entry,
  test: z.enum(TESTS),
  end: End.nullable(),
  outcome: z.enum(['passed', 'failed']),
  words: wordsOrNone(200),
}) satisfies z.ZodType<TestEntry>;
