import type { Visit } from '@hold-fast/core/plan/visit';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import type { PlanAnswer, Planner } from '../workers/plan.worker';
import { client } from './client';

let planner: Comlink.Remote<Planner> | null = null;

/** Plans are made off the screen's thread, so that a press of a button never waits for one. */
function worker(): Comlink.Remote<Planner> {
  planner ??= Comlink.wrap<Planner>(
    new Worker(new URL('../workers/plan.worker.ts', window.location.href), { type: 'module' }),
  );
  return planner;
}

const keyOf = (visit: Visit) => ['plan', visit] as const;

/** The plan of a visit as it stands; the one before is shown until the new one is there. */
export const usePlan = (visit: Visit) =>
  useQuery({
    queryKey: keyOf(visit),
    queryFn: () => worker().plan(visit),
    enabled: visit.chosen !== null,
    staleTime: Infinity,
    networkMode: 'always',
    placeholderData: keepPreviousData,
  });

/** What is left of the best plan after its first step is the best plan from there: it need not be looked for. */
export function foreseePlan(visit: Visit, next: Visit): void {
  const known = client.getQueryData<PlanAnswer>(keyOf(visit));
  const [first, ...rest] = known?.plan?.steps ?? [];
  if (!known?.plan || !first) return;
  client.setQueryData<PlanAnswer>(keyOf(next), {
    plan: { ...known.plan, steps: rest, minutes: known.plan.minutes - first.minutes },
    naive: null,
  });
}
