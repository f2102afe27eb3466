import type { Actuation } from '../kit/actuation';
import type { UsualEnd } from '../ends';
import type { Work } from '../inspection/work';
import { AT_CALIPER_ALONE, bleedRule, type FirstBleed } from '../fluid/bleedMethods';
import { procedureRule, suitsBrake, type ProcedureId } from '../procedure/procedures';

/** The procedure that does a work; null where a way to bleed does it, or nothing at the bench can. */
const PROCEDURE_OF: Readonly<Record<Work, ProcedureId | null>> = {
  // By the way of its brake.
  'full-bleed': null,
  // What is wrong by make is told and answered, and no hand puts it right.
  'ask-maker': null,
  'replace-rotor': 'change-rotor',
  'refit-rotor': 'refit-rotor',
  'true-rotor': 'true-rotor',
  'replace-pads': 'change-pads',
  decontaminate: 'clean-pads-and-rotor',
  'clean-and-bed-in': 'clean-pads-and-rotor',
  'strip-track': 'strip-track',
  'fit-spring-or-clip': 'change-pads',
  'straighten-fins': 'straighten-fins',
  'reset-pads': 'reset-pads',
  'service-pistons': 'service-pistons',
  'clean-caliper': 'clean-caliper',
  'replace-caliper': 'change-caliper',
  'reseal-caliper': 'reseal-caliper',
  'reseal-lever': 'reseal-lever',
  'remake-joint-at-lever': 'remake-at-lever',
  'remake-joint-at-caliper': 'remake-at-caliper',
  'lever-top-up': 'top-up',
  'replace-hose': 'renew-hose',
  'shorten-hose': 'shorten-hose',
  'reroute-hose': 'reroute-hose',
  'replace-cable': 'renew-cable',
  'set-up-cable': 'set-up-cable',
  'replace-lever': 'change-lever',
  'adjust-hub': 'adjust-hub',
  'tension-spokes': 'tension-spokes',
  'seat-axle': 'seat-axle',
  'tighten-bolts': 'tighten-bolts',
  'tighten-lever': 'tighten-lever',
  'dress-mount': 'dress-mount',
  'centre-caliper': 'align',
  'square-caliper': 'align',
};
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
    const id = work === 'full-bleed' ? bleedRule(way).procedure : PROCEDURE_OF[work];
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
