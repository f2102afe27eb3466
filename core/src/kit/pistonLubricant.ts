export const PISTON_LUBRICANTS = ['own-fluid', 'maker-grease', 'nothing'] as const;

export type PistonLubricant = (typeof PISTON_LUBRICANTS)[number];
