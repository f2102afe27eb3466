/** Languages that the words of the app are written out in. */
export const LANGUAGES = ['en', 'de'] as const;

/** What quantities may be said in; they are kept, and read at the bench, in the first of each. */
export const UNITS = {
  length: ['mm', 'in'],
  torque: ['N·m', 'lbf·in'],
  distance: ['km', 'mi'],
  temperature: ['°C', '°F'],
} as const;

/** How things are said: in which language, and quantities in which units. It changes no judgement. */
export interface Manner {
  language: (typeof LANGUAGES)[number];
  length: (typeof UNITS.length)[number];
  torque: (typeof UNITS.torque)[number];
  distance: (typeof UNITS.distance)[number];
  temperature: (typeof UNITS.temperature)[number];
}

/** The shop's manner until its owner lays down another [D]. */
export const USUAL_MANNER: Manner = {
  language: 'en',
  length: 'mm',
  torque: 'N·m',
  distance: 'km',
  temperature: '°C',
};

/** The shop's money until its owner lays down another, by the letters of ISO 4217 [D]. */
export const USUAL_CURRENCY = 'EUR';
