import { z } from 'zod';
import { Id, words } from './fields';
import { PIN } from './pin';
import { ROLES } from './roles';

const OneOfRoles = z.enum(ROLES);

export const Person = z.object({
  id: Id,
  name: words(80),
  role: OneOfRoles,
  /** Somebody else looks at their work. */ apprentice: z.boolean(),
});
export type Person = z.infer<typeof Person>;

export const SignIn = z.strictObject({ name: words(80), passphrase: z.string().min(1).max(200) });
export type SignIn = z.infer<typeof SignIn>;

export const Pin = z.string().regex(PIN);

/** Long enough that nobody at the bench guesses it [D]. */
export const Passphrase = z.string().trim().min(10).max(200);
/** A PIN somebody chooses: no digit over and over, none in their row [D]. */
export const ChosenPin = Pin.refine((pin) => !isPlain(pin), 'pin-plain');

/** Whether the digits are all alike or each the next of the one before, up or down. */
function isPlain(pin: string): boolean {
  const steps = [...pin].slice(1).map((digit, i) => Number(digit) - Number(pin[i]));
  return steps.every((step) => step === steps[0]) && Math.abs(steps[0]!) <= 1;
}

const whoTheyAre = { name: words(80), role: OneOfRoles, apprentice: z.boolean() };

/** Somebody new of the shop. The passphrase is for their first sign-in: they choose their own, and their PIN, then. */
export const NewPerson = z.strictObject({ id: Id, ...whoTheyAre, passphrase: Passphrase });
export type NewPerson = z.infer<typeof NewPerson>;

export const PersonEdit = z.strictObject({
  version: z.int().positive(),
  ...whoTheyAre,
  /** Cannot sign in, and signs nothing. */ locked: z.boolean(),
});
export type PersonEdit = z.infer<typeof PersonEdit>;

/** A passphrase for one sign-in in place of one that was forgotten: the person chooses their own, and their PIN, then. */
export const NewStart = z.strictObject({ version: z.int().positive(), passphrase: Passphrase });
export type NewStart = z.infer<typeof NewStart>;

/** What somebody chooses for themselves; null leaves it as it is. */
export const OwnSecrets = z.strictObject({
  /** The one they signed in by. */ passphrase: z.string().min(1).max(200),
  newPassphrase: Passphrase.nullable(),
  newPin: ChosenPin.nullable(),
});
export type OwnSecrets = z.infer<typeof OwnSecrets>;

/** The session of somebody at a device. */
export interface SessionOfShop {
  /** Names it, and gives nobody its cookie. */
  id: string;
  since: string;
  device: (typeof DEVICES)[number];
  /** Where it was opened from. */
  address: string;
}
export const DEVICES = ['phone', 'computer', 'tablet'] as const;

/** What was done to somebody’s account, and who did it; the secrets themselves are written nowhere. */
export interface PersonChange {
  at: string;
  by: string;
  what: (typeof PERSON_CHANGES)[number];
  /** How they stood before, where that is what was changed. */
  was: Omit<PersonEdit, 'version'> | null;
}
export const PERSON_CHANGES = ['corrected', 'new-start', 'chosen'] as const;

/** Somebody of the shop, to whoever looks after them. */
export interface PersonOfShop extends Person {
  version: number;
  locked: boolean;
  /** Whether they have yet to choose their own passphrase and PIN. */
  choosing: boolean;
  sessions: SessionOfShop[];
  changes: PersonChange[];
}

/** Wrong tries at somebody's PIN from the session of another. */
export interface PinTries {
  by: string;
  tries: number;
  /** The latest of them. */
  at: string;
}
