/** The calculators whose answer a step can rest on. */
export type ReckonedOf = 'fit' | 'hose' | 'levers' | 'cable' | 'stops';
