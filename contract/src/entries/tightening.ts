import type { TighteningEntry } from '@hold-fast/core/job/tightening';
import { PLAUSIBLE_CROWFOOT } from '@hold-fast/core/torque/crowfoot';
import { THREAD_TREATMENTS } from '@hold-fast/core/torque/thread';
import { z } from 'zod';
import { End, Id, Mm, Nm, words, wordsOrNone } from '../fields';
import { Fastener } from '../sheets';
import { entry } from './entry';

/** {@link TighteningEntry} */
export const Tightening = z.strictObject({
  kind: z.literal('tightening'),
  ...entry,
  end: End,
  fastener: Fastener,
  wrenchId: Id,
  setNm: Nm,
  treatment: z.enum(THREAD_TREATMENTS),
  /** A window read off the part or the maker's sheet in hand, where the spec sheet has none. */
  asked: z
    .strictObject({
      loNm: Nm,
      hiNm: Nm,
      origin: z.enum(['stamped', 'sheet']),
      source: words(120),
      overSheet: wordsOrNone(200),
    })
    .refine(({ loNm, hiNm }) => loNm <= hiNm, 'window-upside-down')
    .nullable()
    .default(null),
  crowfoot: z
    .strictObject({
      leverMm: Mm.min(PLAUSIBLE_CROWFOOT.leverMm.least).max(PLAUSIBLE_CROWFOOT.leverMm.most),
      extensionMm: Mm.min(PLAUSIBLE_CROWFOOT.extensionMm.least).max(
        PLAUSIBLE_CROWFOOT.extensionMm.most,
      ),
      angleDegrees: z
        .number()
        .min(PLAUSIBLE_CROWFOOT.angleDegrees.least)
        .max(PLAUSIBLE_CROWFOOT.angleDegrees.most),
    })
    .nullable()
    .default(null),
}) satisfies z.ZodType<TighteningEntry>;
