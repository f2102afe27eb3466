import type { ClearanceVerdict, Gaps } from '../clearance/corners';
import { DRESS_ABOVE_DEGREES } from '../face/mountFace';
import type { Finding } from '../inspection/findings';
import type { InspectionItem } from '../inspection/inspectEnd';

/** Ways to centre a caliper. Common practice [P]. */
const ALIGNMENTS = ['squeeze', 'shims', 'centring-tool', 'by-eye'] as const;
export type Alignment = (typeof ALIGNMENTS)[number];

export type AlignmentReason =
  | 'pistons-uneven'
  | 'pads-tapered'
  | 'rotor-wavy'
  | 'sound'
  | 'not-known';

/** What no centring cures: it comes first, or the rub returns. Common practice [P]. */
export type AlignmentFirst = 'dress-mount' | 'true-rotor';

/** What is known of a brake that is to be centred; null where nobody looked. */
export interface AlignmentAsked {
  pistonsEven: boolean | null;
  padsTapered: boolean | null;
  /** Total indicator reading, mm. */
  tirMm: number | null;
  /** Runout from which a rotor counts as wavy, mm: the shop's band for "watch". */
  wavyFromMm: number;
  gaps: Gaps | null;
  /** How far the mount's face stands out of square, degrees. */
  faceDegrees: number | null;
  /** Washers with a ball seat under the caliper: they take up a mount that is a little out of square. */
  ballWashers: boolean;
}

export interface AlignmentChoice {
  way: Alignment;
  why: AlignmentReason;
  first: AlignmentFirst[];
  /** Move the caliper so far, mm, positive to the rider's right; null while the gaps are not known. */
  moveMm: number | null;
  /** Turn it so far, degrees, positive: its leading end to the right; null without the gaps or the span between them. */
  turnDegrees: number | null;
  /** The ball seats take the turn up: let them settle before the bolts are nipped. */
  settlesOnBalls: boolean;
}

/**
 * One way to centre a caliper, with its reason, what comes before it, and what to move: by eye where pistons move unevenly,
 * pads are worn to a taper or the rotor waves; squeezed where pistons and rotor were seen to be sound; with shims where nobody
 * looked. Common practice [P]; that a taper is one of the reasons is our choice [D]: squeezed on it, the caliper takes its skew.
 */
export function alignmentOf(asked: AlignmentAsked): AlignmentChoice {
  const { gaps, faceDegrees } = asked;
  const turnDegrees = gaps?.skewDegrees ?? null;
  const first: AlignmentFirst[] = [];
  if (faceDegrees !== null && faceDegrees > DRESS_ABOVE_DEGREES) first.push('dress-mount');
  if (gaps?.cure === 'neither') first.push('true-rotor');
  return {
    ...wayOf(asked),
    first,
    moveMm: gaps?.shiftMm ?? null,
    turnDegrees,
    settlesOnBalls: asked.ballWashers && turnDegrees !== null && turnDegrees !== 0,
  };
}

function wayOf(asked: AlignmentAsked): { way: Alignment; why: AlignmentReason } {
  const { pistonsEven, padsTapered, tirMm, wavyFromMm } = asked;
  if (pistonsEven === false) return { way: 'by-eye', why: 'pistons-uneven' };
  if (padsTapered) return { way: 'by-eye', why: 'pads-tapered' };
  if (tirMm !== null && tirMm > wavyFromMm) return { way: 'by-eye', why: 'rotor-wavy' };
  if (pistonsEven && tirMm !== null) return { way: 'squeeze', why: 'sound' };
  return { way: 'shims', why: 'not-known' };
}

const UNEVEN: readonly Finding[] = ['piston-sticking', 'one-pad-moves'];

/**
 * What an inspection says of a brake that is to be centred.
 * @param items what was found at this end
 * @param wavyFromMm the shop's band for "watch", mm
 */
export function alignmentAsked(
  items: readonly Pick<InspectionItem, 'subject' | 'found' | 'judgement'>[],
  wavyFromMm: number,
): AlignmentAsked {
  const judged = (subject: InspectionItem['subject']) => {
    const judgement = items.find((item) => item.subject === subject)?.judgement;
    return judgement?.ok ? judgement : null;
  };
  const caliper = items.find(({ subject }) => subject === 'caliper');
  const [runout, pads, gaps, face] = [
    judged('runout'),
    judged('pads'),
    judged('clearance'),
    judged('mount-face'),
  ];
  const pattern = pads?.measurand === 'pads' ? pads.verdict.pattern : null;
  return {
    pistonsEven: caliper ? !caliper.found.some((finding) => UNEVEN.includes(finding)) : null,
    padsTapered: pattern?.complete ? pattern.signs.some(({ code }) => code === 'tapered') : null,
    tirMm: runout?.measurand === 'runout' ? runout.verdict.tirMm : null,
    wavyFromMm,
    gaps: gaps?.measurand === 'clearance' ? gapsOf(gaps.verdict) : null,
    faceDegrees: face?.measurand === 'mount-face' ? face.verdict.angleDegrees : null,
    ballWashers: false,
  };
}

/** The gaps of a verdict, where they are known. */
const gapsOf = (verdict: ClearanceVerdict): Gaps | null =>
  verdict.marginMm === null ? null : (verdict as Gaps);
