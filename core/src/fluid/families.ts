/** Families of brake fluid. Glycol and silicone go by their DOT number; each maker's mineral blend is its own fluid. */
export const FAMILIES = ['glycol', 'silicone', 'mineral'] as const;
export type Family = (typeof FAMILIES)[number];

/** Poorest first: by minimum boiling points. */
export const GLYCOL_GRADES = ['DOT 3', 'DOT 4', 'DOT 5.1'] as const;
export type GlycolGrade = (typeof GLYCOL_GRADES)[number];

export type Fluid =
  | { family: 'glycol'; grade: GlycolGrade }
  | { family: 'silicone'; grade: 'DOT 5' }
  | { family: 'mineral'; blend: string };

/**
 * Minimum boiling points, °C, dry and wet. Source [S]: 49 CFR 571.116 (FMVSS 116), S5.1.1 and S5.1.2.
 * "Wet" stands for roughly 3.7 % water [P].
 */
export const BOILING_POINTS_C: Readonly<
  Record<GlycolGrade | 'DOT 5', { dry: number; wet: number }>
> = {
  'DOT 3': { dry: 205, wet: 140 },
  'DOT 4': { dry: 230, wet: 155 },
  'DOT 5': { dry: 260, wet: 180 },
  'DOT 5.1': { dry: 260, wet: 180 },
};

/** A fluid's everyday name: its DOT number, or the blend's own. */
export function nameOf(fluid: Fluid): string {
  return fluid.family === 'mineral' ? fluid.blend : fluid.grade;
}

/** The fluid of a family by its everyday name. */
export function fluidNamed(family: Family, name: string): Fluid {
  if (family === 'mineral') return { family, blend: name };
  return family === 'silicone'
    ? { family, grade: 'DOT 5' }
    : { family, grade: GLYCOL_GRADES.find((grade) => grade === name) ?? GLYCOL_GRADES[0] };
}
