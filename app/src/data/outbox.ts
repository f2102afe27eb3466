import type { Entry } from '@hold-fast/contract/entries';
import type { JobChange } from '@hold-fast/contract/jobs';
import type { KnownOf, SentKind } from '@hold-fast/core/job/kinds';
import type { Problem } from '@hold-fast/contract/problem';
import type { Word } from '@hold-fast/core/wear/verdict';
import type { About } from '../words/about';
import { ask, NoConnection, ProblemError } from './api';
import { Listeners } from '../listeners';
import { words } from '../words/words';

/** An entry on its way to the server. */
export interface Waiting {
  jobId: string;
  entry: Entry;
  appWord: Word | null;
  /** Who made it: it is sent as theirs, or waits. */
  by: string;
  /** What it is, in case somebody has to deal with it. */
  about: About;
  /** What the registers said when it was made, as far as it rests on them: what it comes to is known before the server has it. */
  known: KnownOf<SentKind>;
  /** What this device made ahead of it on the same job. */
  after?: string;
  /** How often the server could not take it. */
  tries?: number;
}

/** An entry that the server did not take, kept until somebody has dealt with it. */
interface NeedsYou extends Waiting {
  problem: Problem;
}

/** Something that goes by all of a job cannot be done while this device holds some of it back. */
export class UnsentFirst extends Error {
  constructor(readonly somebodyElses: boolean) {
    super(somebodyElses ? words.outbox.somebodyElsesFirst : words.outbox.mineFirst);
  }
}

const PREFIX = 'hold-fast.outbox.';
const NEEDS_YOU = 'hold-fast.needs-you.';
/** Where what cannot be read is kept as it is, out of the way of the rest. */
const SET_ASIDE = 'hold-fast.set-aside.';
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 15_000;
/** So often an entry that the server stumbles over is sent again before somebody has to look at it. */
const MOST_TRIES = 3;

/**
 * Entries that the server does not have yet, in the order they were made. Each is kept in the browser's storage until it is
 * acknowledged, so that a reload, a lost connection or an ended session loses none; its id keeps a second arrival
 * from counting twice. It is sent as the one who made it, and by nobody else. What the server will not take stays, named,
 * until somebody has dealt with it, and holds up nothing that waits behind it.
 */
export class Outbox {
  #waiting: readonly Waiting[] = [];
  #needsYou: readonly NeedsYou[] = [];
  #unreadable = 0;
  #refusesToKeep = false;
  #person: string | null = null;
  #sending = false;
  #round = Promise.resolve();
  #pause = FIRST_PAUSE_MS;
  #timer: ReturnType<typeof setTimeout> | undefined;
  /** The last entry made here, job by job. */
  readonly #lastOf = new Map<string, string>();
  readonly #listeners = new Listeners();

