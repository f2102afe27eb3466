import type { Plan } from '@hold-fast/core/plan/planner';
import { naivePlan, type Chosen } from '@hold-fast/core/plan/task';
import { planAt, type Visit } from '@hold-fast/core/plan/visit';
import * as Comlink from 'comlink';

const planner = {
  /** What is left of a visit; null when there is no way. */
  plan: (visit: Visit): Plan | null => planAt(visit),
  /** The same work without a plan, to tell what planning saves. */
  naive: (chosen: Chosen): Plan | null => naivePlan(chosen),
};
export type Planner = typeof planner;

Comlink.expose(planner);
