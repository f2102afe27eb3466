import type { Plan } from '@hold-fast/core/plan/planner';
import type { Chosen } from '@hold-fast/core/plan/task';
import type { Visit } from '@hold-fast/core/plan/visit';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import type { Planner } from '../workers/plan.worker';
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

/** The same work as somebody without a plan would do it; asked only before anything was done. */
export const useNaivePlan = (chosen: Chosen | null) =>
  useQuery({
    queryKey: ['naive', chosen],
    queryFn: () => worker().naive(chosen!),
    enabled: chosen !== null,
    staleTime: Infinity,
    networkMode: 'always',
  });

/** What is left of the best plan after its first step is the best plan from there: it need not be looked for. */
export function foreseePlan(visit: Visit, next: Visit): void {
  const known = client.getQueryData<Plan | null>(keyOf(visit));
  const [first, ...rest] = known?.steps ?? [];
  if (!known || !first) return;
  client.setQueryData<Plan>(keyOf(next), {
    ...known,
    steps: rest,
    minutes: known.minutes - first.minutes,
  });
}
