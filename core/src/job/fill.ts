import type { End } from '../ends';
import { mayFill, type FluidContainer } from '../fluid/container';
import { nameOf } from '../fluid/families';
import { dayIn } from './day';
import { fault, type EntryBase, type Kind } from './entry';

/** Fluid that left a container for a brake, mL. */
export interface FillEntry extends EntryBase {
  kind: 'fill';
  end: End;
  containerId: string;
  ml: number;
  colour: string;
}

/** The container as it stood. */
export interface KnownContainer extends FluidContainer {
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

export const fill: Kind<FillEntry, { container: KnownContainer }> = {
  kind: 'fill',
  whose: 'bench',
  fault: (job, { at, end, ml }, { container }) => {
    const sheet = job.identified[end]?.sheet.body;
    if (!sheet) return fault('invalid-input', 'end', 'not-identified');
    if (!sheet.fluid) return fault('container-refused', 'end', 'no-fluid-asked');
    const state = mayFill(container, sheet.fluid, ml, dayIn(job.rules.timeZone, at));
    if (state.ok) return null;
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
