import type { Place } from '@hold-fast/core/job/entry';
import type { JobChange, JobLog } from '@hold-fast/contract/jobs';
import { fold } from '@hold-fast/core/job/fold';
import type { Job } from '@hold-fast/core/job/job';
import type { EntryKind } from '@hold-fast/core/job/kinds';
import { QueryClient } from '@tanstack/react-query';
import type { Person } from '@hold-fast/contract/people';
import { ask, NoConnection, onSignedOut } from './api';
import { deviceStorage } from './deviceStorage';
import { forgetSession, keepSaid } from './offline';
import { Outbox } from './outbox';

const FRESH_MS = 10_000;
/** What was asked for is kept for a working day: where the network fails, the bench goes on by it. */
const KEPT_MS = 12 * 60 * 60_000;

export const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: FRESH_MS,
      gcTime: KEPT_MS,
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
  notices: ['notices'],
  usedParts: ['used-parts'],
  rulesHistory: ['rules-history'],
  bike: (id: string) => ['bike', id],
  passports: (bikeId: string) => ['passports', bikeId],
  sheets: ['sheets'],
  sheet: (id: string) => ['sheet', id],
  feed: ['feed'],
  rules: ['rules'],
  troubleCounts: ['trouble-counts'],
  gauges: ['gauges'],
  wrenches: ['wrenches'],
  containers: ['containers'],
  fills: (containerId: string) => ['containers', containerId, 'fills'],
  stock: ['stock'],
  waste: ['waste'],
  leads: ['leads'],
  people: ['people'],
  trust: ['trust'],
  tablets: ['tablets'],
  records: ['records'],
  dues: ['dues'],
  messages: ['messages'],
  feeds: ['calendar-feeds'],
  days: ['days'],
  day: (day: string) => ['days', day],
  trace: ['trace'],
  record: (id: string) => ['record', id],
  report: (id: string) => ['report', id],
  openReport: (token: string) => ['open-report', token],
  reportLinks: (id: string) => ['report-links', id],
  chain: ['chain'],
  pinTries: ['pin-tries'],
} as const;

/** A job as the cache holds it: what the server said, and what follows. */
export interface HeldJob {
  log: JobLog;
  job: Job;
}

/** A job as the server has it. */
export const askJob = (jobId: string) => ask<JobLog>('GET', `/jobs/${jobId}`);

/** The name of whoever is signed in here, as far as the screen knows. */
export const whoIsHere = (): Omit<Place, 'seq'> => {
  const person = client.getQueryData<{ person: Person | null }>(keys.session)?.person;
  return { by: person?.name ?? '', ...(person?.apprentice ? { byApprentice: true } : {}) };
};

export const heldJob = (log: JobLog): HeldJob => ({ log, job: fold(log.base, log.entries) });

/**
 * The later of a job that arrives and the one at hand: answers overtake each other on their way, and an older one must
 * not take back a reading that stands on the screen.
 */
export function laterOf(arrived: JobLog): HeldJob {
  const atHand = client.getQueryData<HeldJob>(keys.job(arrived.base.id));
  return atHand && atHand.log.base.revision > arrived.base.revision ? atHand : heldJob(arrived);
}

/** The registers that an entry changes besides its job. */
function registersChangedBy(kind: EntryKind): (readonly string[])[] {
  switch (kind) {
    case 'fill':
    case 'fluid-back':
      return [keys.containers];
    case 'waste':
      return [keys.waste];
    case 'part-taken':
      return [keys.stock];
    case 'tightening':
    case 'pass-mark':
      return [keys.wrenches];
    default:
      return [];
  }
}

/** Takes in what a write changed of a job; where something between is missing, and whatever lists the job, is asked for again. */
export function takeChange(jobId: string, { base, added, count }: JobChange): Job | null {
  void client.invalidateQueries({ queryKey: keys.bench });
  void client.invalidateQueries({ queryKey: keys.bike(base.bike.id) });
  for (const { entry } of added)
    for (const queryKey of registersChangedBy(entry.kind))
      void client.invalidateQueries({ queryKey });
  const atHand = client.getQueryData<HeldJob>(keys.job(jobId));
  const before = atHand?.log.entries ?? [];
  const there = new Set(before.map(({ entry }) => entry.id));
  const entries = [...before, ...added.filter(({ entry }) => !there.has(entry.id))];
  if (entries.length !== count) {
    void client.invalidateQueries({ queryKey: keys.job(jobId) });
    return null;
  }
  const held = laterOf({ base, entries });
  client.setQueryData(keys.job(jobId), held);
  return held.job;
}

export const outbox = new Outbox(deviceStorage(), takeChange);

// A job is made up of what was asked once and of every entry since: it is kept as it stands here.
client.getQueryCache().subscribe(({ type, query }) => {
  const [of, jobId] = query.queryKey;
  const held = query.state.data as HeldJob | undefined;
  if (type === 'updated' && of === keys.job('')[0] && held)
    void keepSaid(`/api/jobs/${String(jobId)}`, held.log);
});

// Who is signed in stays on screen while a session is renewed, so that nothing half-done is lost.
onSignedOut(() => {
  void forgetSession();
  const session = client.getQueryData<{ person: unknown }>(keys.session);
  if (session?.person) client.setQueryData(keys.session, { ...session, ended: true });
});

globalThis.addEventListener?.('online', () => outbox.backOnline());
