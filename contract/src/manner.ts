import { LANGUAGES, UNITS, type Manner as Said } from '@hold-fast/core/rules/manner';
import { z } from 'zod';

/** How things are said: the shop's choice, or a person's own. */
export const Manner = z.strictObject({
  language: z.enum(LANGUAGES),
  length: z.enum(UNITS.length),
  torque: z.enum(UNITS.torque),
  distance: z.enum(UNITS.distance),
  temperature: z.enum(UNITS.temperature),
}) satisfies z.ZodType<Said>;

/** Money by its three letters, ISO 4217 [S]. */
const CURRENCIES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));
export const Currency = z.string().refine((letters) => CURRENCIES.has(letters), 'no-currency');

/** How things are said to whoever is signed in, and in which money the shop counts. */
export interface MannerInForce {
  manner: Said;
  /** Whether it is the person's own choice and not the shop's. */
  own: boolean;
  currency: string;
}

/** A person's own choice; null where they go with the shop. */
export const OwnManner = z.strictObject({ manner: Manner.nullable() });
export type OwnManner = z.infer<typeof OwnManner>;
