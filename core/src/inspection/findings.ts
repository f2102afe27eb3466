import type { Actuation } from '../kit/actuation';
import { isFor, type BrakeKind, type ForWhich } from '../kit/traits';
import type { Tag } from '../source';
import type { Word } from '../wear/verdict';
import { worksOn, type Work } from './work';

/** What is looked over by eye and hand at one end, in the order it is met. */
export const AREAS = [
  'rotor',
  'pads',
  'caliper',
  'leaks',
  'hose',
  'cable',
  'fluid',
  'lever',
  'bolts',
  'mount',
  'wheel',
] as const;
export type Area = (typeof AREAS)[number];

interface FindingRule {
  area: Area;
  word: Exclude<Word, 'holds'>;
  /** Takes the bike off the road at once. */
  doNotRide: boolean;
  /** All of it is needed to cure it. */
  work: readonly Work[];
  /** The work on a brake that is pulled by a cable alone, where it is another than the rule of that work says; null where it is not. */
  workOnCable: readonly Work[] | null;
  /** Kinds of brake it can be found on. */
  on: ForWhich;
  /** An "unproven" that no lead accepts: what is loose is tightened, and what is in the brake is known. */
  notAccepted: boolean;
  tag: Tag;
}

/** Everything that can be found by looking, and what follows from it. */
export const FINDINGS = {
  crack: {
    area: 'rotor',
    word: 'replace',
    doNotRide: true,
    work: ['replace-rotor'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'deep-scoring': {
    area: 'rotor',
    word: 'replace',
    doNotRide: false,
    work: ['replace-rotor'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'overheating-colours': {
    area: 'rotor',
    word: 'replace',
    doNotRide: false,
    work: ['replace-rotor'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'loose-rivets': {
    area: 'rotor',
    word: 'replace',
    doNotRide: false,
    work: ['replace-rotor'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'bent-beyond-truing': {
    area: 'rotor',
    word: 'replace',
    doNotRide: false,
    work: ['replace-rotor'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'rotor-deposits': {
    area: 'rotor',
    word: 'watch',
    doNotRide: false,
    work: ['clean-and-bed-in'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },

  /** On a rotor that is marked for organic pads only. */
  'pads-with-metal': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['replace-pads'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'M',
  },
  'pads-soaked': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['replace-pads'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'pads-oil-mist': {
    area: 'pads',
    word: 'watch',
    doNotRide: false,
    work: ['decontaminate'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'pads-glazed': {
    area: 'pads',
    word: 'watch',
    doNotRide: false,
    work: ['clean-and-bed-in'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'friction-cracked': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['replace-pads'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'friction-lifting': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['replace-pads'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'spring-missing': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['fit-spring-or-clip'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'clip-missing': {
    area: 'pads',
    word: 'replace',
    doNotRide: false,
    work: ['fit-spring-or-clip'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'fins-bent': {
    area: 'pads',
    word: 'watch',
    doNotRide: false,
    work: ['straighten-fins'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },

  'caliper-cracked': {
    area: 'caliper',
    word: 'replace',
    doNotRide: true,
    work: ['replace-caliper'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'piston-sticking': {
    area: 'caliper',
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    word: 'watch',
    doNotRide: false,
    work: ['service-pistons'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'one-pad-moves': {
    area: 'caliper',
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    word: 'watch',
    doNotRide: false,
    work: ['service-pistons'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'grit-in-caliper': {
    area: 'caliper',
    word: 'watch',
    doNotRide: false,
    work: ['clean-caliper'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },

  'leak-at-caliper': {
    area: 'leaks',
    on: ['hydraulic', 'cable-pulled-hydraulic'],
    word: 'replace',
    doNotRide: true,
    work: ['reseal-caliper'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'leak-at-banjo': {
    area: 'leaks',
    on: ['banjo'],
    word: 'replace',
    doNotRide: true,
    work: ['remake-joint-at-caliper'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'leak-at-hose-nut': {
    area: 'leaks',
    on: ['nut'],
    word: 'replace',
    doNotRide: true,
    work: ['remake-joint-at-caliper'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'leak-at-lever-nut': {
    area: 'leaks',
    on: ['hydraulic'],
    word: 'replace',
    doNotRide: true,
    work: ['remake-joint-at-lever'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },
  'leak-at-lever': {
    area: 'leaks',
    on: ['hydraulic'],
    word: 'replace',
    doNotRide: true,
    work: ['reseal-lever'],
    workOnCable: null,
    notAccepted: false,
    tag: 'P',
  },

  'hose-chafed': {
    area: 'hose',
    word: 'watch',
    doNotRide: false,
    work: ['reroute-hose'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'hose-cut': {
    area: 'hose',
    word: 'replace',
    doNotRide: true,
    work: ['replace-hose'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },
  'hose-kinked': {
    area: 'hose',
    word: 'replace',
    doNotRide: false,
    work: ['replace-hose'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },
  'hose-too-short': {
    area: 'hose',
    word: 'replace',
    doNotRide: false,
    work: ['replace-hose'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'hose-too-long': {
    area: 'hose',
    word: 'watch',
    doNotRide: false,
    work: ['shorten-hose'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },

  'cable-frayed': {
    area: 'cable',
    word: 'replace',
    doNotRide: false,
    work: ['replace-cable'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'cable-kinked': {
    area: 'cable',
    word: 'replace',
    doNotRide: false,
    work: ['replace-cable'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'cable-rusted': {
    area: 'cable',
    word: 'replace',
    doNotRide: false,
    work: ['replace-cable'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'housing-split': {
    area: 'cable',
    word: 'replace',
    doNotRide: false,
    work: ['replace-cable'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'ferrule-missing': {
    area: 'cable',
    word: 'replace',
    doNotRide: false,
    work: ['replace-cable'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },

  'fluid-wrong': {
    area: 'fluid',
    word: 'replace',
    doNotRide: true,
    work: ['reseal-caliper', 'reseal-lever'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'fluid-unknown': {
    area: 'fluid',
    word: 'unproven',
    doNotRide: false,
    work: ['reseal-caliper', 'reseal-lever'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: true,
    tag: 'P',
  },
  'fluid-spent': {
    area: 'fluid',
    word: 'watch',
    doNotRide: false,
    work: ['full-bleed'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },

  /** Not firm, or does not hold for a minute: felt by hand, by looking it over or at the hand-over. */
  'lever-gives': {
    area: 'lever',
    word: 'replace',
    doNotRide: true,
    work: ['full-bleed'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'slow-return': {
    area: 'lever',
    word: 'watch',
    doNotRide: false,
    work: ['service-pistons'],
    workOnCable: ['replace-cable'],
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'lever-bent': {
    area: 'lever',
    word: 'replace',
    doNotRide: false,
    work: ['replace-lever'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },
  'lever-loose': {
    area: 'lever',
    word: 'unproven',
    doNotRide: false,
    work: ['tighten-lever'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: true,
    tag: 'P',
  },

  'bolt-loose': {
    area: 'bolts',
    word: 'unproven',
    doNotRide: false,
    work: ['tighten-bolts'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: true,
    tag: 'P',
  },
  'bolt-missing': {
    area: 'bolts',
    word: 'replace',
    doNotRide: true,
    work: ['tighten-bolts'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },
  'bolt-rounded': {
    area: 'bolts',
    word: 'watch',
    doNotRide: false,
    work: ['tighten-bolts'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },

  'mount-rocks': {
    area: 'mount',
    word: 'watch',
    doNotRide: false,
    work: ['dress-mount'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  /** Wrong by make: a deviation, told to maker and customer. */
  'mount-out-of-plane': {
    area: 'mount',
    word: 'unproven',
    doNotRide: false,
    work: ['ask-maker'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  /** Not seated, or not shut: nothing that is measured at the wheel is believed, and nobody rides [P]. */
  'axle-loose': {
    area: 'wheel',
    word: 'replace',
    doNotRide: true,
    work: ['seat-axle'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'hub-play': {
    area: 'wheel',
    word: 'watch',
    doNotRide: false,
    work: ['adjust-hub'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  'spokes-loose': {
    area: 'wheel',
    word: 'watch',
    doNotRide: false,
    work: ['tension-spokes'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'P',
  },
  /** A modified structural part is never marked as holding [D]. */
  'mount-modified': {
    area: 'mount',
    word: 'unproven',
    doNotRide: false,
    work: ['ask-maker'],
    workOnCable: null,
    on: 'every-brake',
    notAccepted: false,
    tag: 'D',
  },
} as const satisfies Record<string, FindingRule>;

export type Finding = keyof typeof FINDINGS;

const RULES: Readonly<Record<Finding, FindingRule>> = FINDINGS;

/** What follows from a finding. */
export function ruleOf(finding: Finding): FindingRule {
  return RULES[finding];
}

/** What can be found at one place of a brake. */
export function findingsAt(area: Area, brake: BrakeKind): Finding[] {
  return (Object.keys(FINDINGS) as Finding[]).filter(
    (finding) => RULES[finding].area === area && isFor(RULES[finding].on, brake),
  );
}

/** The work that cures a finding on a brake of this kind: all of it. */
export function cureOf(finding: Finding, actuation: Actuation): Work[] {
  const { work, workOnCable } = RULES[finding];
  return worksOn((actuation === 'cable' && workOnCable) || work, actuation);
}

/** The places a brake of this kind has. */
export function areasOf(actuation: Actuation): Area[] {
  const missing: Record<Actuation, readonly Area[]> = {
    hydraulic: ['cable'],
    cable: ['leaks', 'hose', 'fluid'],
    'cable-pulled-hydraulic': ['hose'],
  };
  return AREAS.filter((area) => !missing[actuation].includes(area));
}
