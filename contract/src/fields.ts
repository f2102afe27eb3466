import { ENDS } from '@hold-fast/core/ends';
import { z } from 'zod';
import { YEARS } from './years';

/** A client-made id: UUIDv7, so that a retried write is recognised and rows sort by time. */
export const Id = z.uuidv7();
export type Id = z.infer<typeof Id>;

const inYears = (date: string) => {
  const year = Number(date.slice(0, 4));
  return year >= YEARS.from && year <= YEARS.to;
};
const OF_A_WORKSHOP = 'year-out-of-range';

/** An instant as ISO 8601 in UTC. */
export const Instant = z.iso.datetime({ abort: true }).refine(inYears, OF_A_WORKSHOP);
/** A calendar day, `yyyy-mm-dd`. */
export const Day = z.iso.date({ abort: true }).refine(inYears, OF_A_WORKSHOP);

/** Half of a letter that takes two (a lone surrogate), and control characters but for tab and new line: neither can be written. */
const UNWRITABLE = /[\p{Cs}\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F]/u;
const isWritable = (written: string) => !UNWRITABLE.test(written);
const WRITABLE = 'unwritable';

/** Text as it was keyed or sent, no longer than `max` characters. */
export const text = (max: number) => z.string().max(max).refine(isWritable, WRITABLE);

/** Words somebody wrote: trimmed, not empty, no longer than `max` characters. */
export const words = (max: number) =>
  z.string().trim().min(1).max(max).refine(isWritable, WRITABLE);

/** Words that may be left out. */
export const wordsOrNone = (max: number) =>
  z.string().trim().max(max).refine(isWritable, WRITABLE).default('');

/** Nought, or no smaller than a step: what is smaller than anything kept is a slip, and no measure. */
const noFiner = (step: number) => (value: number) => value === 0 || Math.abs(value) >= step;

/** A length in mm, down to a micrometre. */
export const Mm = z
  .number()
  .min(-100)
  .max(10_000)
  .multipleOf(0.001)
  .refine(noFiner(0.001), 'too-fine');
/** A torque in N·m. */
export const Nm = z.number().min(0.001).max(500).multipleOf(0.001);
/** A volume in mL. */
export const Ml = z.number().min(0.01).max(5000).multipleOf(0.01);

export const Tag = z.enum(['S', 'P', 'M', 'D']);
export const End = z.enum(ENDS);
export const Part = z.enum(['rotor', 'pads']);
export const Side = z.enum(['left', 'right']);
