import { figureRule, type FigureId } from '@hold-fast/core/rules/figures';
import { storeFormWords } from '../../words/storeForms';
import { words } from '../../words/words';

/** A figure as it is said: a share in per cent, everything else in its unit. */
export function figureSays(id: FigureId, value: number): string {
  const { unit } = figureRule(id);
  return unit === 'share'
    ? words.format.percent(value)
    : `${words.format.keyed(String(value))} ${storeFormWords.figures.unit[unit]}`;
}
