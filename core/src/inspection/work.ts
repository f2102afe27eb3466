import type { Actuation } from '../kit/actuation';
import type { Touch } from '../evidence/touch';
import type { Check } from '../procedure/checks';
import type { Hold } from '../procedure/hold';

interface WorkRule {
  /** What it touches, where it is recorded by its name and not step by step. */
  touches: readonly Touch[];
  /**
   * What is ticked by name after it besides every bolt, where it is told in words: what it opens is shut, what it takes off is on [P]. No
   * less than after the plan that does it.
   */
  ticks: readonly Check[];
  /** What it loosens or puts on, and what is proven to be tight afterwards. */
  loosens: readonly Hold[];
  /** What takes its place on a brake that has no such thing. */
  instead: Partial<Record<Actuation, string>>;
  /**
   * It has a proof or an answer of its own, so that nobody's word that it was done is enough: a bolt is tight by its torque, and
   * what a maker was asked is not yet put right; and of a rotor or pads that are put on it is asked what they are, as they are written down [D].
   */
  notByWords: boolean;
  /** The procedure that does it; null where a way to bleed does, or nothing at the bench can. */
  procedure: string | null;
}

/** What is looked at by name after the wheel was out [P]. */
const WHEEL_WAS_OUT = ['axle-seated', 'sensor-gap'] as const;
/** And after the pads were. */
const PADS_WERE_OUT = ['pad-pin-clip', 'pad-spring', ...WHEEL_WAS_OUT] as const;
/** After a bleed: both ends shut, pads and wheel back, the bar as it was turned for it [P]. */
const WAS_BLED = [
  'port-screw-o-ring',
  'nipple-shut-cap',
  'lever-hood',
  'bar-and-stem',
  ...PADS_WERE_OUT,
] as const;

