import { CABLE_PULLS } from '@hold-fast/core/cable/cable';
import type { ReckonedEntry } from '@hold-fast/core/job/reckoned';
import { PAIR_MEASURES } from '@hold-fast/core/lever/pair';
import { MOUNTS } from '@hold-fast/core/mount/fit';
import { z } from 'zod';
import { End, Mm, wordsOrNone } from '../fields';
import { entry } from './entry';

const Degrees = z.number().min(-360).max(360);
const Way = z.strictObject({ x: Mm, y: Mm, towardDeg: Degrees });
const Hold = z.enum(['six-bolt', 'lockring']);
const Hand = z.partialRecord(z.enum(PAIR_MEASURES), z.number().min(-1000).max(1000));
const Pull = z.enum(CABLE_PULLS).nullable();

const Runs = z
  .array(z.strictObject({ fromKmh: z.number(), distanceM: z.number(), locked: z.boolean() }))
  .max(20);

/** {@link ReckonedEntry} */
export const Reckoned = z.strictObject({
  kind: z.literal('reckoned'),
  ...entry,
  end: End,
  what: z.discriminatedUnion('of', [
    z.strictObject({
      of: z.literal('fit'),
      mount: z.enum(MOUNTS),
      nativeMm: Mm,
      smallestMm: Mm.nullable(),
      largestMm: Mm.nullable(),
      caliper: z.strictObject({
        face: z.enum(['post', 'flat']),
        pistons: z.int().positive().max(8),
      }),
      hub: Hold,
      rotor: z.strictObject({
        sizeMm: Mm,
        hold: Hold,
        construction: z.enum(['one-piece', 'two-piece']),
      }),
    }),
    z.strictObject({
      of: z.literal('hose'),
      run: z.strictObject({
        guide: Way,
        port: Way,
        heightMm: Mm,
        bendMm: Mm,
        swingDeg: Degrees,
        growthMm: Mm,
      }),
      presentMm: Mm,
      then: z.enum(['cut', 'keep']),
    }),
    z.strictObject({
      of: z.literal('levers'),
      left: Hand,
      right: Hand,
      biased: z.array(z.enum(PAIR_MEASURES)).max(PAIR_MEASURES.length),
      why: wordsOrNone(200),
    }),
    z.strictObject({
      of: z.literal('stops'),
      before: Runs,
      after: Runs,
      brakes: z.enum(['one', 'both']),
    }),
    z.strictObject({
      of: z.literal('cable'),
      leverPull: Pull,
      caliperPull: Pull,
      fixedGapMm: Mm.nullable(),
      armMm: Mm.nullable(),
    }),
  ]),
}) satisfies z.ZodType<ReckonedEntry>;
