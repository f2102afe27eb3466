import { keepPreviousData, useQuery } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import type { HeatAsked, Heater, Heating } from '../workers/heat.worker';

let heater: Comlink.Remote<Heater> | null = null;

function worker(): Comlink.Remote<Heater> {
  heater ??= Comlink.wrap<Heater>(
    new Worker(new URL('../workers/heat.worker.ts', window.location.href), { type: 'module' }),
  );
  return heater;
}

/** How hot a descent gets, worked out off the screen's thread; the one before stands until it is there. */
export const useHeat = (asked: HeatAsked | null) =>
  useQuery({
    queryKey: ['heat', asked],
    queryFn: async (): Promise<Heating> => worker().heat(asked!),
    enabled: asked !== null,
    staleTime: Infinity,
    networkMode: 'always',
    placeholderData: keepPreviousData,
  });
