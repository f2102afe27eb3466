import { ROTOR_LIMITS_MM } from '@hold-fast/core/sheet/sheetFault';
import { z } from 'zod';
import { Mm } from '../fields';

/** A limit read off the part itself. */
export const StampedLimit = z
  .strictObject({
    limitMm: Mm.min(ROTOR_LIMITS_MM.least).max(ROTOR_LIMITS_MM.most),
    atLimitIsWorn: z.boolean().nullable(),
  })
  .nullable();
