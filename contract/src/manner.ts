import { z } from 'zod';

/** Languages that the words of the app are written out in. */
export const LANGUAGES = ['en', 'de'] as const;
export type Language = (typeof LANGUAGES)[number];

/** What quantities may be said in. They are kept in the first of each. */
export const UNITS = {
  length: ['mm', 'in'],
  torque: ['N·m', 'lbf·in'],
  distance: ['km', 'mi'],
  temperature: ['°C', '°F'],
} as const;

/** Money by its letters, ISO 4217 [S]. */
const CURRENCIES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));

/** How things are said: in which language, and quantities in which units. */
export const Manner = z.strictObject({
  language: z.enum(LANGUAGES),
  length: z.enum(UNITS.length),
  torque: z.enum(UNITS.torque),
  distance: z.enum(UNITS.distance),
  temperature: z.enum(UNITS.temperature),
});
export type Manner = z.infer<typeof Manner>;

export const Currency = z.string().refine((letters) => CURRENCIES.has(letters), 'no-currency');

/** The shop's manner until its owner lays down another. */
export const USUAL_MANNER: Manner = {
  language: 'en',
  length: 'mm',
  torque: 'N·m',
  distance: 'km',
  temperature: '°C',
};

/** What the shop chose, and what the person signed in chose otherwise. */
export interface MannerInForce {
  manner: Manner;
  currency: string;
}

/** A person's own choice; null where they go with the shop. */
export const OwnManner = z.strictObject({ manner: Manner.nullable() });
export type OwnManner = z.infer<typeof OwnManner>;