  constructor(
    private readonly storage: Storage,
    /** Resolved once the device has it with what the server said. */
    private readonly onTaken: (jobId: string, change: JobChange) => Promise<unknown>,
  ) {
    this.#waiting = this.#kept<Waiting>(PREFIX);
    for (const { jobId, entry } of this.#waiting) this.#lastOf.set(jobId, entry.id);
    this.#needsYou = this.#kept<NeedsYou>(NEEDS_YOU);
    this.#unreadable = keysOf(storage, SET_ASIDE).length;
  }

  get waiting(): readonly Waiting[] {
    return this.#waiting;
  }

  get needsYou(): readonly NeedsYou[] {
    return this.#needsYou;
  }

  /** How many entries could not be read and are set aside. */
  get unreadable(): number {
    return this.#unreadable;
  }

  /** The device would not keep the last entry that was made: it is full, or keeping things is forbidden. */
  get refusesToKeep(): boolean {
    return this.#refusesToKeep;
  }

  readonly subscribe = this.#listeners.add;

  /** Whose entries are made and sent from now on, also after a session that ended; null while nobody is signed in. */
  signedInAs(person: string | null): void {
    this.#person = person;
    void this.send();
  }

  /**
   * Keeps an entry and sends it as soon as it can.
   * @returns whether the device keeps it: if not, it is not taken, and must not be shown as if it were
   */
  add(made: Omit<Waiting, 'by'>): boolean {
    const { jobId, entry } = made;
    const after = this.#lastOf.get(jobId);
    const waiting: Waiting = { ...made, by: this.#person ?? '', ...(after ? { after } : {}) };
    this.#refusesToKeep = !this.#keep(PREFIX, waiting);
    if (!this.#refusesToKeep) {
      this.#waiting = [...this.#waiting, waiting];
      this.#lastOf.set(jobId, entry.id);
    }
    this.#listeners.tell();
    if (this.#refusesToKeep) return false;
    void this.send();
    return true;
  }

  /** Forgets an entry that was not taken, once somebody has dealt with it. */
  dealtWith(id: string): void {
    this.#needsYou = this.#needsYou.filter(({ entry }) => entry.id !== id);
    this.storage.removeItem(NEEDS_YOU + id);
    this.#listeners.tell();
  }

  /** Sends an entry that was not taken once more, the same one. */
  sendAgain(id: string): void {
    const again = this.#needsYou.find(({ entry }) => entry.id === id);
    if (!again) return;
    const { problem: _problem, tries: _tries, ...waiting } = again;
    if (!this.#keep(PREFIX, waiting)) return;
    this.#waiting = [...this.#waiting, waiting];
    this.dealtWith(id);
    void this.send();
  }

  /** Forgets what was set aside, once somebody dealt with it. */
  dismissUnreadable(): void {
    for (const key of keysOf(this.storage, SET_ASIDE)) this.storage.removeItem(key);
    this.#unreadable = 0;
    this.#listeners.tell();
  }

  /**
   * Sends what waits and is this person's, one after the other; stops at a lost connection or an ended session and tries again
   * later. A job whose entry the server stumbles over waits, and the others go on.
   */
  send(): Promise<void> {
    if (!this.#sending) {
      this.#sending = true;
      this.#round = this.#sendAll();
    }
    return this.#round;
  }

  /** The network is back: sends at once, and soon again where a try that was under way still fails. */
  backOnline(): void {
    this.#pause = FIRST_PAUSE_MS;
    void this.send();
  }

  /**
   * Sees to it that the server has all that this device holds of a job: what is decided, fitted or signed goes by all of
   * it, and must not overtake a reading.
   * @throws UnsentFirst when some of it still waits
   */
  async sendFirst(jobId: string): Promise<void> {
    this.#takeOver();
    const waits = () => this.#waiting.filter((each) => each.jobId === jobId);
    if (waits().length === 0) return;
    await this.send();
    const left = waits();
    if (left.length > 0) throw new UnsentFirst(left.some(({ by }) => by !== this.#person));
  }

  /** Takes over what another tab of this device keeps: sent by both, it counts once, by its id. */
  #takeOver(): void {
    const known = new Set([...this.#waiting, ...this.#needsYou].map(({ entry }) => entry.id));
    const others = this.#kept<Waiting>(PREFIX).filter(({ entry }) => !known.has(entry.id));
    if (others.length === 0) return;
    this.#waiting = [...this.#waiting, ...others];
    this.#listeners.tell();
  }

  /** Keeps again what the device let go of: whoever cleared it did not mean the readings that wait. */
  #keepAgain(): void {
    for (const waiting of this.#waiting)
      if (this.storage.getItem(PREFIX + waiting.entry.id) === null) this.#keep(PREFIX, waiting);
  }

  async #sendAll(): Promise<void> {
    clearTimeout(this.#timer);
    this.#keepAgain();
    const held = new Set<string>();
    const next = () =>
      this.#waiting.find(({ by, jobId }) => by === this.#person && !held.has(jobId));
    try {
      for (let first = next(); first; first = next())
        try {
          await this.#sendOne(first);
          this.#pause = FIRST_PAUSE_MS;
        } catch (error) {
          if (!(error instanceof ProblemError) || stopsAll(error)) throw error;
          if (this.#notTaken(first, error)) held.add(first.jobId);
        }
      if (held.size > 0) this.#later();
    } catch (error) {
      // Somebody has to sign in first; that sends again.
      const signedOut = error instanceof ProblemError && needsSignIn(error);
      if (!(error instanceof NoConnection) && !(error instanceof ProblemError)) throw error;
      if (!signedOut) this.#later();
    } finally {
      this.#sending = false;
    }
  }

  async #sendOne(waiting: Waiting): Promise<void> {
    const { jobId, entry, appWord, by, after } = waiting;
    const sentAt = new Date().toISOString();
    const sent = { entry, appWord, by, sentAt, ...(after ? { after } : {}) };
    // Were the network to go between the two, it would be neither here nor there.
    await this.onTaken(jobId, await ask<JobChange>('POST', `/jobs/${jobId}/entries`, sent));
    this.#drop(waiting);
  }

  /** Sets an entry aside that the server would not take. Answers whether it is tried again, its job waiting till then. */
  #notTaken(waiting: Waiting, { problem }: ProblemError): boolean {
    const tries = (waiting.tries ?? 0) + 1;
    if (problem.status >= 500 && tries < MOST_TRIES) {
      const tried = { ...waiting, tries };
      this.#keep(PREFIX, tried);
      this.#waiting = this.#waiting.map((each) => (each === waiting ? tried : each));
      return true;
    }
    const needsYou: NeedsYou = { ...waiting, problem };
    this.#needsYou = [...this.#needsYou, needsYou];
    // Where there is no room for it, it stays kept as waiting, and comes here again after a reload.
    if (this.#keep(NEEDS_YOU, needsYou)) this.#drop(waiting);
    else this.#waiting = this.#waiting.filter(({ entry }) => entry.id !== waiting.entry.id);
    this.#listeners.tell();
    return false;
  }

  #later(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.send(), this.#pause);
    this.#pause = Math.min(LONGEST_PAUSE_MS, this.#pause * 2);
  }

  #keep(prefix: string, waiting: Waiting): boolean {
    try {
      this.storage.setItem(prefix + waiting.entry.id, JSON.stringify(waiting));
      return true;
    } catch {
      return false;
    }
  }

  /** What was kept under a prefix, in the order it was made; what cannot be read is set aside as it is. */
  #kept<T extends Waiting>(prefix: string): T[] {
    return keysOf(this.storage, prefix).flatMap((key) => {
      const kept = this.storage.getItem(key)!;
      const waiting = readable<T>(kept);
      if (waiting) return [waiting];
      this.storage.setItem(SET_ASIDE + key.slice(prefix.length), kept);
      this.storage.removeItem(key);
      return [];
    });
  }

  #drop(done: Waiting): void {
    this.storage.removeItem(PREFIX + done.entry.id);
    this.#waiting = this.#waiting.filter(({ entry }) => entry.id !== done.entry.id);
    this.#listeners.tell();
  }
}

/** Whoever is signed in is not whose entry it is, or nobody is. */
const needsSignIn = ({ kind }: ProblemError) => kind === 'not-signed-in' || kind === 'other-person';

/** Answers that say nothing of the entry itself: all of them wait. */
export function stopsAll(error: ProblemError): boolean {
  return needsSignIn(error) || error.kind === 'too-many-tries' || error.kind === 'unavailable';
}

/** Ids are made in the order of time, and so are the keys. */
function keysOf(storage: Storage, prefix: string): string[] {
  return Object.keys(storage)
    .filter((key) => key.startsWith(prefix))
    .sort();
}

/** An entry as it was kept; null where it is none, cut off or written by something else. */
function readable<T extends Waiting>(kept: string): T | null {
  try {
    const { jobId, entry, by, about, known = null } = JSON.parse(kept) as Partial<Waiting>;
    const whole = [jobId, by, about?.bike, entry?.id, entry?.kind, entry?.at].every(
      (each) => typeof each === 'string',
    );
    return whole ? { ...(JSON.parse(kept) as T), known } : null;
  } catch {
    return null;
  }
}
