import type { JobChange } from '@hold-fast/contract/jobs';
import type { Photo } from '@hold-fast/contract/photos';
import type { Problem } from '@hold-fast/contract/problem';
import { openDB } from 'idb';
import { ask, NoConnection, ProblemError } from './api';
import { Listeners } from '../listeners';
import { words } from '../words/words';
import { stopsAll, UnsentFirst } from './outbox';

/** A picture on its way to the server. */
export interface WaitingPicture extends Photo {
  jobId: string;
  /** What its bike is called, for whoever has to deal with it; one kept before that was written down has none. */
  bike?: string;
  /** Who took it: it is sent as theirs, or waits. */
  by: string;
  /** Why the server did not take it; it stays until somebody has dealt with it. */
  problem?: Problem;
}

/** Where a device keeps pictures: they are too large for what keeps the entries. */
export interface PictureStore {
  all(): Promise<WaitingPicture[]>;
  put(picture: WaitingPicture): Promise<unknown>;
  delete(id: string): Promise<unknown>;
}

const PAUSE_MS = 15_000;

/**
 * Pictures that the server does not have yet. Each is kept on the device until it is acknowledged, is sent as the one who took it and by
 * nobody else, and counts once by its id.
 */
export class Pictures {
  #waiting: readonly WaitingPicture[] = [];
  #person: string | null = null;
  #round: Promise<void> | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  readonly #listeners = new Listeners();
  readonly #read: Promise<void>;

  constructor(
    private readonly store: PictureStore,
    private readonly onTaken: (jobId: string, change: JobChange) => Promise<unknown>,
  ) {
    this.#read = store
      .all()
      .catch(() => [])
      .then((kept) => {
        this.#set(kept.toSorted((a, b) => (a.id < b.id ? -1 : 1)));
      });
  }

  get waiting(): readonly WaitingPicture[] {
    return this.#waiting;
  }

  readonly subscribe = this.#listeners.add;

  /** Whose pictures are taken and sent from now on; null while nobody is signed in. */
  signedInAs(person: string | null): void {
    this.#person = person;
    void this.send();
  }

  /**
   * Keeps a picture and sends it as soon as it can. Where the device would not keep it, it is sent at once or not taken.
   * @throws ProblemError, NoConnection where it is neither kept nor taken
   */
  async add(picture: Omit<WaitingPicture, 'by' | 'problem'>): Promise<void> {
    const at = new Date().toISOString();
    const waiting: WaitingPicture = { at, ...picture, by: this.#person ?? '' };
    const kept = await this.store.put(waiting).then(
      () => true,
      () => false,
    );
    if (!kept) return this.#post(waiting);
    this.#set([...this.#waiting, waiting]);
    void this.send();
  }

  /** Sends one that was not taken once more. */
  async sendAgain(id: string): Promise<void> {
    await this.#change(id, ({ problem: _problem, ...picture }) => picture);
    await this.send();
  }

  /** Forgets one that was not taken, once somebody has dealt with it. */
  async dealtWith(id: string): Promise<void> {
    await this.store.delete(id);
    this.#set(this.#waiting.filter((each) => each.id !== id));
  }

  /** Sends what waits and is this person's; stops at a lost connection or an ended session and tries again later. */
  send(): Promise<void> {
    this.#round ??= this.#sendAll().finally(() => {
      this.#round = null;
    });
    return this.#round;
  }

  /**
   * Sees to it that the server has every picture of a job: sealed, it takes none.
   * @throws UnsentFirst when some of them still wait, Error when one was not taken and nobody has dealt with it
   */
  async sendFirst(jobId: string): Promise<void> {
    await this.send();
    const left = this.#waiting.filter((each) => each.jobId === jobId);
    if (left.some(({ problem }) => problem !== undefined)) throw new Error(words.outbox.dealWithIt);
    if (left.length > 0) throw new UnsentFirst(left.some(({ by }) => by !== this.#person));
  }

  async #sendAll(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#read;
    const next = () =>
      this.#waiting.find(({ by, problem }) => by === this.#person && problem === undefined);
    for (let picture = next(); picture; picture = next())
      try {
        await this.#post(picture);
        await this.dealtWith(picture.id);
      } catch (error) {
        const refused = error instanceof ProblemError && error.problem.status < 500;
        if (refused && !stopsAll(error))
          await this.#change(picture.id, (was) => ({ ...was, problem: error.problem }));
        else if (error instanceof NoConnection || error instanceof ProblemError) {
          this.#timer = setTimeout(() => void this.send(), PAUSE_MS);
          return;
        } else throw error;
      }
  }

  async #post({ jobId, bike: _bike, problem: _problem, ...photo }: WaitingPicture): Promise<void> {
    const sent = { ...photo, sentAt: new Date().toISOString() };
    await this.onTaken(jobId, await ask<JobChange>('POST', `/jobs/${jobId}/photos`, sent));
  }

  async #change(id: string, to: (was: WaitingPicture) => WaitingPicture): Promise<void> {
    const was = this.#waiting.find((each) => each.id === id);
    if (!was) return;
    const changed = to(was);
    await this.store.put(changed);
    this.#set(this.#waiting.map((each) => (each === was ? changed : each)));
  }

  #set(waiting: readonly WaitingPicture[]): void {
    this.#waiting = waiting;
    this.#listeners.tell();
  }
}

const STORE = 'pictures';

/** The device's own store for what is large. */
export function deviceStore(): PictureStore {
  const opened = async () =>
    openDB('hold-fast', 1, {
      upgrade: (db) => {
        db.createObjectStore(STORE, { keyPath: 'id' });
      },
    });
  let db: ReturnType<typeof opened> | undefined;
  const open = () => (db ??= opened());
  return {
    all: async () => (await (await open()).getAll(STORE)) as WaitingPicture[],
    put: async (picture) => (await open()).put(STORE, picture),
    delete: async (id) => (await open()).delete(STORE, id),
  };
}
