import type { Work } from '../inspection/work';
import type { ForWhich } from '../kit/traits';
import type { Sign } from './signs';

/** How often a sign shows with a cause, in words and as a likelihood; our choice [D]. */
export const OFTEN = { never: 0.02, seldom: 0.1, sometimes: 0.3, often: 0.6, always: 0.9 } as const;
export type HowOften = keyof typeof OFTEN;

interface CauseRule {
  /** How often it is behind a complaint, against the others: a weight, above 0 [D]. */
  weight: number;
  /** Signs that show with it otherwise than {@link UNLESS_SAID} [D]. */
  shows: Readonly<Partial<Record<Sign, HowOften>>>;
  /** What cures it; none where nothing is done, or it is asked of the maker. */
  cure: readonly Work[];
  /** Kinds of brake that can have it. */
  on: ForWhich;
  /** It takes the bike off the road. */
  forbids: boolean;
}

/** How often a sign shows with a cause whose row says nothing of it [D]. */
export const UNLESS_SAID: HowOften = 'never';

/**
 * What can be behind a complaint: typical signs, the check that separates it and its cure are common practice [P]; how often each
 * shows is our choice [D], and the shop's own outcomes move it.
 */
export const CAUSES = {
  'not-bedded': {
    weight: 8,
    shows: {
      squeal: 'often',
      weak: 'often',
      'track-patchy': 'always',
      'parts-new': 'often',
      'wet-noise': 'sometimes',
    },
    cure: ['clean-and-bed-in'],
    on: 'every-brake',
    forbids: false,
  },
  contaminated: {
    weight: 10,
    shows: {
      squeal: 'often',
      weak: 'often',
      'oil-on-wipe': 'always',
      howl: 'sometimes',
      'wet-noise': 'sometimes',
      'track-patchy': 'sometimes',
      'pads-shiny': 'sometimes',
      'oil-seen': 'sometimes',
    },
    cure: ['decontaminate'],
    on: 'every-brake',
    forbids: false,
  },
  leak: {
    weight: 3,
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    shows: {
      'oil-seen': 'often',
      'wet-joint': 'always',
      'lever-sinks': 'often',
      spongy: 'sometimes',
      'lever-to-bar': 'sometimes',
      'soft-after-bite': 'often',
      'oil-on-wipe': 'sometimes',
      weak: 'sometimes',
      squeal: 'seldom',
    },
    // By where it leaks: what was found says it.
    cure: [],
    forbids: true,
  },
  glazed: {
    weight: 6,
    shows: {
      squeal: 'often',
      weak: 'often',
      'pads-shiny': 'always',
      'fades-hot': 'sometimes',
      howl: 'seldom',
    },
    cure: ['clean-and-bed-in'],
    on: 'every-brake',
    forbids: false,
  },
  air: {
    weight: 9,
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    forbids: false,
    shows: {
      spongy: 'always',
      'lever-changes': 'often',
      'lever-to-bar': 'sometimes',
      'soft-after-bite': 'always',
      weak: 'sometimes',
    },
    cure: ['full-bleed'],
  },
  'worn-pads': {
    weight: 9,
    shows: {
      'lever-to-bar': 'often',
      'pads-thin': 'always',
      scrape: 'sometimes',
      weak: 'sometimes',
      squeal: 'seldom',
    },
    cure: ['replace-pads'],
    on: 'every-brake',
    forbids: false,
  },
  'not-reset': {
    weight: 4,
    shows: {
      'constant-drag': 'always',
      'gaps-closed': 'always',
      'parts-new': 'always',
      squeal: 'seldom',
    },
    cure: ['reset-pads'],
    on: 'every-brake',
    forbids: false,
  },
  'sticking-piston': {
    weight: 7,
    shows: {
      'one-sided': 'often',
      'uneven-pads': 'often',
      'piston-lags': 'always',
      'constant-drag': 'sometimes',
      scrape: 'sometimes',
      'gaps-unequal': 'often',
      'slow-return': 'sometimes',
    },
    cure: ['service-pistons'],
    on: 'every-brake',
    forbids: false,
  },
  'off-centre': {
    weight: 8,
    shows: {
      'constant-drag': 'often',
      scrape: 'sometimes',
      'gaps-unequal': 'always',
      squeal: 'seldom',
      'one-sided': 'seldom',
    },
    cure: ['centre-caliper'],
    on: 'every-brake',
    forbids: false,
  },
  skewed: {
    weight: 4,
    shows: {
      'uneven-pads': 'often',
      'constant-drag': 'sometimes',
      scrape: 'sometimes',
      squeal: 'sometimes',
      'gaps-unequal': 'often',
      'caliper-rocks': 'always',
    },
    cure: ['dress-mount'],
    on: 'every-brake',
    forbids: false,
  },
  'bent-rotor': {
    weight: 7,
    shows: { scrape: 'always', pulsing: 'sometimes', runout: 'always', 'tilted-runout': 'seldom' },
    cure: ['true-rotor'],
    on: 'every-brake',
    forbids: false,
  },
  'rotor-on-dirt': {
    weight: 3,
    shows: {
      scrape: 'often',
      pulsing: 'seldom',
      runout: 'often',
      'tilted-runout': 'always',
      'parts-new': 'sometimes',
    },
    cure: ['refit-rotor'],
    on: 'every-brake',
    forbids: false,
  },
  'loose-rotor': {
    weight: 2,
    shows: { knock: 'always', 'rotor-loose': 'always', pulsing: 'seldom' },
    cure: ['tighten-bolts'],
    on: 'every-brake',
    forbids: true,
  },
  'pads-with-play': {
    weight: 4,
    shows: { knock: 'often', 'pad-plays': 'always' },
    cure: [],
    on: 'every-brake',
    forbids: false,
  },
  'thickness-variation': {
    weight: 4,
    shows: {
      pulsing: 'always',
      'thickness-varies': 'always',
      'track-patchy': 'sometimes',
      howl: 'seldom',
    },
    cure: ['strip-track'],
    on: 'every-brake',
    forbids: false,
  },
  grit: {
    weight: 4,
    shows: {
      scrape: 'often',
      'constant-drag': 'sometimes',
      'grit-seen': 'always',
      squeal: 'seldom',
      'wet-noise': 'seldom',
    },
    cure: ['clean-caliper'],
    on: 'every-brake',
    forbids: false,
  },
  resonance: {
    weight: 2,
    shows: { howl: 'always', squeal: 'seldom', 'fades-hot': 'never' },
    cure: ['replace-pads'],
    on: 'every-brake',
    forbids: false,
  },
  overheated: {
    weight: 3,
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    forbids: false,
    shows: {
      'fades-hot': 'always',
      'lever-to-bar': 'sometimes',
      spongy: 'sometimes',
      'fluid-old': 'often',
      'pads-shiny': 'sometimes',
    },
    cure: ['full-bleed'],
  },
  'wrong-fluid': {
    weight: 1,
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    shows: {
      'slow-return': 'often',
      'fluid-odd': 'always',
      'constant-drag': 'sometimes',
      'lever-sinks': 'seldom',
      'piston-lags': 'sometimes',
    },
    cure: ['reseal-caliper', 'reseal-lever'],
    forbids: true,
  },
  'lever-set-up': {
    weight: 4,
    shows: { weak: 'often', 'lever-set-wrong': 'always', 'lever-to-bar': 'seldom' },
    cure: [],
    on: 'every-brake',
    forbids: false,
  },
  cable: {
    weight: 3,
    on: ['cable', 'cable-pulled-hydraulic'],
    forbids: false,
    shows: {
      'inner-rough': 'always',
      'slow-return': 'often',
      'lever-to-bar': 'often',
      weak: 'sometimes',
    },
    cure: ['replace-cable'],
  },
  'loose-bolts': {
    weight: 3,
    shows: {
      knock: 'often',
      'bolt-moves': 'always',
      scrape: 'seldom',
      'constant-drag': 'seldom',
      'gaps-unequal': 'sometimes',
    },
    cure: ['tighten-bolts'],
    on: 'every-brake',
    forbids: true,
  },
  /** Something else than all of these: it shows with anything, and with nothing in particular. */
  none: {
    weight: 5,
    shows: {},
    cure: [],
    on: 'every-brake',
    forbids: false,
  },
} as const satisfies Record<string, CauseRule>;

export type Cause = keyof typeof CAUSES;
export const CAUSE_IDS = Object.keys(CAUSES) as Cause[];
export const causeRule = (cause: Cause): CauseRule => CAUSES[cause];
