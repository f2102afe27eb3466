import type { Job } from '@hold-fast/contract/jobs';
import { QueryClient } from '@tanstack/react-query';
import { NoConnection, onSignedOut } from './api';
import { deviceStorage } from './deviceStorage';
import { Outbox } from './outbox';

const FRESH_MS = 10_000;

export const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: FRESH_MS,
      retry: (failures, error) => error instanceof NoConnection && failures < 3,
      networkMode: 'always',
    },
    mutations: { retry: false, networkMode: 'always' },
  },
});

export const keys = {
  session: ['session'],
  bench: ['bench'],
  job: (id: string) => ['job', id],
  bikes: (search: string) => ['bikes', search],
  bike: (id: string) => ['bike', id],
  sheets: ['sheets'],
  sheet: (id: string) => ['sheet', id],
  feed: ['feed'],
  rules: ['rules'],
  gauges: ['gauges'],
  wrenches: ['wrenches'],
  containers: ['containers'],
  fills: (containerId: string) => ['containers', containerId, 'fills'],
  stock: ['stock'],
  waste: ['waste'],
  leads: ['leads'],
  records: ['records'],
  record: (id: string) => ['record', id],
  chain: ['chain'],
  pinTries: ['pin-tries'],
} as const;

/**
 * The later of a job that arrives and the one at hand: answers overtake each other on their way, and an older one must
 * not take back a reading that stands on the screen.
 */
export function laterOf(arrived: Job): Job {
  const atHand = client.getQueryData<Job>(keys.job(arrived.id));
  return atHand && atHand.revision > arrived.revision ? atHand : arrived;
}

/** Takes in a job as the server now has it; what lists it is asked for again. */
export function takeJob(job: Job): void {
  client.setQueryData(keys.job(job.id), laterOf(job));
  void client.invalidateQueries({ queryKey: keys.bench });
  void client.invalidateQueries({ queryKey: keys.bike(job.bike.id) });
}

export const outbox = new Outbox(deviceStorage(), takeJob);

// Who is signed in stays on screen while a session is renewed, so that nothing half-done is lost.
onSignedOut(() => {
  const session = client.getQueryData<{ person: unknown }>(keys.session);
  if (session?.person) client.setQueryData(keys.session, { ...session, ended: true });
});

globalThis.addEventListener?.('online', () => void outbox.send());
