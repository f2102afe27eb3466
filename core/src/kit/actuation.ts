/** How a brake is pulled. */
export const ACTUATIONS = ['hydraulic', 'cable', 'cable-pulled-hydraulic'] as const;
export type Actuation = (typeof ACTUATIONS)[number];
