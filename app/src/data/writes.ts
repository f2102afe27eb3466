import type { PassportTaken } from '@hold-fast/contract/passport';
import type { Passport } from '@hold-fast/core/passport/passport';
import type { CalendarWords } from '@hold-fast/contract/calendar';
import type { SendMessage } from '@hold-fast/contract/outbox';
import type { RowOutcome } from '@hold-fast/contract/rowsIn';
import type { OrderDay, PlaceJob } from '@hold-fast/contract/day';
import type {
  Bike,
  BikeCorrection,
  Customer,
  CustomerCorrection,
  EraseCustomer,
} from '@hold-fast/contract/bikes';
import type { Notice, NoticeKept } from '@hold-fast/contract/notices';
import type { FeedState, Scene } from '@hold-fast/contract/feed';
import type { Snooze } from '@hold-fast/contract/due';
import type { RulesEdit, RulesInForce } from '@hold-fast/contract/shopRules';
import type {
  ImportRow,
  SheetEdit,
  SheetHistoryRow,
  SheetsImport,
} from '@hold-fast/contract/sheets';
import type {
  Container,
  ContainerInStore,
  Gauge,
  GaugeInStore,
  HandOver,
  StockEdit,
  StockInStore,
  WasteCan,
  Wrench,
  WrenchInStore,
} from '@hold-fast/contract/stores';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { ask, ProblemError } from './api';
import { fieldSays } from '../words/faultWords';
import { useAttempt } from './attempt';
import { client, keys } from './client';

/** Registers a gauge, or changes one from the version it was opened at. */
export const useSaveGauge = () =>
  useMutation({
    mutationFn: ({ gauge, version }: { gauge: Gauge; version: number | null }) =>
      version === null
        ? ask<GaugeInStore>('POST', '/gauges', gauge)
        : ask<GaugeInStore>('PUT', `/gauges/${gauge.id}`, { version, gauge }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.gauges }),
  });

/** Registers a wrench, or changes one from the version it was opened at. */
export const useSaveWrench = () =>
  useMutation({
    mutationFn: ({ wrench, version }: { wrench: Wrench; version: number | null }) =>
      version === null
        ? ask<WrenchInStore>('POST', '/wrenches', wrench)
        : ask<WrenchInStore>('PUT', `/wrenches/${wrench.id}`, { version, wrench }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.wrenches }),
  });

/** Corrects what is written of a bike, from the version it was opened at; its open jobs are read anew. */
export const useCorrectBike = (bikeId: string) =>
  useMutation({
    mutationFn: (correction: BikeCorrection) => ask<Bike>('PUT', `/bikes/${bikeId}`, correction),
    onSuccess: () => client.invalidateQueries(),
  });

/** Corrects what is written of a customer, from the version it was opened at. */
export const useCorrectCustomer = (customerId: string) =>
  useMutation({
    mutationFn: (correction: CustomerCorrection) =>
      ask<Customer>('PUT', `/customers/${customerId}`, correction),
    onSuccess: () => client.invalidateQueries(),
  });

/** Takes in what another workshop wrote of a bike; sent again after a lost answer, it is the same one. */
export function useTakePassport(bikeId: string) {
  const [id] = useState(() => uuid());
  return useMutation({
    mutationFn: (passport: Passport) =>
      ask<{ items: PassportTaken[] }>('POST', `/bikes/${bikeId}/passports`, { id, passport }),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Takes away what is written of a customer: nothing that was read before is shown again. */
export const useEraseCustomer = (customerId: string) =>
  useMutation({
    mutationFn: (erase: EraseCustomer) =>
      ask<object>('POST', `/customers/${customerId}/erase`, erase),
    onSuccess: () => client.invalidateQueries(),
  });

interface NoticeToSave {
  notice: Notice;
  /** Why it meets fewer than it did, where it does. */
  because: string;
  version: number | null;
}

/** Writes a maker's notice down, or changes one from the version it was opened at; what it meets is read anew. */
export const useSaveNotice = () =>
  useMutation({
    mutationFn: ({ notice, because, version }: NoticeToSave) =>
      version === null
        ? ask<NoticeKept>('POST', '/notices', notice)
        : ask<NoticeKept>('PUT', `/notices/${notice.id}`, { version, notice, because }),
    onSuccess: () => client.invalidateQueries(),
  });

/** Puts a container on the shelf, or changes one from the version it was opened at. */
export const useSaveContainer = () =>
  useMutation({
    mutationFn: ({ container, version }: { container: Container; version: number | null }) =>
      version === null
        ? ask<ContainerInStore>('POST', '/containers', container)
        : ask<ContainerInStore>('PUT', `/containers/${container.id}`, { version, container }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.containers }),
  });

/** Puts a kind of part on the shelf, or moves its count; one try keeps its id until it is answered. */
/** Writes of the shelf: under the id that what is written has, where it has one. */
export function useStockWrite<Body extends object>(to: '/stock' | '/stock/moves') {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (body: Body) => ask<StockInStore>('POST', to, { id: attempt.of(body).id, ...body }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.stock });
    },
  });
}

/** Changes what is written of a kind of part, from the version it was opened at. */
export const useChangeStock = (stockId: string) =>
  useMutation({
    mutationFn: (change: StockEdit) => ask<StockInStore>('PUT', `/stock/${stockId}`, change),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.stock }),
  });

/** Throws a used part away after all. */
export function useScrapUsedPart() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: ({ id: partId, words: because }: { id: string; words: string }) =>
      ask<unknown>('POST', `/used-parts/${partId}/scrap`, {
        id: attempt.of({ partId, because }).id,
        words: because,
      }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.usedParts });
    },
  });
}

