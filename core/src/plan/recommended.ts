import type { Actuation } from '../kit/actuation';
import type { UsualEnd } from '../ends';
import { procedureFor, type Work } from '../inspection/work';
import { AT_CALIPER_ALONE, bleedRule, type FirstBleed } from '../fluid/bleedMethods';
import { procedureRule, suitsBrake, type ProcedureId } from '../procedure/procedures';

/**
 * The procedures that what an inspection recommends comes to, in no order: the planner finds it. What only the maker can
 * answer has none.
 */
export function proceduresFor(
  works: readonly Work[],
  actuation: Actuation,
  bleed: FirstBleed,
): ProcedureId[] {
  const found = works.flatMap((work): ProcedureId[] => {
    const way = actuation === 'hydraulic' ? bleed : AT_CALIPER_ALONE;
    const id: ProcedureId | null =
      work === 'full-bleed' ? bleedRule(way).procedure : procedureFor(work);
    return id && suitsBrake(id, actuation) ? [id] : [];
  });
  const all = new Set(found);
  return [...all].filter((id) => !procedureRule(id).doneBy.some((other) => all.has(other)));
}

/**
 * The first way to bleed a brake, and why: by which end it is and how its ports are made. Common practice [P].
 * @param port how the sheet says the ports are made
 */
export function bleedFor(
  axle: UsualEnd,
  port: string,
): { way: FirstBleed; why: 'bladder' | 'rear' | 'front' } {
  if (/bladder|syringe/i.test(port)) return { way: 'two-syringes', why: 'bladder' };
  return axle === 'rear' ? { way: 'push-up', why: 'rear' } : { way: 'gravity-down', why: 'front' };
}
