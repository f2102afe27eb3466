import { CAME_ALONG } from '@hold-fast/core/job/job';
import { SYMPTOMS } from '@hold-fast/core/trouble/symptoms';
import { z } from 'zod';
import { Bike, Customer } from './bikes';
import { Id, Instant, Side, words, wordsOrNone } from './fields';

const visit = {
  complaint: words(500),
  symptoms: z.array(z.enum(SYMPTOMS)).max(SYMPTOMS.length),
  /** Which lever works the front brake, as the rider confirmed; null while nobody asked. */
  frontLever: Side.nullable(),
  odometerKm: z.int().min(0).max(1_000_000).nullable(),
  promisedAt: Instant,
  /** Bench time set aside, minutes. */
  minutes: z.int().min(5).max(960).nullable(),
  cameAlong: z.array(z.enum(CAME_ALONG)).max(CAME_ALONG.length),
  damage: wordsOrNone(500),
  ringAboveCents: z.int().min(0).max(10_000_000).nullable(),
  mayRide: z.boolean().nullable(),
  oldPartsBack: z.boolean().nullable(),
  /** An earlier visit of the same bike that it comes back from. */
  comebackOf: Id.nullable(),
};

/** A bike taken in. A new customer or bike is made with the job; one that exists is named by its id. */
export const CheckIn = z.strictObject({
  id: Id,
  customer: z.union([Id, Customer]),
  bike: z.union([Id, Bike]),
  ...visit,
});
export type CheckIn = z.infer<typeof CheckIn>;

/** What can be changed on a job after check-in; `version` is the one the change was made from. */
export const JobEdit = z.strictObject({ id: Id, version: z.int().min(1), ...visit });
export type JobEdit = z.infer<typeof JobEdit>;
