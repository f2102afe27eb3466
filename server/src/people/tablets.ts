import { MakeTablet, PinIn } from '@hold-fast/contract/tablet';
import { Router, type Request } from 'express';
import { createHash } from 'node:crypto';
import { z } from 'zod';
import { newToken } from '../platform/addresses';
import { inTransaction, type Queryable } from '../platform/database';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { cookieOf, setCookie } from '../platform/cookie';
import { personOn, type Sessions } from '../platform/session';
import { checkPin } from '../platform/pin';
import { personById } from './store';
import { addTablet, endTablet, tabletBy, tablets } from './tabletStore';
import type { Tries } from '../platform/tries';

// A tablet that the whole bench shares is signed in once for the shop, by a lead; a mechanic is there by name and PIN, and what is
// entered is theirs. It lets nobody in by itself.

const COOKIE = 'hold_fast_tablet';
const LASTS_MS = 365 * 24 * 3_600_000;

const hashOf = (token: string) => createHash('sha256').update(token).digest();
const TabletId = z.object({ tabletId: z.uuid() });

/** The tablet that a request comes from; null from any other device. */
export async function tabletOf(on: Queryable, request: Request) {
  const token = cookieOf(request, COOKIE);
  return token === null ? null : tabletBy(on, hashOf(token));
}

/** Coming in at a tablet: before anybody is known. */
export function pinRoutes(sessions: Sessions, tries: Tries): Router {
  const { pool } = sessions.shop;
  const routes = Router();
  routes.post('/session/pin', async (request, response) => {
    const { personId, pin } = parse(PinIn, request.body);
    const tablet = await tabletOf(pool, request);
    if (!tablet) throw new Refusal('not-allowed');
    const found = await personById(pool, personId);
    await checkPin(tries, found, pin);
    const { id, name, role, apprentice } = found!;
    const person = { id, name, role, apprentice };
    await sessions.open(person, request, response, tablet.id);
    response.status(201).json(person);
  });
  return routes;
}

export function tabletRoutes(sessions: Sessions): Router {
  const { pool, now } = sessions.shop;
  const routes = Router();

  routes.get('/tablets', async (_request, response) => {
    response.json({ items: await tablets(pool) });
  });

  routes.post('/tablets', async (request, response) => {
    const body = parse(MakeTablet, request.body);
    const token = newToken();
    const { id: by } = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const at = now();
      // A repeat makes none: its answer was lost with the cookie, and the one that was made is ended by hand.
      if ((await takeOnce(transaction, { id: body.id, body, personId: by, at })) === null) return;
      await addTablet(transaction, { ...body, tokenHash: hashOf(token), at, by });
      setCookie(response, COOKIE, token, LASTS_MS);
    });
    response.status(201).json({ items: await tablets(pool) });
  });

  routes.post('/tablets/:tabletId/end', async (request, response) => {
    const { tabletId } = parse(TabletId, request.params);
    const end = { id: tabletId, at: now(), by: personOn(response).id };
    if (!(await inTransaction(pool, (transaction) => endTablet(transaction, end))))
      throw new Refusal('not-found');
    await sessions.forget();
    response.json({ items: await tablets(pool) });
  });

  return routes;
}
