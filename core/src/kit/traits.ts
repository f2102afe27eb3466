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
type Trait = Actuation | 'nut' | 'banjo';

/** Which brakes something of the trade is for. */
export type ForWhich = 'every-brake' | readonly Trait[];

/** Whether something is for a brake. */
export function isFor(which: ForWhich, brake: BrakeKind): boolean {
  if (which === 'every-brake') return true;
  const joint = brake.actuation === 'hydraulic' && (brake.banjo ? 'banjo' : 'nut');
  return which.some((trait) => trait === brake.actuation || trait === joint);
}
