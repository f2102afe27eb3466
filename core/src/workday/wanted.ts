import type { AskedFluid } from '../fluid/compatibility';
import { mayFill, type FluidContainer } from '../fluid/container';
import { nameOf } from '../fluid/families';
import { shortOf, type Short, type StockLine } from '../stock/stock';
import type { DayWork } from './dayJob';

/** Fluid that a day takes, and what the shelf has of it that may go into those brakes. */
interface FluidOfDay {
  asked: AskedFluid;
  ml: number;
  onShelfMl: number;
}

/** What a day takes of the shelf. */
interface WantedOfDay {
  /** Pieces by part; those of which there are not enough stand in `short` too. */
  parts: { part: StockLine['part']; pieces: number }[];
  short: Short[];
  fluids: FluidOfDay[];
}

/**
 * What the jobs of a day take together, against what the shelf holds and may give on that day.
 * @param day `yyyy-mm-dd`
 */
export function wantedOfDay(
  works: readonly Pick<DayWork, 'parts' | 'fluids'>[],
  shelf: {
    parts: readonly Pick<StockLine, 'part' | 'count'>[];
    containers: readonly FluidContainer[];
  },
  day: string,
): WantedOfDay {
  const wanted = works.flatMap(({ parts }) => parts);
  const kinds = [...new Set(wanted)];
  const fluids = new Map<string, FluidOfDay>();
  for (const { asked, ml } of works.flatMap((work) => work.fluids)) {
    const name = nameOf(asked.fluid);
    const known = fluids.get(name);
    const onShelfMl = shelf.containers
      .filter((container) => mayFill(container, asked, null, day).ok)
      .reduce((sum, { remainingMl }) => sum + remainingMl, 0);
    fluids.set(name, { asked, ml: ml + (known?.ml ?? 0), onShelfMl });
  }
  return {
    parts: kinds.map((part) => ({ part, pieces: wanted.filter((each) => each === part).length })),
    short: shortOf(wanted, shelf.parts),
    fluids: [...fluids.values()],
  };
}
