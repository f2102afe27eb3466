import type { EntryBase } from './entry';
import { tells, toldOf, type Told } from './told';

/** What a job can wait for; `nothing` ends the wait [P]. */
export const WAITS_FOR = ['part', 'customer', 'maker', 'nothing'] as const;
export type WaitsFor = (typeof WAITS_FOR)[number];

/** Days after which somebody is asked again, as they are offered [D]. */
export const ASK_AGAIN_IN_DAYS = [1, 3, 7, 14] as const;

/** That a job waits, for whom or what was asked, and when to ask again; or that it waits no more. */
export interface WaitsEntry extends EntryBase {
  kind: 'waits';
  for: WaitsFor;
  /** Who was asked, or what is to come; empty where it waits no more. */
  asked: string;
  /** `yyyy-mm-dd`; null where it waits no more. */
  askAgainOn: string | null;
}

export const waits = tells<WaitsEntry>('waits', 'anybody');

/** What somebody who waits is waiting for. */
export interface Wait {
  for: Exclude<WaitsFor, 'nothing'>;
  asked: string;
  askAgainOn: string;
}

/** The wait that a last word on it comes to; null where it waits for nothing. */
export function waitIn(last: Pick<WaitsEntry, 'for' | 'asked' | 'askAgainOn'> | null): Wait | null {
  return last && last.for !== 'nothing' && last.askAgainOn !== null
    ? { for: last.for, asked: last.asked, askAgainOn: last.askAgainOn }
    : null;
}

/** What a job waits for now, or null. */
export const waitOf = (job: { told: readonly Told[] }): Wait | null =>
  waitIn(toldOf(job, 'waits').at(-1) ?? null);
