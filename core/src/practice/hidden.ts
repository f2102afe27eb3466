import { CORNERS, type Corner } from '../clearance/corners';
import { drawBrake, type TrueBrake } from '../evidence/brake';
import type { Finding } from '../inspection/findings';
import type { Actuation } from '../kit/actuation';
import { randomOf } from '../random';
import type { Cause } from '../trouble/causes';
import type { BenchSign } from '../trouble/signs';
import type { Symptom } from '../trouble/symptoms';

/** What a rider says and what is truly wrong, before anybody has looked. */
export interface Trouble {
  actuation: Actuation;
  complaint: readonly Symptom[];
  causes: readonly Cause[];
  /** What can be seen, felt or measured at the brake. */
  there: readonly BenchSign[];
  /** Where it leaks, where it does. */
  leakAt?: Finding;
  /** So close to the limit that the gauge cannot tell which side it is on. */
  near?: readonly ('pads' | 'rotor')[];
}

/** A brake that somebody practises on, as it truly is. Lengths mm. */
export interface HiddenBrake extends TrueBrake {
  variationMm: number;
  /** It wobbles as a whole, once a turn; otherwise at one place. */
  tilted: boolean;
  gapsMm: Readonly<Record<Corner, number>>;
  /** Under one lug of the caliper with the other bolt snug. */
  faceGapMm: number;
  biteMm: number;
  firmMm: number;
}

/** Numbers of a brake with nothing wrong, with it wrong, and too near to tell, mm [D]; the limits are the practice sheet's. */
const NUMBERS = {
  padsMm: { sound: [3.5, 3.9], wrong: [2.5, 2.85], near: [3.28, 3.32] },
  rotorMm: { sound: [1.62, 1.74], wrong: [1.38, 1.44], near: [1.49, 1.52] },
  variationMm: { sound: [0, 0.01], wrong: [0.09, 0.12] },
  tirMm: { sound: [0.02, 0.05], wrong: [0.36, 0.46] },
  faceGapMm: { sound: [0, 0.05], wrong: [0.36, 0.5] },
  biteMm: { sound: [18, 22], wrong: [39, 42] },
  /** From the bite to a firm lever. */
  giveMm: { sound: [6.8, 7.4], wrong: [17, 19] },
  sinksMm: { sound: [0, 0], wrong: [3, 6] },
} as const;

const GAPS: Readonly<Record<'even' | 'closed' | 'off' | 'skewed', readonly number[]>> = {
  even: [0.3, 0.3, 0.3, 0.3],
  closed: [0.04, 0.04, 0.04, 0.04],
  off: [0, 0, 0.55, 0.55],
  skewed: [0, 0.52, 0.52, 0],
};

/** The brake behind a trouble: its numbers say what its signs say. The same seed gives the same brake. */
export function hiddenBrake(trouble: Trouble, seed: number): HiddenBrake {
  const random = randomOf(seed);
  const { there, complaint, near = [] } = trouble;
  const has = (sign: BenchSign) => there.includes(sign);
  const of = (name: keyof typeof NUMBERS, how: 'sound' | 'wrong' | 'near'): number => {
    const ranges: Partial<Record<typeof how, readonly [number, number]>> = NUMBERS[name];
    const [least, most] = ranges[how]!;
    return least + (most - least) * random();
  };
  const either = (name: keyof typeof NUMBERS, wrong: boolean) =>
    of(name, wrong ? 'wrong' : 'sound');
  const thickness = (part: 'pads' | 'rotor', name: 'padsMm' | 'rotorMm', worn: boolean) =>
    near.includes(part) ? of(name, 'near') : either(name, worn);
  const unequal = has('caliper-rocks') ? GAPS.skewed : GAPS.off;
  const alike = has('gaps-closed') ? GAPS.closed : GAPS.even;
  const gaps = has('gaps-unequal') ? unequal : alike;
  const biteMm = either('biteMm', complaint.includes('lever-to-bar'));
  return {
    ...drawBrake(random),
    padsMm: thickness('pads', 'padsMm', has('pads-thin')),
    rotorMm: thickness('rotor', 'rotorMm', false),
    crack: false,
    leak: has('wet-joint'),
    sinksMm: either('sinksMm', complaint.includes('lever-sinks')),
    variationMm: either('variationMm', has('thickness-varies')),
    tirMm: either('tirMm', has('runout') || has('tilted-runout')),
    tilted: has('tilted-runout'),
    gapsMm: Object.fromEntries(CORNERS.map((corner, i) => [corner, gaps[i]!])) as Record<
      Corner,
      number
    >,
    faceGapMm: either('faceGapMm', has('caliper-rocks')),
    biteMm,
    firmMm: biteMm + either('giveMm', has('soft-after-bite')),
  };
}
