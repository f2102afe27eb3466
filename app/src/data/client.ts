import type { Place } from '@hold-fast/core/job/entry';
import type { JobChange, JobLog } from '@hold-fast/contract/jobs';
import { QueryClient, replaceEqualDeep } from '@tanstack/react-query';
import type { Person } from '@hold-fast/contract/people';
import { ask, NoConnection, onSignedOut } from './api';
import { deviceStorage } from './deviceStorage';
import { forgetSession, keepSaid } from './offline';
import { Outbox } from './outbox';
import { deviceStore, Pictures } from './pictures';

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
  give: (sheetId: string) => ['give', sheetId],
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

/** What several look at at once: what another wrote is seen so long after it, where nobody touches anything. */
const SEEN_AFTER_MS = 30_000;
for (const queryKey of [keys.bench, ['job'], keys.days])
  client.setQueryDefaults(queryKey, { refetchInterval: SEEN_AFTER_MS });

/** A job as the server has it, or as it is known here where that is later. The device keeps it: no worker does, which knows no later one. */
export async function askJob(jobId: string): Promise<JobLog> {
  const log = laterOf(await ask<JobLog>('GET', `/jobs/${jobId}`));
  void keepJob(log);
  return log;
}

const keepJob = (log: JobLog) => keepSaid(`/api/jobs/${log.base.id}`, log);

/** The name of whoever is signed in here, as far as the screen knows. */
export const whoIsHere = (): Omit<Place, 'seq'> => {
  const person = client.getQueryData<{ person: Person | null }>(keys.session)?.person;
  return { by: person?.name ?? '', ...(person?.apprentice ? { byApprentice: true } : {}) };
};

/**
 * The later of a job that arrives and the one at hand: answers overtake each other on their way, and an older one must
 * not take back a reading that stands on the screen.
 */
export function laterOf(arrived: JobLog): JobLog {
  const atHand = client.getQueryData<JobLog>(keys.job(arrived.base.id));
  if (!atHand || atHand.base.revision < arrived.base.revision) return arrived;
  // The same once more is not folded anew.
  return atHand.base.revision > arrived.base.revision ? atHand : replaceEqualDeep(atHand, arrived);
}

/**
 * A job in which these entries stand: where the server cannot be reached, the device answers by what it kept before them.
 * @throws NoConnection whatever is wrong: with what was taken nothing is
 */
async function askWith(jobId: string, added: JobChange['added']): Promise<JobLog> {
  const log = await askJob(jobId).catch(() => null);
  const there = new Set(log?.entries.map(({ entry }) => entry.id));
  if (!log || added.some(({ entry }) => !there.has(entry.id))) throw new NoConnection();
  return log;
}

/**
 * Takes in what a write changed of a job, and asks for the whole where something between is missing; whatever lists the job is
 * asked for again.
 * @returns the job with it, once the device keeps it: before that, what was written must not be let go of
 * @throws NoConnection where the whole cannot be asked for
 */
export async function takeChange(
  jobId: string,
  { base, added, count, registers }: JobChange,
): Promise<JobLog> {
  // Also where nobody sees the list: the device keeps what was said last, and without network the Bench is that.
  void client.invalidateQueries({ queryKey: keys.bench });
  void client.invalidateQueries({ queryKey: keys.bike(base.bike.id) });
  // Which bikes are here is asked again by who looks for one next.
  void client.invalidateQueries({ queryKey: ['bikes'], refetchType: 'none' });
  for (const register of registers) void client.invalidateQueries({ queryKey: keys[register] });
  const before = client.getQueryData<JobLog>(keys.job(jobId))?.entries ?? [];
  const there = new Set(before.map(({ entry }) => entry.id));
  const entries = [...before, ...added.filter(({ entry }) => !there.has(entry.id))];
  const log = entries.length === count ? laterOf({ base, entries }) : await askWith(jobId, added);
  client.setQueryData(keys.job(jobId), log);
  await keepJob(log);
  return log;
}

export const outbox = new Outbox(deviceStorage(), takeChange);
export const pictures = new Pictures(deviceStore(), takeChange);

/** Whose entries and pictures are made and sent from now on; null while nobody is signed in. */
export function signedInAs(person: string | null): void {
  outbox.signedInAs(person);
  pictures.signedInAs(person);
}

// Who is signed in stays on screen while a session is renewed, so that nothing half-done is lost.
onSignedOut(() => {
  void forgetSession();
  const session = client.getQueryData<{ person: unknown }>(keys.session);
  if (session?.person) client.setQueryData(keys.session, { ...session, ended: true });
});

globalThis.addEventListener?.('online', () => {
  outbox.backOnline();
  void pictures.send();
});
