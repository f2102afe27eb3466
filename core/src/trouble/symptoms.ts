/** What a sign that something is wrong says by itself. */
export interface SymptomRule {
  /** Seen, it takes the bike off the road at once, whatever its cause: a leak, a sinking lever, wrong fluid, a loose rotor [P]. */
  forbids: boolean;
}

/** What a rider may complain of, as the trade sorts it. */
const RULES = {
  squeal: { forbids: false },
  howl: { forbids: false },
  scrape: { forbids: false },
  'constant-drag': { forbids: false },
  weak: { forbids: false },
  'fades-hot': { forbids: false },
  spongy: { forbids: false },
  'lever-to-bar': { forbids: false },
  'lever-changes': { forbids: false },
  'lever-sinks': { forbids: true },
  'slow-return': { forbids: false },
  pulsing: { forbids: false },
  knock: { forbids: false },
  'uneven-pads': { forbids: false },
  'oil-seen': { forbids: false },
  'one-sided': { forbids: false },
  'wet-noise': { forbids: false },
} as const satisfies Record<string, SymptomRule>;
export type Symptom = keyof typeof RULES;
export const SYMPTOMS = Object.keys(RULES) as Symptom[];
export const symptomRule = (symptom: Symptom): SymptomRule => RULES[symptom];
