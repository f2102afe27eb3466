import { z } from 'zod';

/** A client-made id: UUIDv7, so that a retried write is recognised and rows sort by time. */
export const Id = z.uuidv7();
export type Id = z.infer<typeof Id>;

/** An instant as ISO 8601 in UTC. */
export const Instant = z.iso.datetime();
/** A calendar day, `yyyy-mm-dd`. */
export const Day = z.iso.date();

/** Words somebody wrote: trimmed, not empty, no longer than `max` characters. */
export const words = (max: number) => z.string().trim().min(1).max(max);

/** Words that may be left out. */
export const wordsOrNone = (max: number) => z.string().trim().max(max).default('');

/** A length in mm, down to a micrometre. */
export const Mm = z.number().min(-100).max(10_000).multipleOf(0.001);
/** A torque in N·m. */
export const Nm = z.number().positive().max(500).multipleOf(0.001);
/** A volume in mL. */
export const Ml = z.number().positive().max(5000).multipleOf(0.01);

export const Tag = z.enum(['S', 'P', 'M', 'D']);
export const End = z.enum(['front', 'rear']);
export const Part = z.enum(['rotor', 'pads']);
export const Side = z.enum(['left', 'right']);
