import type { FigureBrake } from '@hold-fast/core/figure/brakeFigure';
import type { BrakeState } from '@hold-fast/core/plan/state';

/** What every view of a brake is drawn from. */
export interface ViewProps {
  state: BrakeState;
  brake: FigureBrake;
}
