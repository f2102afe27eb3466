import type { End } from '../ends';
import { metAt, type WetJob } from '../evidence/wet';
import { mayFill, type ContainerState, type FluidContainer } from '../fluid/container';
import { nameOf, type Family } from '../fluid/families';
import { dayIn } from './day';
import { fault, type EntryBase, type Kept, type Kind } from './entry';
import type { Job } from './job';

/** Fluid that left a container for a brake, mL. */
export interface FillEntry extends EntryBase {
  kind: 'fill';
  end: End;
  containerId: string;
  ml: number;
  colour: string;
}

/** The container as it stood. */
interface KnownContainer extends FluidContainer {
  label: string;
  lot: string;
}

/** What of a container on the shelf a fill rests on. */
export const containerAsKnown = (container: KnownContainer): KnownContainer => ({
  label: container.label,
  lot: container.lot,
  fluid: container.fluid,
  sizeMl: container.sizeMl,
  remainingMl: container.remainingMl,
  openedOn: container.openedOn,
  printedUseBy: container.printedUseBy,
  monthsAfterOpening: container.monthsAfterOpening,
  condition: container.condition,
  writtenOff: container.writtenOff,
});

/**
 * Whether so much of a container may go into the brake at an end today, by what its sheet asks for and by what its lever, hose
 * and caliper have met; null where no sheet asks for fluid.
 * @param ml as {@link mayFill}
 */
export function mayFillAt(
  job: Pick<Job, 'identified' | 'metBefore'> & WetJob,
  end: End,
  container: FluidContainer,
  ml: number | null,
  day: string,
): ContainerState | null {
  const asked = job.identified[end]?.sheet.body.fluid;
  if (!asked) return null;
  const met = metAt(job.metBefore[end], job, end);
  return mayFill(container, asked, ml, day, met);
}

/** Fluid that went into a brake, with the container it came from. */
interface Filled extends Kept<FillEntry>, Pick<KnownContainer, 'label' | 'lot'> {
  seq: number;
  /** Its name, with its family and grade. */
  fluid: string;
  family: Family;
  /** Clean fluid of it that was poured back. */
  backMl: number;
}

declare module './job' {
  interface Facts {
    filled: Filled[];
  }
}

export const fill: Kind<FillEntry, { container: KnownContainer }> = {
  kind: 'fill',
  whose: 'bench',
  registers: ['containers', 'notices'],
  fault: (job, { at, end, ml }, { container }) => {
    const sheet = job.identified[end]?.sheet.body;
    if (!sheet) return fault('invalid-input', 'end', 'not-identified');
    if (!sheet.fluid) return fault('container-refused', 'end', 'no-fluid-asked');
    const state = mayFillAt(job, end, container, ml, dayIn(job.rules.timeZone, at));
    if (!state || state.ok) return null;
    const field = state.code === 'not-enough' ? 'ml' : 'containerId';
    return fault('container-refused', field, state.code, { ...state });
  },
  add: (facts, { id, at, end, containerId, ml, colour }, { container }, { seq, by }) => ({
    ...facts,
    filled: [
      ...facts.filled,
      {
        id,
        seq,
        end,
        containerId,
        label: container.label,
        fluid: nameOf(container.fluid),
        family: container.fluid.family,
        lot: container.lot,
        ml,
        colour,
        backMl: 0,
        at,
        by,
      },
    ],
  }),
};
