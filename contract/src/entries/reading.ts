import { placesOf } from '@hold-fast/core/measurand/measurands';
import { MEASURANDS } from '@hold-fast/core/measurand/measurand';
import type { ReadingEntry } from '@hold-fast/core/job/reading';
import { RUNOUT_POINTS } from '@hold-fast/core/runout/runout';
import { z } from 'zod';
import { Id, Mm, text, wordsOrNone } from '../fields';
import { entry } from './entry';

const PLACES = [...new Set(MEASURANDS.flatMap((part) => placesOf(part, RUNOUT_POINTS.most)))];

/** {@link ReadingEntry} */
export const Reading = z.strictObject({
  kind: z.literal('reading'),
  ...entry,
  measurementId: Id,
  place: z.enum(PLACES),
  valueMm: Mm,
  /** What was keyed, or what the gauge sent, to the letter. */
  typed: text(12),
  via: z.enum(['keys', 'feed']).default('keys'),
  replaces: Id.nullable(),
  words: wordsOrNone(200),
}) satisfies z.ZodType<ReadingEntry>;
