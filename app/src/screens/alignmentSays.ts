import type { AlignmentChoice } from '@hold-fast/core/align/alignment';
import type { Gaps } from '@hold-fast/core/clearance/corners';
import { planningWords } from '../words/planning';
import { planWords } from '../words/planWords';
import { clearanceMore } from './bench/inspect/findings';

/** How a caliper is centred: what comes first, the one way with its reason, and what to move by how much. */
export function alignmentSays(choice: AlignmentChoice, gaps: Gaps | null): string[] {
  return [
    ...choice.first.map((each) => planWords.alignmentFirst[each]),
    planningWords.stepFace.chosenBecause(
      planWords.alignment[choice.way],
      planWords.alignmentWhy[choice.why],
    ),
    ...(gaps ? clearanceMore(gaps) : []),
    ...(choice.settlesOnBalls ? [planWords.alignmentOnBalls] : []),
  ];
}
