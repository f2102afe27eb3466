import type { PassportTaken } from '@hold-fast/contract/passport';
import type { CalendarFeed } from '@hold-fast/contract/calendar';
import type { Message } from '@hold-fast/contract/outbox';
import type { Workday } from '@hold-fast/contract/day';
import type { Report, ReportLink } from '@hold-fast/contract/report';
import type { UsedPart } from '@hold-fast/core/kit/usedPart';
import type { SheetRevision } from '@hold-fast/core/sheet/sheet';
import type { BikePage, FoundBike } from '@hold-fast/contract/bikes';
import type {
  BenchJob,
  BenchPage,
  ChainState,
  Page,
  SealedRecord,
  SealedRow,
} from '@hold-fast/contract/jobs';
import type { BikeMet, NoticeKept } from '@hold-fast/contract/notices';
import type { Person, PinTries } from '@hold-fast/contract/people';
import type { FeedState } from '@hold-fast/contract/feed';
import type { RulesInForce } from '@hold-fast/contract/shopRules';
import type { DueRow } from '@hold-fast/contract/due';
import type { TraceRow } from '@hold-fast/contract/trace';
import type { Traced } from '@hold-fast/contract/traced';
import type { TroubleCounts } from '@hold-fast/contract/trouble';
import type { LearnedGive } from '@hold-fast/core/lever/learnedGive';
import type { SheetHistoryRow } from '@hold-fast/contract/sheets';
import type {
  ContainerInStore,
  FilledFrom,
  GaugeInStore,
  StockInStore,
  WasteCan,
  WrenchInStore,
} from '@hold-fast/contract/stores';
import { queryOptions, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { ask, askAll, askPage } from './api';
import { client, keys, outbox, pictures } from './client';

function usePages<T, P extends Page<T> = Page<T>, R = T[]>(
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
/** What all of the Bench comes to, loaded or not. */
export const useBenchSum = () =>
  usePages<BenchJob, BenchPage, Pick<BenchPage, 'bikes' | 'minutes'> | null>(
    keys.bench,
    '/bench',
    (pages) => pages.at(-1) ?? null,
  );
/** What of the records is looked for; empty where nothing is. */
export interface RecordsSought {
  q: string;
  from: string;
  to: string;
  word: string;
}
export function useRecords(sought: RecordsSought) {
  const asked = new URLSearchParams(Object.entries(sought).filter(([, value]) => value !== ''));
  return usePages<SealedRow>(
    [...keys.records, sought.q, sought.from, sought.to, sought.word],
    asked.size > 0 ? `/records?${asked.toString()}` : '/records',
  );
}
export const useBikes = (search: string) =>
  usePages<FoundBike>(
    keys.bikes(search),
    search ? `/bikes?q=${encodeURIComponent(search)}` : '/bikes',
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

export function useRefusesToKeep() {
  return useOutbox(() => outbox.refusesToKeep);
}

/** Wrong tries at one's own PIN from others' sessions. */
export const usePinTries = () =>
  useQuery({ queryKey: keys.pinTries, queryFn: () => ask<PinTries[]>('GET', '/pin-tries') });

/** @param id null while nobody has chosen one */
export const useBike = (id: string | null) =>
  useQuery({
    queryKey: keys.bike(id ?? ''),
    queryFn: () => ask<BikePage>('GET', `/bikes/${id}`),
    enabled: id !== null,
  });

/** What other workshops wrote of a bike, as it was taken in. */
export const usePassports = (bikeId: string) =>
  useQuery({
    queryKey: keys.passports(bikeId),
    queryFn: async () =>
      (await ask<{ items: PassportTaken[] }>('GET', `/bikes/${bikeId}/passports`)).items,
  });

const register = <T>(queryKey: readonly string[], path: string) =>
  queryOptions({ queryKey, queryFn: () => askAll<T>(path) });
export const useRulesHistory = () =>
  useQuery({
    queryKey: keys.rulesHistory,
    queryFn: () => ask<RulesInForce[]>('GET', '/rules/history'),
  });
export const useUsedParts = () => usePages<UsedPart>(keys.usedParts, '/used-parts');
export const useNotices = () => usePages<NoticeKept>(keys.notices, '/notices');
/** The bikes a notice meets. @param id null of one that is not written yet */
export const useBikesMet = (id: string | null) =>
  useQuery({
    queryKey: [...keys.notices, id],
    queryFn: () => askAll<BikeMet>(`/notices/${id}/bikes`),
    enabled: id !== null,
  });

const SHEETS = register<SheetRevision>(keys.sheets, '/sheets');
const GAUGES = register<GaugeInStore>(keys.gauges, '/gauges');
const WRENCHES = register<WrenchInStore>(keys.wrenches, '/wrenches');
const CONTAINERS = register<ContainerInStore>(keys.containers, '/containers');
const STOCK = register<StockInStore>(keys.stock, '/stock');
export const useSheets = () => useQuery(SHEETS);
export const useGauges = () => useQuery(GAUGES);
export const useWrenches = () => useQuery(WRENCHES);
export const useContainers = () => useQuery(CONTAINERS);
export const useStock = () => useQuery(STOCK);

const AT_HAND_MS = 5 * 60_000;
/** Asks for what the work on a job may need, so that it is at hand where the network fails later. */
export function useRegistersAtHand(): void {
  useEffect(() => {
    const staleTime = AT_HAND_MS;
    void client.prefetchQuery({ ...SHEETS, staleTime });
    void client.prefetchQuery({ ...GAUGES, staleTime });
    void client.prefetchQuery({ ...WRENCHES, staleTime });
    void client.prefetchQuery({ ...CONTAINERS, staleTime });
    void client.prefetchQuery({ ...STOCK, staleTime });
  }, []);
}

export const useFills = (containerId: string) =>
  useQuery({
    queryKey: keys.fills(containerId),
    queryFn: () => askAll<FilledFrom>(`/containers/${containerId}/fills`),
  });
export const useWaste = () =>
  useQuery({ queryKey: keys.waste, queryFn: () => ask<WasteCan[]>('GET', '/waste') });
/** What the shop's good brakes of a sheet showed of their own give. */
export const useLearnedGive = (sheetId: string, asked: boolean) =>
  useQuery({
    queryKey: keys.give(sheetId),
    queryFn: () => ask<LearnedGive>('GET', `/sheets/${sheetId}/give`),
    enabled: asked,
  });
/** Every revision of a sheet, newest first. */
export const useSheetHistory = (sheetId: string) =>
  useQuery({
    queryKey: keys.sheet(sheetId),
    queryFn: () => ask<SheetHistoryRow[]>('GET', `/sheets/${sheetId}`),
    enabled: sheetId !== '',
  });
const FEED_POLL_MS = 1500;
/** How the gauge feed stands, asked again and again while it is shown. */
export const useFeedState = () =>
  useQuery({
    queryKey: keys.feed,
    queryFn: () => ask<FeedState>('GET', '/feed/state'),
    refetchInterval: FEED_POLL_MS,
  });
export const useRules = () =>
  useQuery({ queryKey: keys.rules, queryFn: () => ask<RulesInForce>('GET', '/rules') });
export const useDues = () => usePages<DueRow>(keys.dues, '/due');
/** Whom something reached; nothing is asked before it is named. */
export function useTrace(asked: { by: Traced; name: string; from: string; to: string } | null) {
  const sought = new URLSearchParams(
    Object.entries(asked ?? {}).filter(([, value]) => value.trim() !== ''),
  ).toString();
  return usePages<TraceRow>([...keys.trace, sought], `/trace?${sought}`, undefined, asked !== null);
}
export const useTroubleCounts = () =>
  useQuery({
    queryKey: keys.troubleCounts,
    queryFn: () => ask<TroubleCounts>('GET', '/trouble/counts'),
  });
export const useLeads = () =>
  useQuery({ queryKey: keys.leads, queryFn: () => ask<Person[]>('GET', '/leads') });
export const useRecord = (id: string) =>
  useQuery({
    queryKey: keys.record(id),
    queryFn: () => ask<SealedRecord>('GET', `/records/${id}`),
  });
export const useReport = (recordId: string) =>
  useQuery({
    queryKey: keys.report(recordId),
    queryFn: () => ask<Report>('GET', `/records/${recordId}/report`),
  });
export const useReportLinks = (recordId: string) =>
  useQuery({
    queryKey: keys.reportLinks(recordId),
    queryFn: async () =>
      (await ask<{ items: ReportLink[] }>('GET', `/records/${recordId}/links`)).items,
  });
/** A report as its customer reads it, by its address alone. */
export const useOpenReport = (token: string) =>
  useQuery({
    queryKey: keys.openReport(token),
    queryFn: () => ask<Report>('GET', `/reports/${encodeURIComponent(token)}`),
  });
const CHAIN_POLL_MS = 400;
export const useChain = () =>
  useQuery({
    queryKey: keys.chain,
    queryFn: () => ask<ChainState>('GET', '/chain'),
    // It is walked beside the shop's work: asked again until it is through.
    refetchInterval: ({ state: { data } }) =>
      data?.whole && data.checked < data.links ? CHAIN_POLL_MS : false,
  });

/** The day's bench. It is looked at by several at once: what another moved is seen within half a minute. */
export const useWorkday = (day: string) =>
  useQuery({
    queryKey: keys.day(day),
    queryFn: () => ask<Workday>('GET', `/day?day=${day}`),
    refetchInterval: 30_000,
  });

/** What was written to customers, the newest first. */
export const useMessages = () => usePages<Message>(keys.messages, '/messages');

/** Addresses from which calendars take what is due. */
export const useCalendarFeeds = () =>
  useQuery({
    queryKey: keys.feeds,
    queryFn: async () => (await ask<{ items: CalendarFeed[] }>('GET', '/due/feeds')).items,
  });
