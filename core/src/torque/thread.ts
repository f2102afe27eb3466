/** What went on a thread. It is recorded because it changes the clamp load; by default never two on one thread [D]. */
export const THREAD_TREATMENTS = [
  'new-coated',
  'medium-threadlocker',
  'anti-seize',
  'grease',
  'carbon-paste',
  'dry',
  /** Black steel as it comes, without oil: it grips, and what is then put on it lets go. */
  'black-dry',
] as const;
export type ThreadTreatment = (typeof THREAD_TREATMENTS)[number];
