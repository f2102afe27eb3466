import { ENDS, type End, type UsualEnd } from '../ends';
import type { AskedFluid } from '../fluid/compatibility';
import { mayFill, type FluidContainer } from '../fluid/container';
import { USUAL_HOSE_MM, volumesOf } from '../fluid/volumes';
import { FIRST_BLEEDS } from '../fluid/bleedMethods';
import type { PlannedStep } from './planner';

/** Fluid that a plan takes at one end. */
interface FluidWanted<Container> {
  end: End;
  asked: AskedFluid;
  /** A flush of that brake, whole mL. */
  ml: number;
  /** The first container on the shelf that may give so much, or null. */
  from: Container | null;
}

/** What of a brake says how much fluid it takes. */
interface WetBrake {
  axle: UsualEnd;
  fluid: AskedFluid | null;
  hose: Parameters<typeof volumesOf>[0];
}

/**
 * What fluid to lay out for the ends that are bled, before anybody measured a hose.
 * @param brakes what each end's sheet asks for; an end without a sheet, or without fluid, takes none
 * @param today `yyyy-mm-dd`
 */
export function fluidWanted<Container extends FluidContainer>(
  steps: readonly PlannedStep[],
  brakes: Readonly<Partial<Record<End, WetBrake | null>>>,
  shelf: readonly Container[],
  today: string,
): FluidWanted<Container>[] {
  return ENDS.flatMap((end) => {
    const brake = brakes[end];
    const bled = steps.some((each) => each.end === end && BLED_BY.has(each.step));
    if (!bled || !brake?.fluid) return [];
    const asked = brake.fluid;
    const ml = Math.ceil(volumesOf(brake.hose, USUAL_HOSE_MM[brake.axle]).flushMl);
    const from = shelf.find((container) => mayFill(container, asked, ml, today).ok) ?? null;
    return [{ end, asked, ml, from }];
  });
}

const BLED_BY: ReadonlySet<string> = new Set(FIRST_BLEEDS);
