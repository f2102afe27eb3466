/** What is not as the maker meant it, and stays so unless somebody decides. */
export const DEVIATIONS = [
  'mount-by-make',
  'modified-part',
  /** Seized, rounded, stripped: nothing is forced. */
  'will-not-go',
  'customer-refusal',
  'other',
] as const;
export type Deviation = (typeof DEVIATIONS)[number];

/** What can be done about it. Each has its risk in words, and is somebody's choice. */
export const CHOICES = [
  'heat',
  'extractor',
  'insert',
  'warranty-part',
  'modified-adapter',
  'ask-maker',
  'leave-as-found',
  'not-ridden',
] as const;
export type DeviationChoice = (typeof CHOICES)[number];

/** The choices that are offered for each; modified structural parts are not left as found [D]. */
const OFFERED: Readonly<Record<Deviation, readonly DeviationChoice[]>> = {
  'mount-by-make': ['warranty-part', 'modified-adapter', 'ask-maker', 'not-ridden'],
  'modified-part': ['warranty-part', 'ask-maker', 'not-ridden'],
  'will-not-go': ['heat', 'extractor', 'insert', 'ask-maker', 'not-ridden'],
  'customer-refusal': ['leave-as-found', 'not-ridden'],
  other: ['warranty-part', 'modified-adapter', 'ask-maker', 'leave-as-found', 'not-ridden'],
};

export function choicesFor(deviation: Deviation): readonly DeviationChoice[] {
  return OFFERED[deviation];
}

export const DECIDERS = ['customer', 'lead', 'maker'] as const;
export type Decider = (typeof DECIDERS)[number];
