/** Where a bike's brakes sit: the usual two, and a third on a trike, a cargo bike or a tandem. */
export const ENDS = ['front', 'rear', 'third'] as const;
export type End = (typeof ENDS)[number];

/** The two that every bike has. */
export const USUAL_ENDS = ['front', 'rear'] as const satisfies readonly End[];
export type UsualEnd = (typeof USUAL_ENDS)[number];

/** What somebody said of the ends, who need not have known of a third. */
export type SaidOfEnds<T> = Record<UsualEnd, T> & Partial<Record<End, T>>;

/** Of the usual two, the other one; a third brake has none. */
export function otherEnd(end: End): End | null {
  if (end === 'third') return null;
  return end === 'front' ? 'rear' : 'front';
}

/** What there is at each end. */
export const atEachEnd = <T>(of: (end: End) => T): Record<End, T> => ({
  front: of('front'),
  rear: of('rear'),
  third: of('third'),
});

/** The wearing parts of a brake. */
export const PARTS = ['rotor', 'pads'] as const;
export type Part = (typeof PARTS)[number];
