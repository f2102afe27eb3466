import type { BrakeFigure } from '@hold-fast/core/figure/brakeFigure';
import type { SeenKey } from '@hold-fast/core/figure/views';
import type { BrakeState } from '@hold-fast/core/plan/state';
import { figureWords } from '../../words/figure';
import { words } from '../../words/words';

/** What a brake's figure shows, in words made from the same difference: what moves, what is changed by it, what stays. */
export function figureSays({ shows, after, changed, stays }: BrakeFigure): string {
  const moves = shows.strokes.map(({ on, how }) =>
    figureWords.moves(figureWords.part[on], figureWords.motion[how]),
  );
  return figureWords.says(
    figureWords.view[shows.view],
    words.format.list(moves),
    changed.map((key) => stands(key, after)),
    stays.map((key) => stands(key, after)),
  );
}

function stands(key: SeenKey, state: BrakeState): string {
  const said: Partial<Record<string, string>> = figureWords.stands[key];
  return said[String(state[key])] ?? '';
}
