import { BRAKE_TYPES, SHARED_LEVERS, THIRD_PLACES } from '@hold-fast/core/kit/bike';
import { SUBJECTS } from '@hold-fast/core/inspection/inspected';
import {
  PASSPORT_FORMAT,
  type Passport as PassportOfCore,
} from '@hold-fast/core/passport/passport';
import { z } from 'zod';
import { Bike } from './bikes';
import { End, Id, Instant, words } from './fields';

/** Visits and corrections that a passport may bring. */
const MOST_RECORDS = 200;
/** The largest record there is, letters. */
const LONGEST_RECORD = 400_000;

const Seal = z.string().regex(/^[0-9a-f]{64}$/);
const hangsOn = {
  end: End,
  subject: z.enum(SUBJECTS),
  found: z.array(z.string().max(60)).max(40),
};

/** A passport as it comes in: of whatever workshop, and believed by its seals alone. */
export const Passport = z.strictObject({
  format: z.literal(PASSPORT_FORMAT),
  writtenAt: Instant,
  // Seals are taken over what was written: one from before there was a third brake says nothing of it.
  bike: Bike.omit({ id: true, customerId: true, name: true }).extend({
    thirdBrake: z.enum(BRAKE_TYPES).optional(),
    thirdPlace: z.enum(THIRD_PLACES).optional(),
    sharedLever: z.enum(SHARED_LEVERS).optional(),
  }),
  doNotRide: z.array(z.strictObject(hangsOn)).max(40),
  againstAdvice: z.array(z.strictObject({ ...hangsOn, words: words(300) })).max(40),
  records: z
    .array(
      z.strictObject({
        number: z.int().positive(),
        prev: Seal.nullable(),
        seal: Seal,
        canonical: z.string().max(LONGEST_RECORD),
      }),
    )
    .max(MOST_RECORDS),
  seal: Seal,
}) satisfies z.ZodType<PassportOfCore>;

export const TakePassport = z.strictObject({ id: Id, passport: Passport });
export type TakePassport = z.infer<typeof TakePassport>;

/** A passport that was taken in at this shop. */
export interface PassportTaken {
  id: string;
  at: string;
  by: string;
  passport: PassportOfCore;
}
