import type { Entry } from '@hold-fast/contract/entries';
import type { Job } from '@hold-fast/contract/jobs';
import type { Gauge } from '@hold-fast/contract/stores';
import type { Problem } from '@hold-fast/contract/problem';
import type { Word } from '@hold-fast/core/wear/verdict';
import { ask, NoConnection, ProblemError } from './api';

/** An entry on its way to the server. */
export interface Waiting {
  jobId: string;
  entry: Entry;
  appWord: Word | null;
  /** The gauge of a measurement, to show its readings before the server has them. */
  gauge?: Gauge;
}

/** An entry the server would not take. */
export interface Refused extends Waiting {
  problem: Problem;
}

const PREFIX = 'hold-fast.outbox.';
/** Where what cannot be read is kept as it is, out of the way of the rest. */
const SET_ASIDE = 'hold-fast.set-aside.';
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 15_000;

/**
 * Entries that the server does not have yet, in the order they were made. Each is kept in the browser's storage until it is
 * acknowledged, so that a reload, a lost connection or an ended session loses none; its id keeps a second arrival
 * from counting twice.
 */
export class Outbox {
  #waiting: readonly Waiting[] = [];
  #refused: readonly Refused[] = [];
  #unreadable = 0;
  #sending = false;
  #pause = FIRST_PAUSE_MS;
  #timer: ReturnType<typeof setTimeout> | undefined;
  readonly #listeners = new Set<() => void>();

  constructor(
    private readonly storage: Storage,
    private readonly onTaken: (job: Job) => void,
  ) {
    this.#waiting = keysOf(storage, PREFIX).flatMap((key) => {
      const kept = storage.getItem(key)!;
      const waiting = readable(kept);
      if (waiting) return [waiting];
      storage.setItem(SET_ASIDE + key.slice(PREFIX.length), kept);
      storage.removeItem(key);
      return [];
    });
    this.#unreadable = keysOf(storage, SET_ASIDE).length;
  }

  /** How many entries could not be read and are set aside. */
  get unreadable(): number {
    return this.#unreadable;
  }

  /** Forgets what was set aside, once somebody dealt with it. */
  dismissUnreadable(): void {
    for (const key of keysOf(this.storage, SET_ASIDE)) this.storage.removeItem(key);
    this.#unreadable = 0;
    this.#tell();
  }

  get waiting(): readonly Waiting[] {
    return this.#waiting;
  }

  get refused(): readonly Refused[] {
    return this.#refused;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Keeps an entry and sends it as soon as it can. */
  add(waiting: Waiting): void {
    this.storage.setItem(PREFIX + waiting.entry.id, JSON.stringify(waiting));
    this.#waiting = [...this.#waiting, waiting];
    this.#tell();
    void this.send();
  }

  /** Forgets the refused entries of a job, once they were read. */
  dismissRefused(jobId: string): void {
    this.#refused = this.#refused.filter((refused) => refused.jobId !== jobId);
    this.#tell();
  }

  /** Sends what waits, one after the other; stops at a lost connection or an ended session and tries again later. */
  async send(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#timer);
    try {
      for (let first = this.#waiting[0]; first; first = this.#waiting[0]) {
        const { jobId, entry, appWord } = first;
        const job = await ask<Job>('POST', `/jobs/${jobId}/entries`, { entry, appWord });
        this.#pause = FIRST_PAUSE_MS;
        this.onTaken(job);
        this.#drop(first);
      }
    } catch (error) {
      this.#stopFor(error);
    } finally {
      this.#sending = false;
    }
  }

  #stopFor(error: unknown): void {
    const first = this.#waiting[0];
    if (error instanceof ProblemError && first && isFinal(error)) {
      this.#refused = [...this.#refused, { ...first, problem: error.problem }];
      this.#drop(first);
      this.#again(0);
      return;
    }
    // Somebody has to sign in first; that sends again.
    if (error instanceof ProblemError && error.kind === 'not-signed-in') return;
    if (!(error instanceof NoConnection) && !(error instanceof ProblemError)) throw error;
    this.#again(this.#pause);
    this.#pause = Math.min(LONGEST_PAUSE_MS, this.#pause * 2);
  }

  #again(pauseMs: number): void {
    this.#timer = setTimeout(() => void this.send(), pauseMs);
  }

  #drop(done: Waiting): void {
    this.storage.removeItem(PREFIX + done.entry.id);
    this.#waiting = this.#waiting.filter((waiting) => waiting !== done);
    this.#tell();
  }

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }
}

/** Refusals that another try would not change. */
function isFinal({ kind, problem }: ProblemError): boolean {
  return kind !== 'not-signed-in' && kind !== 'too-many-tries' && problem.status < 500;
}

/** Ids are made in the order of time, and so are the keys. */
function keysOf(storage: Storage, prefix: string): string[] {
  return Object.keys(storage)
    .filter((key) => key.startsWith(prefix))
    .sort();
}

/** An entry as it was kept; null where it is none, cut off or written by something else. */
function readable(kept: string): Waiting | null {
  try {
    const { jobId, entry } = JSON.parse(kept) as Partial<Waiting>;
    const whole = [jobId, entry?.id, entry?.kind, entry?.at].every(
      (each) => typeof each === 'string',
    );
    return whole ? (JSON.parse(kept) as Waiting) : null;
  } catch {
    return null;
  }
}
