import { SUBJECTS } from '@hold-fast/core/inspection/inspected';
import { DECISIONS } from '@hold-fast/core/evidence/decidable';
import { z } from 'zod';
import { End, Id, words } from './fields';
import { Pin } from './people';

/**
 * A decision on a verdict that bars the sign-off: a lead accepts "unproven", or the customer refuses to have a
 * "replace" replaced. Recorded with the reason or the customer's words, under the PIN of whoever answers for it.
 */
export const Decision = z.strictObject({
  id: Id,
  end: End,
  subject: z.enum(SUBJECTS),
  decision: z.enum(DECISIONS),
  words: words(300),
  personName: words(80),
  pin: Pin,
});
export type Decision = z.infer<typeof Decision>;

/**
 * A correction to a sealed record: it changes nothing in it and points at it. What it takes back of what was sealed as good is
 * not ridden until it is answered.
 */
export const Amendment = z.strictObject({
  id: Id,
  words: words(1000),
  takesBack: z.array(z.strictObject({ end: End, subject: z.enum(SUBJECTS) })).max(40),
  pin: Pin,
});
export type Amendment = z.infer<typeof Amendment>;

export const SignOff = z.strictObject({
  id: Id,
  pin: Pin,
  /** What is near its limit and the customer was told of, thing by thing: what came to be watched since was told to nobody. */
  toldOf: z.array(z.strictObject({ end: End, subject: z.enum(SUBJECTS) })).max(40),
  /** The job is closed and its bike leaves as it is, tagged with all that is open; null to sign it off. */
  notRepaired: z
    .strictObject({ words: words(300), takenBy: words(80) })
    .nullable()
    .default(null),
});
export type SignOff = z.infer<typeof SignOff>;
