import { NEW_PARTS, type NewPart } from '../procedure/steps';

export { NEW_PARTS, type NewPart };

/** A kind of part on the shelf. */
export interface StockLine {
  id: string;
  part: NewPart;
  /** What it fits: pad shape, rotor size, hose type; empty fits all. */
  fits: string;
  count: number;
  reorderAt: number;
}

/** What of a brake's sheet says which parts fit it. */
export interface FittedBrake {
  pads: { shape: string };
  hose: { olive: string; barb: string; banjoSeals: string } | null;
}

/** Whether a kind of part is named by the brake's own sheet. */
export function fitsBySheet(
  { fits, description }: { fits: string; description: string },
  brake: FittedBrake | null,
): boolean {
  return [brake?.pads.shape, brake?.hose?.olive, brake?.hose?.barb, brake?.hose?.banjoSeals].some(
    (name) => name && (fits === name || description === name),
  );
}

/** Of how many parts the shelf does not hold enough. */
export interface Short {
  part: NewPart;
  wanted: number;
  onShelf: number;
}

/**
 * What a lay-out wants more of than the shelf holds, over every kind of that part; which kind fits is for whoever takes it.
 * @param wanted parts the plan takes, one entry each
 */
export function shortOf(
  wanted: readonly NewPart[],
  shelf: readonly Pick<StockLine, 'part' | 'count'>[],
): Short[] {
  return NEW_PARTS.flatMap((part) => {
    const need = wanted.filter((each) => each === part).length;
    const onShelf = shelf
      .filter((line) => line.part === part)
      .reduce((sum, { count }) => sum + Math.max(0, count), 0);
    return need > onShelf ? [{ part, wanted: need, onShelf }] : [];
  });
}
