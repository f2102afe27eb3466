import type { WitnessRing } from '@hold-fast/core/bedding/pulls';
import type { Decider, Deviation, DeviationChoice } from '@hold-fast/core/deviation/deviations';
import type { BleedStands, Bubbles } from '@hold-fast/core/fluid/bleedRun';
import type { Answer } from '@hold-fast/core/plan/quote';
import type { Alignment, AlignmentFirst, AlignmentReason } from '@hold-fast/core/align/alignment';
import type { StepRefusal } from '@hold-fast/core/job/planStep';
import type { Place } from '@hold-fast/core/plan/state';
import type { ProcedureId } from '@hold-fast/core/procedure/procedures';
import type { Caution, Consumable, StepId, Tool } from '@hold-fast/core/procedure/steps';

interface StepWords {
  /** Verb first, what to do. */
  does: string;
  /** Why, or how, in one line. */
  why: string;
}

/** The words of plan and step face, apart from the rest: no other screen loads them. */
export interface PlanWords {
  step: Record<StepId | 'wash-hands', StepWords>;
  procedure: Record<ProcedureId, string>;
  tool: Record<Tool, string>;
  consumable: Record<Consumable, string>;
  caution: Record<Caution, string>;
  place: Record<Place, string>;
  alignment: Record<Alignment, string>;
  alignmentWhy: Record<AlignmentReason, string>;
  alignmentFirst: Record<AlignmentFirst, string>;
  alignmentOnBalls: string;
  bubbles: Record<Bubbles, string>;
  ring: Record<WitnessRing, string>;
  deviation: Record<Deviation, string>;
  choice: Record<DeviationChoice, { says: string; risk: string }>;
  decider: Record<Decider, string>;
  answer: Record<Answer, string>;
  fault: (what: StepRefusal) => string;
  /** How a set-up stays while the works it serves are done. */
  stays: (setUp: StepId | 'wash-hands') => string;
  bleed: (stands: BleedStands) => { title: string; says: string };
}
