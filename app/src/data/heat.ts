import type { HeatAsked } from '@hold-fast/core/heat/descent';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import * as Comlink from 'comlink';
import { useState } from 'react';
import type { Heated, Heater, TrackRead } from '../workers/heat.worker';

/** So long a worker may say nothing before it is given up: one run takes a tenth of it on a slow phone. */
const SILENCE_MS = 10_000;

/** The worker was gone in the middle of its work. */
export class BrokenOff extends Error {}

let open: { worker: Worker; heater: Comlink.Remote<Heater> } | null = null;

function opened() {
  if (open) return open;
  const worker = new Worker(new URL('../workers/heat.worker.ts', window.location.href), {
    type: 'module',
  });
  open = { worker, heater: Comlink.wrap<Heater>(worker) };
  return open;
}

/** Asks the worker off the screen's thread. Stopped, failed or silent for too long it is shut, and the next one begins anew. */
function ask<T>(
  question: (heater: Comlink.Remote<Heater>, onWord: () => void) => unknown,
  signal?: AbortSignal,
): Promise<T> {
  const { worker, heater } = opened();
  return new Promise<T>((resolve, reject) => {
    const shut = (why: Error) => {
      worker.terminate();
      if (open?.worker === worker) open = null;
      reject(why);
    };
    const silent = () => shut(new BrokenOff());
    let silence = setTimeout(silent, SILENCE_MS);
    const onWord = () => {
      clearTimeout(silence);
      silence = setTimeout(silent, SILENCE_MS);
    };
    const stopped = () => shut(new DOMException('stopped', 'AbortError'));
    signal?.addEventListener('abort', stopped);
    worker.addEventListener('error', silent);
    Promise.resolve(question(heater, onWord) as Promise<T>)
      .then(resolve, reject)
      .finally(() => {
        clearTimeout(silence);
        signal?.removeEventListener('abort', stopped);
        worker.removeEventListener('error', silent);
      });
  });
}

/** A road out of the file of a track. */
export const readTrackFile = async (file: File): Promise<TrackRead> => {
  const xml = await file.text();
  return ask<TrackRead>((heater) => heater.track(xml));
};

/** How hot a descent gets, how far the reckoning has come, and how to stop it; the one before stands until it is there. */
export function useHeat(asked: HeatAsked | null) {
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const queries = useQueryClient();
  const queryKey = ['heat', asked];
  const query = useQuery({
    queryKey,
    queryFn: ({ signal }): Promise<Heated> => {
      setProgress(null);
      return ask<Heated>(
        (heater, onWord) =>
          heater.heat(
            asked!,
            Comlink.proxy((done: number, of: number) => {
              onWord();
              setProgress({ done, of });
            }),
          ),
        signal,
      );
    },
    enabled: asked !== null,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
    placeholderData: keepPreviousData,
  });
  return {
    data: query.data,
    busy: query.isFetching,
    brokenOff: query.error instanceof BrokenOff,
    progress,
    stop: () => void queries.cancelQueries({ queryKey }),
    again: () => void query.refetch(),
  };
}
