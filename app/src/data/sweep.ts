import type { HoseRun } from '@hold-fast/core/hose/hose';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import type { Sweeper } from '../workers/hose.worker';

let sweeper: Comlink.Remote<Sweeper> | null = null;

function worker(): Comlink.Remote<Sweeper> {
  sweeper ??= Comlink.wrap<Sweeper>(
    new Worker(new URL('../workers/hose.worker.ts', window.location.href), { type: 'module' }),
  );
  return sweeper;
}

/** What a run of hose needs over all of the bar's turn, worked out off the screen's thread; the one before stands until it is there. */
export const useSweep = (run: HoseRun | null) =>
  useQuery({
    queryKey: ['hose', run],
    queryFn: async () => ({ run: run!, swept: await worker().sweep(run!) }),
    enabled: run !== null,
    staleTime: Infinity,
    networkMode: 'always',
    placeholderData: keepPreviousData,
  });
