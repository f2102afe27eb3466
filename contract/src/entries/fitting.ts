import type { FittingEntry } from '@hold-fast/core/job/fitting';
import { COMPOUNDS, REBEDDINGS } from '@hold-fast/core/kit/compound';
import { CONDITIONS_FITTED } from '@hold-fast/core/kit/kit';
import { ROTOR_DAMAGE } from '@hold-fast/core/wear/rotor';
import { z } from 'zod';
import { End, Id, Mm, Part, words } from '../fields';
import { StampedLimit } from './stampedLimit';
import { entry } from './entry';

/** {@link FittingEntry} */
export const Fitting = z.strictObject({
  kind: z.literal('fitting'),
  ...entry,
  end: End,
  part: Part,
  description: words(120),
  condition: z.enum(CONDITIONS_FITTED).default('new'),
  compound: z.enum(COMPOUNDS).nullable().default(null),
  organicOnly: z.boolean().default(false),
  construction: z.enum(['one-piece', 'two-piece']).nullable().default(null),
  newMm: Mm.min(0.5).max(8).nullable().default(null),
  stampedLimit: StampedLimit.default(null),
  stampAgainMm: Mm.min(1).max(3).nullable().default(null),
  cameOffFor: z
    .enum([...ROTOR_DAMAGE, 'worn', 'changed'])
    .nullable()
    .default(null),
  rebedding: z.enum(REBEDDINGS).nullable().default(null),
  usedPartId: Id.nullable().default(null),
}) satisfies z.ZodType<FittingEntry>;
