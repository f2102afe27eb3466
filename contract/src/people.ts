import { z } from 'zod';
import { Id, words } from './fields';

export const ROLES = ['owner', 'lead', 'mechanic', 'counter'] as const;
export const Role = z.enum(ROLES);
export type Role = z.infer<typeof Role>;

export const Person = z.object({
  id: Id,
  name: words(80),
  role: Role,
  /** Somebody else looks at their work. */ apprentice: z.boolean(),
});
export type Person = z.infer<typeof Person>;

export const SignIn = z.strictObject({ name: words(80), passphrase: z.string().min(1).max(200) });
export type SignIn = z.infer<typeof SignIn>;

export const Pin = z.string().regex(/^\d{4,8}$/);

/** Roles that may accept what was not proven. */
export const LEADS: readonly Role[] = ['owner', 'lead'];

/** Customers' phone numbers are for those who ring them [D]. */
export const RINGS: readonly Role[] = ['owner', 'lead', 'counter'];

/** Wrong tries at somebody's PIN from the session of another. */
export interface PinTries {
  by: string;
  tries: number;
  /** The latest of them. */
  at: string;
}
