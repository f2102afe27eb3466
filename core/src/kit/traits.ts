import type { Actuation } from './actuation';

/** How a brake is pulled, and how its hose sits on the caliper: what decides which work there is on it. */
export interface BrakeKind {
  actuation: Actuation;
  /** The hose sits on the caliper with a banjo, and not with a nut. */
  banjo: boolean;
}

/** A brake nobody identified counts as the usual one [D]. */
export const USUAL_BRAKE: Readonly<BrakeKind> = { actuation: 'hydraulic', banjo: false };

/** What something of the trade can be said to be for: a kind of brake, or a joint that only some have. */
export type Trait = Actuation | 'nut' | 'banjo';

/** Whether something is for a brake; for every brake where nothing is said. */
export function isFor(traits: readonly Trait[] | undefined, brake: BrakeKind): boolean {
  if (!traits) return true;
  const joint = brake.actuation === 'hydraulic' && (brake.banjo ? 'banjo' : 'nut');
  return traits.some((trait) => trait === brake.actuation || trait === joint);
}
