/** The two brakes of a bike. */
export const ENDS = ['front', 'rear'] as const;
export type End = (typeof ENDS)[number];

/** The wearing parts of a brake. */
export const PARTS = ['rotor', 'pads'] as const;
export type Part = (typeof PARTS)[number];
