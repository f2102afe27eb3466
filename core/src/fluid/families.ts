/** Boiling points of a grade, °C, dry and wet: the least that it may have. */
interface Grade {
  dry: number;
  wet: number;
}

interface FluidFamilyRule {
  /** Its grades, poorest first; null where each maker's blend is a fluid of its own. */
  grades: Readonly<Record<string, Grade>> | null;
  /** A clean rest may go back into its container; the rest is waste [P]. */
  pouredBack: boolean;
  /** Months a container keeps once opened [D]. Glycol takes up water from the moment it is opened [P]; the others do not. */
  monthsAfterOpening: number;
}

/**
 * Families of brake fluid: no two of them may meet in a brake. Minimum boiling points. Source [S]: 49 CFR 571.116 (FMVSS 116),
 * S5.1.1 (dry) and S5.1.2 (wet).
 */
const RULES = {
  glycol: {
    grades: {
      'DOT 3': { dry: 205, wet: 140 },
      'DOT 4': { dry: 230, wet: 155 },
      'DOT 5.1': { dry: 260, wet: 180 },
    },
    pouredBack: false,
    monthsAfterOpening: 3,
  },
  silicone: {
    grades: { 'DOT 5': { dry: 260, wet: 180 } },
    pouredBack: false,
    monthsAfterOpening: 24,
  },
  mineral: { grades: null, pouredBack: true, monthsAfterOpening: 24 },
} as const satisfies Readonly<Record<string, FluidFamilyRule>>;

type Rules = typeof RULES;
export type Family = keyof Rules;
export const FAMILIES = Object.keys(RULES) as [Family, ...Family[]];

type GradeOf<F extends Family> = Extract<keyof NonNullable<Rules[F]['grades']>, string>;

/** A fluid: a grade of a family, or the blend of one maker. */
export type Fluid = {
  [F in Family]: Rules[F]['grades'] extends null
    ? { family: F; blend: string }
    : { family: F; grade: GradeOf<F> };
}[Family];

export const familyRule = (family: Family): FluidFamilyRule => RULES[family];

/** Grades of a family, poorest first; none where each blend is its own. */
export const gradesOf = <F extends Family>(family: F): GradeOf<F>[] =>
  Object.keys(familyRule(family).grades ?? {}) as GradeOf<F>[];

/** The least that a grade of a family boils at, °C. */
export const boilsAtC = <F extends Family>(family: F, grade: GradeOf<F>): Grade =>
  familyRule(family).grades![grade]!;

/** A fluid's everyday name: its DOT number, or the blend's own. */
export function nameOf(fluid: Fluid): string {
  return 'blend' in fluid ? fluid.blend : fluid.grade;
}

/** The fluid of a family by its everyday name; of a grade that nobody knows, the poorest. */
export function fluidNamed(family: Family, name: string): Fluid {
  const grades: readonly string[] = gradesOf(family);
  const named =
    grades.length === 0 ? { blend: name } : { grade: grades.includes(name) ? name : grades[0] };
  return { family, ...named } as Fluid;
}
