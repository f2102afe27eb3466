import type { Actuation } from '../kit/actuation';
import type { Work } from '../inspection/work';
import { BLEED_METHODS, bleedRule, type FirstBleed } from '../fluid/bleedMethods';
import { suitsBrake, type ProcedureId } from '../procedure/procedures';

/** The procedure that does a work; null where a way to bleed does it, or the hand alone. */
const PROCEDURE_OF: Readonly<Record<Work, ProcedureId | null>> = {
  'full-bleed': null,
  'reset-pads': null,
  'straighten-fins': null,
  reseal: null,
  'reroute-hose': null,
  'replace-lever': null,
  'tighten-bolts': null,
  'tighten-lever': null,
  'ask-maker': null,
  'replace-rotor': 'change-rotor',
  'refit-rotor': 'refit-rotor',
  'true-rotor': 'true-rotor',
  'replace-pads': 'change-pads',
  decontaminate: 'clean-pads-and-rotor',
  'clean-and-bed-in': 'clean-pads-and-rotor',
  'fit-spring-or-clip': 'change-pads',
  'service-pistons': 'service-pistons',
  'clean-caliper': 'clean-caliper',
  'replace-caliper': 'change-caliper',
  'remake-joint': 'remake-joint',
  'lever-top-up': 'top-up',
  'replace-hose': 'renew-hose',
  'shorten-hose': 'shorten-hose',
  'replace-cable': 'renew-cable',
  'dress-mount': 'dress-mount',
  'centre-caliper': 'align',
  'square-caliper': 'align',
};
/** Work that other work does on its way. */
const DONE_BY: Partial<Record<ProcedureId, readonly ProcedureId[]>> = {
  'true-rotor': ['change-rotor'],
  'refit-rotor': ['change-rotor'],
  'top-up': BLEED_METHODS.flatMap((each) => {
    const { flushes, procedure } = bleedRule(each);
    return flushes ? [procedure] : [];
  }),
};

/**
 * The procedures that what an inspection recommends comes to, in no order: the planner finds it. Work that the bench has
 * no procedure for (asking the maker, a new lever) is done by hand and not planned.
 */
export function proceduresFor(
  works: readonly Work[],
  actuation: Actuation,
  bleed: FirstBleed,
): ProcedureId[] {
  const found = works.flatMap((work): ProcedureId[] => {
    const id = work === 'full-bleed' ? bleedRule(bleed).procedure : PROCEDURE_OF[work];
    return id && suitsBrake(id, actuation) ? [id] : [];
  });
  const all = new Set(found);
  return [...all].filter((id) => !DONE_BY[id]?.some((other) => all.has(other)));
}

/**
 * The first way to bleed a brake, and why: by which end it is and how its ports are made. Common practice [P].
 * @param port how the sheet says the ports are made
 */
export function bleedFor(
  end: 'front' | 'rear',
  port: string,
): { way: FirstBleed; why: 'bladder' | 'rear' | 'front' } {
  if (/bladder|syringe/i.test(port)) return { way: 'two-syringes', why: 'bladder' };
  return end === 'rear' ? { way: 'push-up', why: 'rear' } : { way: 'gravity-down', why: 'front' };
}
