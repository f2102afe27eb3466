/** What a trace begins from: where a fault came from, by the name it has in the shop. */
export const TRACED = [
  'lot',
  'container',
  'wrench',
  'gauge',
  'batch',
  'mechanic',
  'sheet',
] as const;
export type Traced = (typeof TRACED)[number];
