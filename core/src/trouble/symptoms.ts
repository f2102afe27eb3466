/** What a rider may complain of, as the trade sorts it. */
export const SYMPTOMS = [
  'squeal',
  'howl',
  'scrape',
  'constant-drag',
  'weak',
  'fades-hot',
  'spongy',
  'lever-to-bar',
  'lever-changes',
  'lever-sinks',
  'slow-return',
  'pulsing',
  'knock',
  'uneven-pads',
  'oil-seen',
  'one-sided',
  'wet-noise',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];
