import type { Actuation } from '../kit/actuation';
import type { Touch } from '../evidence/touch';
import type { Check } from '../procedure/checks';
import type { Hold } from '../procedure/hold';

interface WorkRule {
  /** What it touches, where it is recorded by its name and not step by step. */
  touches: readonly Touch[];
  /** What is ticked by name after it besides every bolt, where it is told in words: what it opens is shut, what it takes off is on [P]. */
  ticks: readonly Check[];
  /** What it loosens or puts on, and what is proven to be tight afterwards. */
  loosens: readonly Hold[];
  /** What takes its place on a brake that has no such thing. */
  instead: Partial<Record<Actuation, string>>;
  /**
   * It has a proof or an answer of its own, so that nobody's word that it was done is enough: a bolt is tight by its torque, and
   * what a maker was asked is not yet put right [D].
   */
  notByWords: boolean;
}

/** Work an inspection recommends, in the order the trade would think of it; the plan is made from it. Common practice [P]. */
const RULES = {
  'replace-rotor': {
    touches: ['rotor', 'rotor-seat'],
    ticks: ['axle-seated', 'sensor-gap'],
    loosens: ['rotor'],
    instead: {},
    notByWords: false,
  },
  'refit-rotor': {
    touches: ['rotor-seat'],
    ticks: ['axle-seated', 'sensor-gap'],
    loosens: ['rotor'],
    instead: {},
    notByWords: false,
  },
  'true-rotor': { touches: ['rotor-true'], ticks: [], loosens: [], instead: {}, notByWords: false },
  'replace-pads': {
    touches: ['pads'],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  decontaminate: {
    touches: ['pad-face', 'rotor-face'],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'clean-and-bed-in': {
    touches: ['rotor-face'],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'strip-track': {
    touches: ['rotor-face'],
    ticks: [],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'fit-spring-or-clip': {
    touches: [],
    ticks: ['safety-clip', 'pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'straighten-fins': {
    touches: [],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'reset-pads': { touches: ['pistons'], ticks: [], loosens: [], instead: {}, notByWords: false },
  'service-pistons': {
    touches: ['pistons'],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: { cable: 'set-up-cable' },
    notByWords: false,
  },
  'clean-caliper': {
    touches: [],
    ticks: ['pad-pin-clip', 'pad-spring'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'replace-caliper': {
    touches: ['caliper', 'caliper-changed', 'opened-at-caliper', 'fluid', 'pistons'],
    ticks: [
      'safety-clip',
      'pad-pin-clip',
      'pad-spring',
      'port-screw-o-ring',
      'nipple-shut-cap',
      'hose-joint-dry',
      'cable-end-cap',
    ],
    loosens: ['caliper', 'mount', 'hose-at-caliper', 'cable'],
    instead: {},
    notByWords: false,
  },
  /** Drained, apart, every seal new, put together wet with its own fluid; where the sheet allows none, another caliper. */
  'reseal-caliper': {
    touches: ['caliper', 'opened-at-caliper', 'fluid', 'pistons'],
    ticks: [
      'safety-clip',
      'pad-pin-clip',
      'pad-spring',
      'port-screw-o-ring',
      'nipple-shut-cap',
      'hose-joint-dry',
    ],
    loosens: ['caliper', 'hose-at-caliper'],
    instead: {},
    notByWords: false,
  },
  'reseal-lever': {
    touches: ['lever-off', 'opened-at-lever', 'fluid'],
    ticks: [
      'bar-and-stem',
      'port-screw-o-ring',
      'lever-hood',
      'hose-joint-dry',
      'throttle-springs-back',
    ],
    loosens: ['lever', 'hose-at-lever'],
    instead: { cable: 'replace-cable', 'cable-pulled-hydraulic': 'reseal-caliper' },
    notByWords: false,
  },
  'remake-joint-at-lever': {
    touches: ['joint', 'opened-at-lever', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood', 'hose-joint-dry'],
    loosens: ['hose-at-lever'],
    instead: {},
    notByWords: false,
  },
  'remake-joint-at-caliper': {
    touches: ['joint', 'opened-at-caliper', 'fluid'],
    ticks: ['hose-joint-dry'],
    loosens: ['hose-at-caliper'],
    instead: {},
    notByWords: false,
  },
  'full-bleed': {
    touches: ['opened-at-lever', 'opened-at-caliper', 'fluid'],
    ticks: ['port-screw-o-ring', 'nipple-shut-cap', 'lever-hood'],
    loosens: [],
    instead: { cable: 'replace-cable' },
    notByWords: false,
  },
  'lever-top-up': {
    touches: ['opened-at-lever', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood'],
    loosens: [],
    instead: { cable: 'set-up-cable', 'cable-pulled-hydraulic': 'full-bleed' },
    notByWords: false,
  },
  'replace-hose': {
    touches: ['hose', 'joint', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood', 'hose-joint-dry', 'hose-guides', 'bar-turns-free'],
    loosens: ['hose-at-lever', 'hose-at-caliper'],
    instead: {},
    notByWords: false,
  },
  'shorten-hose': {
    touches: ['hose', 'joint', 'fluid'],
    ticks: ['port-screw-o-ring', 'lever-hood', 'hose-joint-dry', 'bar-turns-free'],
    loosens: ['hose-at-lever'],
    instead: {},
    notByWords: false,
  },
  'reroute-hose': {
    touches: ['hose-route'],
    ticks: ['hose-guides', 'bar-turns-free'],
    loosens: [],
    instead: {},
    notByWords: false,
  },
  'replace-cable': {
    touches: ['cable'],
    ticks: ['hose-guides', 'bar-turns-free', 'cable-end-cap'],
    loosens: ['cable'],
    instead: {},
    notByWords: false,
  },
  // Told in a word, nobody knows whether the slack was taken up at the barrel or at the bolt.
  'set-up-cable': {
    touches: ['cable', 'pistons'],
    ticks: [],
    loosens: ['cable'],
    instead: {},
    notByWords: false,
  },
  'replace-lever': {
    touches: ['lever-changed', 'lever-off', 'opened-at-lever', 'fluid'],
    ticks: [
      'bar-and-stem',
      'port-screw-o-ring',
      'lever-hood',
      'hose-joint-dry',
      'cable-end-cap',
      'throttle-springs-back',
    ],
    loosens: ['lever', 'hose-at-lever', 'cable'],
    instead: {},
    notByWords: false,
  },
  'adjust-hub': {
    touches: ['axle'],
    ticks: ['axle-seated'],
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
  },
  'tension-spokes': { touches: ['axle'], ticks: [], loosens: [], instead: {}, notByWords: false },
  'seat-axle': {
    touches: ['axle'],
    ticks: ['axle-seated'],
    loosens: ['wheel'],
    instead: {},
    notByWords: false,
  },
  'tighten-bolts': { touches: [], ticks: [], loosens: [], instead: {}, notByWords: true },
  'tighten-lever': { touches: [], ticks: [], loosens: [], instead: {}, notByWords: true },
  'dress-mount': {
    touches: ['mount', 'caliper'],
    ticks: [],
    loosens: ['caliper', 'mount'],
    instead: {},
    notByWords: false,
  },
  'ask-maker': { touches: [], ticks: [], loosens: [], instead: {}, notByWords: true },
  'centre-caliper': {
    touches: ['caliper'],
    ticks: [],
    loosens: ['caliper'],
    instead: {},
    notByWords: false,
  },
  'square-caliper': {
    touches: ['caliper'],
    ticks: [],
    loosens: ['caliper'],
    instead: {},
    notByWords: false,
  },
} as const satisfies Readonly<Record<string, WorkRule>>;

export type Work = keyof typeof RULES;
export const WORKS = Object.keys(RULES) as Work[];

export function workRule(work: Work): WorkRule {
  return RULES[work];
}

/** Work as it is done on a brake of this kind, each once. */
export function worksOn(works: readonly Work[], actuation: Actuation): Work[] {
  const done = works.map((work) => (workRule(work).instead[actuation] ?? work) as Work);
  return WORKS.filter((work) => done.includes(work));
}

/** Work that is told in words where no step of the plan and no torque says it. */
export const TOLD_WORKS = WORKS.filter((work) => !workRule(work).notByWords);
