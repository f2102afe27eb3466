import { InputError } from '../inputError';
import { figure, type Figures } from '../rules/figures';

/**
 * The order that loads a ring of bolts evenly: each bolt is followed by the one across the circle.
 * n even: pairs of opposite bolts, taken a quarter turn apart where the pairs allow it
 * (6: 1 4 2 5 3 6; 8: 1 5 3 7 2 6 4 8). n odd: steps of (n − 1)/2 round the circle. None for 0.
 * @param boltCount whole number from 0
 * @example starOrder(6) // [1, 4, 2, 5, 3, 6]
 */
export function starOrder(boltCount: number): number[] {
  if (!Number.isInteger(boltCount) || boltCount < 0)
    throw new InputError('not-positive', 'bolts', { boltCount });
  if (boltCount % 2 === 0) {
    const half = boltCount / 2;
    return pairOrder(half).flatMap((first) => [first, first + half]);
  }
  const step = Math.max(1, (boltCount - 1) / 2);
  return Array.from({ length: boltCount }, (_, i) => ((i * step) % boltCount) + 1);
}

/** Which opposite pair comes next: every other one first when their number is even. */
function pairOrder(pairs: number): number[] {
  const all = Array.from({ length: pairs }, (_, i) => i + 1);
  if (pairs % 2 === 1) return all;
  return [...all.filter((pair) => pair % 2 === 1), ...all.filter((pair) => pair % 2 === 0)];
}

/** The passes of a bolt circle, in order: none is run home alone, and the last only checks. */
export const PASSES = ['snug', 'half', 'full', 'verify'] as const;
export type Pass = (typeof PASSES)[number];

/** Share of the full setting a pass goes to; null for snug, which is by fingers. */
export function passShare(pass: Pass, figures: Figures): number | null {
  if (pass === 'snug') return null;
  return pass === 'half' ? figure(figures, 'half-pass').value : 1;
}

/** One confirmation: a single bolt of a pass, or the whole pass when `bolt` is null. */
export interface PassMark {
  pass: Pass;
  bolt: number | null;
  /** What a reading wrench showed, N·m; null with a click wrench and by fingers. */
  measuredNm: number | null;
}

/** The passes a fastener goes through: one bolt alone is not taken half way first, and its click is its check. */
export function passesOf(boltCount: number): readonly Pass[] {
  return boltCount === 1 ? ['snug', 'full'] : PASSES;
}

export type NextTurn =
  | { done: false; pass: Pass; bolt: number; across: boolean; position: number }
  | { done: true };

/**
 * The bolt to turn next: passes in order, each in star order, whatever was confirmed already.
 * `across` says that it lies across the circle from the one before it.
 */
export function nextTurn(
  boltCount: number,
  marks: readonly Pick<PassMark, 'pass' | 'bolt'>[],
): NextTurn {
  const order = starOrder(boltCount);
  for (const pass of passesOf(boltCount)) {
    const position = order.findIndex((bolt) => !isMarked(marks, pass, bolt));
    if (position >= 0)
      return {
        done: false,
        pass,
        bolt: order[position]!,
        across: position % 2 === 1,
        position,
      };
  }
  return { done: true };
}

/** Whether `bolt` was confirmed in `pass`, alone or with the whole pass. */
export function isMarked(
  marks: readonly Pick<PassMark, 'pass' | 'bolt'>[],
  pass: Pass,
  bolt: number,
): boolean {
  return marks.some((mark) => mark.pass === pass && (mark.bolt === null || mark.bolt === bolt));
}