/** Hands the waste can of a family over for recycling. */
export function useHandWasteOver() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (handed: Omit<HandOver, 'id'>) =>
      ask<WasteCan[]>('POST', '/waste', { ...handed, id: attempt.of(handed).id }),
    onSuccess: (cans) => {
      attempt.answered();
      client.setQueryData(keys.waste, cans);
    },
  });
}

/** Adds a sheet or a revision to one. */
export function useSaveSheet() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (edit: Omit<SheetEdit, 'id'>) =>
      ask<SheetHistoryRow[]>('PUT', `/sheets/${edit.sheetId}`, {
        ...edit,
        id: attempt.of(edit).id,
      }),
    onSuccess: (history, { sheetId }) => {
      attempt.answered();
      client.setQueryData(keys.sheet(sheetId), history);
      return client.invalidateQueries({ queryKey: keys.sheets });
    },
  });
}

/** Looks at a file of sheets, or takes it in. */
export function useImportSheets() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (taken: Omit<SheetsImport, 'id'>) =>
      ask<ImportRow[]>('POST', '/sheets/import', { ...taken, id: attempt.of(taken).id }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.sheets }),
  });
}

/** Presses a stand-in gauge’s button, or gives it another scene. */
export const useDriveGauge = () =>
  useMutation({
    mutationFn: ({
      serial,
      order,
    }: {
      serial: string;
      order: { press: true } | { scene: Scene };
    }) => ask<FeedState>('POST', `/feed/gauges/${serial}`, order),
    onSettled: () => client.invalidateQueries({ queryKey: keys.feed }),
  });

/** Puts something due off, with the reason. */
export function useSnooze() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (put: Omit<Snooze, 'id'>) =>
      ask('POST', '/due/snoozes', { ...put, id: attempt.of(put).id }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.dues });
    },
  });
}

/** Makes an address that shows one report to whoever has it. */
export function useMakeLink(recordId: string) {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: () =>
      ask('POST', `/records/${recordId}/links`, { id: attempt.of({ recordId }).id }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.reportLinks(recordId) });
    },
  });
}

/** Withdraws such an address: from then on it shows nothing. */
export function useWithdrawLink(recordId: string) {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (linkId: string) =>
      ask('POST', `/links/${linkId}/withdraw`, { id: attempt.of({ linkId }).id }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.reportLinks(recordId) });
    },
  });
}

/** Lays down the shop’s rules; every open job is judged by them from then on. */
export function useSaveRules() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (edit: Omit<RulesEdit, 'id'>) =>
      ask<RulesInForce>('PUT', '/rules', { ...edit, id: attempt.of(edit).id }),
    onSuccess: (inForce) => {
      attempt.answered();
      client.setQueryData(keys.rules, inForce);
      void client.invalidateQueries({ queryKey: keys.rulesHistory });
      void client.invalidateQueries({ queryKey: keys.troubleCounts });
      void client.invalidateQueries({ queryKey: ['job'] });
    },
  });
}

/** The faults a refusal found, by field, with the words for people. */
export function faultsOf(error: Error | null): Record<string, string> {
  if (!(error instanceof ProblemError)) return {};
  return Object.fromEntries(
    (error.problem.fields ?? []).map((fault) => [fault.path, fieldSays(fault)]),
  );
}

/** Gives a job its place on a day, another one, or none. */
export function usePlaceJob() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (put: Omit<PlaceJob, 'id'>) =>
      ask('POST', '/day/places', { ...put, id: attempt.of(put).id }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.days });
    },
  });
}

/** Puts a mechanic's day into another order. */
export function useOrderDay() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (order: Omit<OrderDay, 'id'>) =>
      ask('POST', '/day/orders', { ...order, id: attempt.of(order).id }),
    onSettled: () => client.invalidateQueries({ queryKey: keys.days }),
    onSuccess: () => attempt.answered(),
  });
}

/**
 * Says what would become of rows of a table, or takes them in; the same rows sent again are the same request.
 * @param more what is said of all of them
 */
export function useImportRows(
  path: '/bikes/import' | '/readings/import' | '/stock/import' | '/notices/import',
  more: object,
) {
  const attempt = useAttempt();
  return async (mode: 'preview' | 'take', rows: readonly object[]): Promise<RowOutcome[]> => {
    const { id } = attempt.of({ mode, rows });
    const sent = { id, mode, rows, ...more };
    const { items } = await ask<{ items: RowOutcome[] }>('POST', path, sent);
    attempt.answered();
    return items;
  };
}

/** Writes to the customer of a bike. */
export function useSendMessage() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (message: Omit<SendMessage, 'id'>) =>
      ask('POST', '/messages', { ...message, id: attempt.of(message).id }),
    onSuccess: () => {
      attempt.answered();
      return Promise.all(
        [keys.messages, keys.dues].map((queryKey) => client.invalidateQueries({ queryKey })),
      );
    },
  });
}

/** Makes an address from which a calendar takes what is due, in the words of whoever makes it. */
export function useMakeFeed() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (said: CalendarWords) =>
      ask('POST', '/due/feeds', { id: attempt.of({ said }).id, words: said }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.feeds });
    },
  });
}

/** Withdraws such an address. */
export function useWithdrawFeed() {
  const attempt = useAttempt();
  return useMutation({
    mutationFn: (feedId: string) =>
      ask('POST', `/due/feeds/${feedId}/withdraw`, { id: attempt.of({ feedId }).id }),
    onSuccess: () => {
      attempt.answered();
      return client.invalidateQueries({ queryKey: keys.feeds });
    },
  });
}
