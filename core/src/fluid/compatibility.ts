import { gradesOf, nameOf, type Fluid } from './families';

/** What a brake asks for: the sheet's fluid, and other mineral blends the sheet names. */
export interface AskedFluid {
  fluid: Fluid;
  alsoNamedBlends: string[];
}

export type Compatibility =
  | { ok: true }
  /** Swells and ruins the seals; no lead may override it. */
  | { ok: false; code: 'wrong-family' }
  /** Mixes without damage, but is poorer than the sheet asks. */
  | { ok: false; code: 'poorer-grade' }
  /** A mineral blend the sheet does not name; no two blends are assumed alike. */
  | { ok: false; code: 'other-blend' };

/** Whether a fluid may go into a brake that asks for another. */
export function compatibility(asked: AskedFluid, offered: Fluid): Compatibility {
  const wanted = asked.fluid;
  if (wanted.family !== offered.family) return { ok: false, code: 'wrong-family' };
  const grades: readonly string[] = gradesOf(wanted.family);
  if (grades.length > 0)
    return grades.indexOf(nameOf(offered)) >= grades.indexOf(nameOf(wanted))
      ? { ok: true }
      : { ok: false, code: 'poorer-grade' };
  return [nameOf(wanted), ...asked.alsoNamedBlends].includes(nameOf(offered))
    ? { ok: true }
    : { ok: false, code: 'other-blend' };
}
