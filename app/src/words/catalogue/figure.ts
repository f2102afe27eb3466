import type { FigurePart, Motion, SeenKey, View } from '@hold-fast/core/figure/views';
import type { BrakeState } from '@hold-fast/core/plan/state';

type Said<V> = V extends boolean ? `${V}` : V & string;

/** What the drawing of a brake says in words. */
export interface FigureWords {
  view: Record<View, string>;
  part: Record<FigurePart, string>;
  motion: Record<Motion, string>;
  stands: { [K in SeenKey]: Record<Said<BrakeState[K]>, string> };
  /** A bleed as it runs. */
  bleedTube: {
    times: (share: string) => string;
    says: (movedMl: string, heldMl: string, cycles: number, clean: number, toGo: number) => string;
  };
  moves: (part: string, motion: string) => string;
  says: (
    view: string,
    moves: string,
    changed: readonly string[],
    stays: readonly string[],
  ) => string;
}
