import type { Plan } from '@hold-fast/core/plan/planner';
import { naivePlan } from '@hold-fast/core/plan/task';
import { planAt, type Visit } from '@hold-fast/core/plan/visit';
import * as Comlink from 'comlink';

/** A plan for what is left of a visit, and before anything was done what the same would take without one. */
export interface PlanAnswer {
  plan: Plan | null;
  naive: Plan | null;
}

const planner = {
  plan: (visit: Visit): PlanAnswer => ({
    plan: planAt(visit),
    naive: visit.chosen && visit.steps.length === 0 ? naivePlan(visit.chosen) : null,
  }),
};
export type Planner = typeof planner;

Comlink.expose(planner);
