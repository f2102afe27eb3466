import { createHash, randomBytes } from 'node:crypto';
import type { Person, SessionOfShop } from '@hold-fast/contract/people';
import type { NextFunction, Request, Response } from 'express';
import { clearCookie, cookieOf, setCookie } from './cookie';
import { insert, run, selectOne } from './database';
import { Refusal } from './refusal';
import type { Shop } from './shop';

export const COOKIE = 'hold_fast_session';
const LASTS_MS = 14 * 60 * 60 * 1000;

interface Known {
  person: Person;
  /** Whether they have yet to choose their own passphrase and PIN. */
  choosing: boolean;
  expiresAt: number;
}

/**
 * Signed-in people by their cookie. The cookie holds 256 random bits; the table holds their SHA-256 alone. This
 * process is the only one that ends sessions, so what it looked up once it may remember.
 */
export class Sessions {
  readonly #known = new Map<string, Known>();
  readonly #waiting = new Map<string, Set<() => void>>();
  /** How often people were forgotten: what was looked up before that is not remembered after. */
  #forgotten = 0;

  constructor(readonly shop: Shop) {}

  /**
   * Opens a session; the one this device had before ends.
   * @param tabletId the bench's tablet it is opened at; null at a device of one's own
   */
  async open(
    person: Person,
    request: Request,
    response: Response,
    tabletId: string | null = null,
  ): Promise<void> {
    await this.#end(request);
    const token = randomBytes(32).toString('base64url');
    const now = this.shop.now();
    const expiresAt = new Date(now.getTime() + LASTS_MS);
    await run(this.shop.pool, 'DELETE FROM session WHERE expires_at < ?', [now]);
    await insert(this.shop.pool, 'session', {
      token_hash: hashOf(token),
      person_id: person.id,
      created_at: now,
      expires_at: expiresAt,
      device: tabletId ? 'tablet' : deviceOf(request),
      tablet_id: tabletId,
      address: request.socket.remoteAddress ?? '',
    });
    setCookie(response, COOKIE, token, LASTS_MS);
  }

  /** Calls `listener` once, when the session this request came by ends. Answers with how to stop waiting for it. */
  onEnd(request: Request, listener: () => void): () => void {
    const token = tokenOf(request) ?? '';
    const waiting = this.#waiting.get(token) ?? new Set();
    this.#waiting.set(token, waiting.add(listener));
    return () => {
      waiting.delete(listener);
      if (waiting.size === 0) this.#waiting.delete(token);
    };
  }

  /** Looks everybody up anew: who somebody is, what they may or whether they are signed in has changed. */
  async forget(): Promise<void> {
    this.#forgotten += 1;
    this.#known.clear();
    for (const [token, listeners] of this.#waiting)
      if ((await this.#knownBy(token)) === null) for (const listener of listeners) listener();
  }

  async #end(request: Request): Promise<void> {
    const token = tokenOf(request);
    if (!token) return;
    this.#known.delete(token);
    await run(this.shop.pool, 'DELETE FROM session WHERE token_hash = ?', [hashOf(token)]);
    for (const listener of this.#waiting.get(token) ?? []) listener();
  }

  async close(request: Request, response: Response): Promise<void> {
    await this.#end(request);
    clearCookie(response, COOKIE);
  }

  async personOf(request: Request): Promise<Person | null> {
    return (await this.known(request))?.person ?? null;
  }

  /** Who sent a request, and whether they have yet to choose their secrets. */
  async known(request: Request): Promise<Known | null> {
    const token = tokenOf(request);
    return token === null ? null : this.#knownBy(token);
  }

  async #knownBy(token: string): Promise<Known | null> {
    const now = this.shop.now();
    const known = this.#known.get(token);
    if (known && known.expiresAt > now.getTime()) return known;
    this.#known.delete(token);
    const forgotten = this.#forgotten;
    const row = await selectOne<
      Omit<Person, 'apprentice'> & { apprentice: number; choosing: number; expires_at: Date }
    >(
      this.shop.pool,
      `SELECT p.id, p.name, p.role, p.apprentice, p.choosing, s.expires_at
         FROM session s JOIN person p ON p.id = s.person_id
        WHERE s.token_hash = ? AND s.expires_at > ? AND NOT p.locked`,
      [hashOf(token), now],
    );
    if (!row) return null;
    const { id, name, role } = row;
    const found: Known = {
      person: { id, name, role, apprentice: row.apprentice === 1 },
      choosing: row.choosing === 1,
      expiresAt: row.expires_at.getTime(),
    };
    if (forgotten === this.#forgotten) this.#known.set(token, found);
    return found;
  }

  /** Lets only signed-in people through, and leaves who it is on the response. */
  readonly required = async (request: Request, response: Response, next: NextFunction) => {
    const known = await this.known(request);
    if (!known) throw new Refusal('not-signed-in');
    response.locals.person = known.person;
    response.locals.choosing = known.choosing;
    next();
  };
}

/** Who sent this request; only below {@link Sessions.required}. */
export function personOn(response: Response): Person {
  return response.locals.person as Person;
}

/** Whether who sent this request has yet to choose their own passphrase and PIN; only below {@link Sessions.required}. */
export function isChoosing(response: Response): boolean {
  return response.locals.choosing as boolean;
}

/** What a session is opened at, as far as its browser says. */
function deviceOf(request: Request): SessionOfShop['device'] {
  return /\bMobi/.test(request.get('user-agent') ?? '') ? 'phone' : 'computer';
}

/** Refuses a changing request that a page of another site made the browser send. */
export function sameSiteOnly(request: Request, _response: Response, next: NextFunction): void {
  if (!['GET', 'HEAD', 'OPTIONS'].includes(request.method) && !isSameSite(request))
    throw new Refusal('cross-site');
  next();
}

function isSameSite(request: Request): boolean {
  const site = request.get('sec-fetch-site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  const origin = request.get('origin');
  return origin === undefined || hostOf(origin) === request.get('host');
}

/** The host of an origin; null of what is none, such as "null" of a sandboxed page. */
function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/**
 * Refuses a request that names another host: a strange name that was made to lead here is how a page elsewhere would reach
 * in past the browser.
 * @param own names and addresses this machine is reached by besides the loopback
 */
export function ownHostOnly(own: readonly string[]) {
  const names = new Set([...LOOPBACK, ...own]);
  return (request: Request, _response: Response, next: NextFunction): void => {
    const host = request.get('host') ?? '';
    if (!names.has(host.replace(/:\d+$/, '').toLowerCase())) throw new Refusal('cross-site');
    next();
  };
}

/** What tells the session of a request from others, and gives nobody its token. */
export function sessionHash(request: Request): Buffer {
  return hashOf(tokenOf(request) ?? '');
}

const tokenOf = (request: Request) => cookieOf(request, COOKIE);

function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}