/** Work an inspection recommends, in the order the trade would think of it; the plan is made from it. Common practice [P]. */
const RULES = {
  'replace-rotor': {
    touches: ['rotor', 'rotor-seat'],
    ticks: WHEEL_WAS_OUT,
    loosens: ['rotor', 'wheel'],
    instead: {},
    notByWords: true,
    procedure: 'change-rotor',
  },
  'refit-rotor': {
    touches: ['rotor-seat'],
    ticks: WHEEL_WAS_OUT,
    loosens: ['rotor', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'refit-rotor',
  },
  'true-rotor': {
    touches: ['rotor-true'],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: false,
    procedure: 'true-rotor',
  },
  'replace-pads': {
    touches: ['pads', 'pistons'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: true,
    procedure: 'change-pads',
  },
  decontaminate: {
    touches: ['pad-face', 'rotor-face'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'clean-pads-and-rotor',
  },
  'clean-and-bed-in': {
    touches: ['pad-face', 'rotor-face'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'clean-pads-and-rotor',
  },
  'strip-track': {
    touches: ['rotor-face'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'strip-track',
  },
  'fit-spring-or-clip': {
    touches: [],
    ticks: ['safety-clip', ...PADS_WERE_OUT],
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'change-pads',
  },
  'straighten-fins': {
    touches: [],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'straighten-fins',
  },
  'reset-pads': {
    touches: ['pistons'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'reset-pads',
  },
  'service-pistons': {
    touches: ['pistons'],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: { cable: 'set-up-cable' },
    notByWords: false,
    procedure: 'service-pistons',
  },
  'clean-caliper': {
    touches: [],
    ticks: PADS_WERE_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'clean-caliper',
  },
  'replace-caliper': {
    touches: [
      'caliper',
      'caliper-changed',
      'pads',
      'pistons',
      'joint',
      'opened-at-caliper',
      'opened-at-lever',
      'fluid',
    ],
    ticks: ['safety-clip', 'hose-joint-dry', 'cable-end-cap', ...WAS_BLED],
    loosens: ['caliper', 'mount', 'hose-at-caliper', 'cable', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'change-caliper',
  },
  /** Drained, apart, every seal new, put together wet with its own fluid; where the sheet allows none, another caliper. */
  'reseal-caliper': {
    touches: ['caliper', 'pistons', 'joint', 'opened-at-caliper', 'opened-at-lever', 'fluid'],
    ticks: ['safety-clip', 'hose-joint-dry', ...WAS_BLED],
    loosens: ['caliper', 'hose-at-caliper', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'reseal-caliper',
  },
  'reseal-lever': {
    touches: ['lever-off', 'joint', 'opened-at-lever', 'opened-at-caliper', 'pistons', 'fluid'],
    ticks: ['hose-joint-dry', 'throttle-springs-back', ...WAS_BLED],
    loosens: ['lever', 'hose-at-lever', 'wheel'],
    instead: { cable: 'replace-cable', 'cable-pulled-hydraulic': 'reseal-caliper' },
    notByWords: false,
    procedure: 'reseal-lever',
  },
  'remake-joint-at-lever': {
    touches: ['joint', 'opened-at-lever', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood', 'hose-joint-dry', ...WHEEL_WAS_OUT],
    loosens: ['hose-at-lever', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'remake-at-lever',
  },
  'remake-joint-at-caliper': {
    touches: ['joint', 'opened-at-caliper', 'opened-at-lever', 'pistons', 'fluid'],
    ticks: ['hose-joint-dry', ...WAS_BLED],
    loosens: ['hose-at-caliper', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'remake-at-caliper',
  },
  'full-bleed': {
    touches: ['opened-at-lever', 'opened-at-caliper', 'pistons', 'fluid'],
    ticks: WAS_BLED,
    loosens: ['wheel'],
    instead: { cable: 'replace-cable' },
    notByWords: false,
    // By the way of its brake.
    procedure: null,
  },
  'lever-top-up': {
    touches: ['opened-at-lever', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood', ...WHEEL_WAS_OUT],
    loosens: ['wheel'],
    instead: { cable: 'set-up-cable', 'cable-pulled-hydraulic': 'full-bleed' },
    notByWords: false,
    procedure: 'top-up',
  },
  'replace-hose': {
    touches: ['hose', 'joint', 'opened-at-lever', 'opened-at-caliper', 'pistons', 'fluid'],
    ticks: ['hose-joint-dry', 'hose-guides', 'bar-turns-free', ...WAS_BLED],
    loosens: ['hose-at-lever', 'hose-at-caliper', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'renew-hose',
  },
  'shorten-hose': {
    touches: ['hose', 'joint', 'opened-at-lever', 'fluid'],
    ticks: [
      'port-screw-o-ring',
      'lever-hood',
      'hose-joint-dry',
      'bar-turns-free',
      ...WHEEL_WAS_OUT,
    ],
    loosens: ['hose-at-lever', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'shorten-hose',
  },
  'reroute-hose': {
    touches: ['hose-route'],
    ticks: ['hose-guides', 'bar-turns-free'],
    loosens: [],
    instead: {},
    notByWords: false,
    procedure: 'reroute-hose',
  },
  'replace-cable': {
    touches: ['cable', 'pistons'],
    ticks: ['hose-guides', 'bar-turns-free', 'cable-end-cap'],
    loosens: ['cable'],
    instead: {},
    notByWords: false,
    procedure: 'renew-cable',
  },
  // Told in a word, nobody knows whether the slack was taken up at the barrel or at the bolt.
  'set-up-cable': {
    touches: ['cable', 'pistons'],
    ticks: [],
    loosens: ['cable'],
    instead: {},
    notByWords: false,
    procedure: 'set-up-cable',
  },
  'replace-lever': {
    touches: [
      'lever-changed',
      'lever-off',
      'joint',
      'opened-at-lever',
      'opened-at-caliper',
      'pistons',
      'fluid',
    ],
    ticks: ['hose-joint-dry', 'cable-end-cap', 'throttle-springs-back', ...WAS_BLED],
    loosens: ['lever', 'hose-at-lever', 'cable', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'change-lever',
  },
  'adjust-hub': {
    touches: ['axle'],
    ticks: WHEEL_WAS_OUT,
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'adjust-hub',
  },
  'tension-spokes': {
    touches: ['axle'],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: false,
    procedure: 'tension-spokes',
  },
  'seat-axle': {
    touches: ['axle'],
    ticks: ['axle-seated'],
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
    procedure: 'seat-axle',
  },
  'tighten-bolts': {
    touches: [],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: true,
    procedure: 'tighten-bolts',
  },
  'tighten-lever': {
    touches: [],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: true,
    procedure: 'tighten-lever',
  },
  'dress-mount': {
    touches: ['mount', 'caliper'],
    ticks: ['safety-clip', ...WHEEL_WAS_OUT],
    loosens: ['caliper', 'mount', 'wheel'],
    instead: {},
    notByWords: false,
    procedure: 'dress-mount',
  },
  'ask-maker': {
    touches: [],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: true,
    // What is wrong by make is told and answered, and no hand puts it right.
    procedure: null,
  },
  'centre-caliper': {
    touches: ['caliper'],
    ticks: ['safety-clip'],
    loosens: ['caliper'],
    instead: {},
    notByWords: false,
    procedure: 'align',
  },
  'square-caliper': {
    touches: ['caliper'],
    ticks: ['safety-clip'],
    loosens: ['caliper'],
    instead: {},
    notByWords: false,
    procedure: 'align',
  },
} as const satisfies Readonly<Record<string, WorkRule>>;

export type Work = keyof typeof RULES;
export const WORKS = Object.keys(RULES) as Work[];

export function workRule(work: Work): WorkRule {
  return RULES[work];
}

/** The procedure that does a work, by its own name: the procedures know their steps, and those know this work. */
export const procedureFor = (work: Work): (typeof RULES)[Work]['procedure'] =>
  RULES[work].procedure;

/** The work that fitting a part is. */
export const FITTING = {
  rotor: 'replace-rotor',
  pads: 'replace-pads',
} as const satisfies Record<string, Work>;

/** Work as it is done on a brake of this kind, each once. */
export function worksOn(works: readonly Work[], actuation: Actuation): Work[] {
  const done = works.map((work) => (workRule(work).instead[actuation] ?? work) as Work);
  return WORKS.filter((work) => done.includes(work));
}

/** Work that is told in words where no step of the plan and no torque says it. */
export const TOLD_WORKS = WORKS.filter((work) => !workRule(work).notByWords);
