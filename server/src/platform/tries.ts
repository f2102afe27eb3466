import { Refusal } from './refusal';

/** Wrong tries in a row that cost nothing: a slip of the thumb, a glove, a forgotten one [D]. */
export const FREE_TRIES = 10;
/** The wait after the first try too many, doubled by each further one up to the longest [D]. */
const FIRST_WAIT_MS = 2_000;
const LONGEST_WAIT_MS = 30_000;
/** Tries at one person that may wait for each other. */
const LONGEST_QUEUE = 20;

interface Tried {
  wrong: number;
  waitUntil: number;
  /** Tries at one person are checked one after the other, so that none slips by while another is worked out. */
  last: Promise<unknown>;
  queued: number;
}

/**
 * Wrong tries at a secret, counted by whose it is, whatever was typed and whoever tried. Too many slow the next one down
 * and lock nobody out: the wait is half a minute at most, a try made while it lasts neither counts nor lengthens it, and a right
 * one ends it.
 */
export class Tries {
  readonly #tried = new Map<string, Tried>();

  constructor(private readonly now: () => Date) {}

  /**
   * Lets one try be made when it need not wait.
   * @param whose whom it is tried at
   * @returns what `check` found
   * @throws Refusal `too-many-tries` with the seconds to wait
   */
  async attempt(whose: string, check: () => Promise<boolean>): Promise<boolean> {
    const tried = this.#tried.get(whose) ?? {
      wrong: 0,
      waitUntil: 0,
      last: Promise.resolve(),
      queued: 0,
    };
    this.#tried.set(whose, tried);
    if (tried.queued >= LONGEST_QUEUE) throw waitFor(FIRST_WAIT_MS);
    tried.queued += 1;
    const mine = tried.last.then(() => this.#check(tried, check));
    tried.last = mine.catch(() => undefined);
    try {
      return await mine;
    } finally {
      tried.queued -= 1;
      if (tried.wrong === 0 && tried.queued === 0) this.#tried.delete(whose);
    }
  }

  async #check(tried: Tried, check: () => Promise<boolean>): Promise<boolean> {
    const now = this.now().getTime();
    if (now < tried.waitUntil) throw waitFor(tried.waitUntil - now);
    const right = await check();
    if (right) {
      tried.wrong = 0;
      tried.waitUntil = 0;
      return true;
    }
    tried.wrong += 1;
    const over = tried.wrong - FREE_TRIES;
    if (over >= 0)
      tried.waitUntil =
        this.now().getTime() + Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(over, 10));
    return false;
  }
}

function waitFor(ms: number): Refusal {
  const seconds = Math.ceil(ms / 1000);
  return new Refusal('too-many-tries', { facts: { seconds } });
}
