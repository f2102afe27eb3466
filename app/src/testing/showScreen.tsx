import { gaugeAsKnown } from '@hold-fast/core/job/measurement';
import type { EntryOf } from '@hold-fast/core/job/kinds';
import * as folding from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import type { Gauge } from '@hold-fast/contract/stores';
import { QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { client, keys, outbox } from '../data/client';
import { withWaiting } from '../data/withWaiting';
import { exampleLog, GAUGE, waitingOf } from './exampleJob';
import './patience';

/** Call before each test of a screen: an empty cache, and an outbox that only remembers what it was given. */
export function clearApp(): void {
  jest.restoreAllMocks();
  client.clear();
  localStorage.clear();
  client.setDefaultOptions({
    queries: { staleTime: Infinity, gcTime: Infinity, retry: false },
    mutations: { gcTime: Infinity },
  });
  jest.spyOn(outbox, 'add').mockImplementation(() => true);
}

/** Shows a screen with what the app already has at hand. */
export function showScreen(element: ReactElement, { job, gauges = [GAUGE] }: At = {}) {
  if (job) {
    // A screen shown before is still there, and hears of it.
    act(() => void client.setQueryData(keys.job(job.id), { base: job, entries: [] }));
    // The job as the test says that it stands, whatever was entered.
    jest.spyOn(folding, 'fold').mockReturnValue(job);
  }
  client.setQueryData(keys.gauges, gauges);
  return render(<QueryClientProvider client={client}>{element}</QueryClientProvider>);
}

interface At {
  job?: Job;
  gauges?: readonly Gauge[];
}

type Said = EntryOf<'measurement' | 'reading' | 'look' | 'look-over' | 'waits'>;

/** The example job after these entries, as the app shows it before the server has them. */
export function jobAfter(entries: readonly Said[], change: Partial<Job> = {}): Job {
  const waiting = entries.map((entry) => waitingOf(entry, { known: knownOf(entry) }));
  return { ...withWaiting(exampleLog(), waiting, { by: 'Maren Okafor' }), bars: [], ...change };
}

const knownOf = ({ kind }: Said) =>
  kind === 'measurement' ? { gauge: gaugeAsKnown(GAUGE) } : null;
/** The entry the screen last sent. */
export function lastSent(): unknown {
  return jest.mocked(outbox.add).mock.calls.at(-1)?.[0].entry;
}

/** Presses what sends a form, which looks over what is written before it does. */
export async function submit(says: string): Promise<void> {
  await act(async () => {
    fireEvent.press(screen.getByText(says));
    // One turn of the loop: every promise of it is kept by then.
    await new Promise((resolve) => setImmediate(resolve));
  });
}

/** A write to the server, whatever its path. */
export const A_WRITE = [expect.any(String), expect.objectContaining({ method: 'POST' })] as const;
