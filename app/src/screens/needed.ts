import { z } from 'zod';

/** Words that must be there; `empty` is said where they are not. */
export const needed = (empty: string, field: z.ZodType<string, string> = z.string().trim()) =>
  z
    .string()
    .refine((text) => text.trim() !== '', { error: empty, abort: true })
    .pipe(field);
