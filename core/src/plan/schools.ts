import type { Finding } from '../inspection/findings';
import type { InspectionItem } from '../inspection/inspectEnd';

/** Ways to centre a caliper. Common practice [P]. */
export const ALIGNMENTS = ['squeeze', 'shims', 'centring-tool', 'by-eye'] as const;
export type Alignment = (typeof ALIGNMENTS)[number];

export type AlignmentReason = 'pistons-uneven' | 'rotor-wavy' | 'sound' | 'not-known';

const UNEVEN: readonly Finding[] = ['piston-sticking', 'one-pad-moves'];

/**
 * The first way to centre a caliper, and why: by eye where pistons move unevenly or the rotor waves, squeezed where both
 * were seen to be sound, with shims where nobody looked. Common practice [P].
 * @param items what was found at this end
 * @param wavyFromMm runout from which a rotor counts as wavy: the shop's band for "watch", mm
 */
export function alignmentFor(
  items: readonly Pick<InspectionItem, 'subject' | 'found' | 'judgement'>[],
  wavyFromMm: number,
): { way: Alignment; why: AlignmentReason } {
  const caliper = items.find(({ subject }) => subject === 'caliper');
  if (caliper?.found.some((finding) => UNEVEN.includes(finding)))
    return { way: 'by-eye', why: 'pistons-uneven' };
  const judged = items.find(({ subject }) => subject === 'runout')?.judgement;
  const tir = judged?.ok && judged.measurand === 'runout' ? judged.verdict.tirMm : null;
  if (tir !== null && tir > wavyFromMm) return { way: 'by-eye', why: 'rotor-wavy' };
  if (caliper && tir !== null) return { way: 'squeeze', why: 'sound' };
  return { way: 'shims', why: 'not-known' };
}
