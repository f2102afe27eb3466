import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import type { BenchJob, BenchPage, Page } from '@hold-fast/contract/jobs';
import type { PinTries } from '@hold-fast/contract/people';
import type {
  ContainerInStore,
  GaugeInStore,
  StockInStore,
  WrenchInStore,
} from '@hold-fast/contract/stores';
import { queryOptions, useInfiniteQuery, useQuery, type InfiniteData } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { ask, askAll, askPage } from './api';
import { client, keys, outbox, pictures } from './client';

/** A list of pages, the next asked for as it is wanted. */
export function usePages<T, P extends Page<T> = Page<T>, R = T[]>(
  queryKey: readonly string[],
  path: string,
  select: (pages: P[]) => R = (pages) => pages.flatMap(({ items }) => items) as R,
  enabled = true,
) {
  return useInfiniteQuery({
    queryKey,
    enabled,
    initialPageParam: null as string | null,
    queryFn: ({ pageParam }) => askPage<P>(path, pageParam),
    getNextPageParam: (last) => last.after,
    select: ({ pages }) => select(pages),
  });
}

export const useBench = () => usePages<BenchJob>(keys.bench, '/bench');
/** A job's row at the Bench, where it was loaded. */
export const benchRowOf = (jobId: string): BenchJob | undefined =>
  client
    .getQueryData<InfiniteData<BenchPage>>(keys.bench)
    ?.pages.flatMap(({ items }) => items)
    .find(({ id }) => id === jobId);
/** What all of the Bench comes to, loaded or not. */
export const useBenchSum = () =>
  usePages<BenchJob, BenchPage, Pick<BenchPage, 'bikes' | 'minutes'> | null>(
    keys.bench,
    '/bench',
    (pages) => pages.at(-1) ?? null,
  );
/** Something of what waits on this device; on the server that paints the first page, nothing does. */
const useOutbox = <T>(read: () => T) => useSyncExternalStore(outbox.subscribe, read, read);

export function useWaiting() {
  return useOutbox(() => outbox.waiting);
}

export function useUnreadable() {
  return useOutbox(() => outbox.unreadable);
}

/** Pictures that the server does not have yet. */
export const usePictures = () =>
  useSyncExternalStore(
    pictures.subscribe,
    () => pictures.waiting,
    () => pictures.waiting,
  );

/** Entries the server did not take, until somebody has dealt with them. */
export function useNeedsYou() {
  return useOutbox(() => outbox.needsYou);
}

/** Whether there is anything that the server did not take, an entry or a picture. */
export function useIsNotTaken(): boolean {
  const pictured = usePictures();
  return useNeedsYou().length > 0 || pictured.some(({ problem }) => problem !== undefined);
}

export function useRefusesToKeep() {
  return useOutbox(() => outbox.refusesToKeep);
}

/** Wrong tries at one's own PIN from others' sessions. */
export const usePinTries = () =>
  useQuery({ queryKey: keys.pinTries, queryFn: () => ask<PinTries[]>('GET', '/pin-tries') });

const register = <T>(queryKey: readonly string[], path: string) =>
  queryOptions({ queryKey, queryFn: () => askAll<T>(path) });
const SHEETS = register<SheetRevision>(keys.sheets, '/sheets');
const GAUGES = register<GaugeInStore>(keys.gauges, '/gauges');
const WRENCHES = register<WrenchInStore>(keys.wrenches, '/wrenches');
const CONTAINERS = register<ContainerInStore>(keys.containers, '/containers');
export const STOCK = register<StockInStore>(keys.stock, '/stock');
export const useSheets = () => useQuery(SHEETS);
export const useGauges = () => useQuery(GAUGES);
export const useWrenches = () => useQuery(WRENCHES);
export const useContainers = () => useQuery(CONTAINERS);
export const useStock = () => useQuery(STOCK);

const AT_HAND_MS = 5 * 60_000;
/** How long a job's first frame has, ms. */
const FRAME_MS = 50;
/** Asks for what the work on a job may need, once the job is seen, so that it is at hand where the network fails later. */
export function useRegistersAtHand(): void {
  useEffect(() => {
    const seen = setTimeout(() => {
      for (const what of [SHEETS, GAUGES, WRENCHES, CONTAINERS, STOCK])
        void client.prefetchQuery({ ...(what as typeof STOCK), staleTime: AT_HAND_MS });
    }, FRAME_MS);
    return () => clearTimeout(seen);
  }, []);
}
