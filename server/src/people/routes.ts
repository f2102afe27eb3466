import { OwnManner, type MannerInForce } from '@hold-fast/contract/manner';
import { LEADS, SignIn, type Person } from '@hold-fast/contract/people';
import { Router } from 'express';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { secretMatches } from '../platform/secrets';
import { personOn, type Sessions } from '../platform/session';
import type { Shop } from '../platform/shop';
import type { Queryable } from '../platform/database';
import { rulesInForce } from '../shopRules/store';
import {
  mannerOf,
  peopleOfRoles,
  personByName,
  pinTriesAt,
  pinTriesSeen,
  setManner,
} from './store';
import type { Tries } from './tries';

/** Signing in and out: before anybody is known. */
export function sessionRoutes(sessions: Sessions, tries: Tries): Router {
  const { pool } = sessions.shop;
  const routes = Router();

  routes.post('/session', async (request, response) => {
    const { name, passphrase } = parse(SignIn, request.body);
    const found = await personByName(pool, name);
    // Whatever spaces, accents or case were typed, tries count at whom they found; at nobody, by where they came from.
    const whose = found ? `sign-in ${found.id}` : `sign-in from ${request.socket.remoteAddress}`;
    const right = await tries.attempt(whose, () =>
      secretMatches(found?.passphraseHash ?? null, passphrase),
    );
    if (!right || !found) throw new Refusal('wrong-sign-in');
    const { id, role, apprentice } = found;
    const person = { id, name: found.name, role, apprentice };
    await sessions.open(person, request, response);
    response.status(201).json(person);
  });

  routes.get('/session', async (request, response) => {
    const person = await sessions.personOf(request);
    response.json({ person, said: await mannerInForce(pool, person) });
  });

  routes.delete('/session', async (request, response) => {
    await sessions.close(request, response);
    response.status(204).end();
  });

  return routes;
}

/** How things are said to this person, or to whoever is about to sign in. */
async function mannerInForce(on: Queryable, person: Person | null): Promise<MannerInForce> {
  const { rules } = await rulesInForce(on);
  const own = person && (await mannerOf(on, person.id));
  return { manner: own ?? rules.manner, own: own !== null, currency: rules.currency };
}

export function peopleRoutes({ pool, now }: Shop): Router {
  const routes = Router();

  routes.get('/leads', async (_request, response) => {
    response.json(await peopleOfRoles(pool, LEADS));
  });

  routes.put('/manner', async (request, response) => {
    const { manner } = parse(OwnManner, request.body);
    const person = personOn(response);
    await setManner(pool, person.id, manner);
    response.json(await mannerInForce(pool, person));
  });

  // Wrong tries at one's own PIN from the session of somebody else, until they were seen.
  routes.get('/pin-tries', async (_request, response) => {
    response.json(await pinTriesAt(pool, personOn(response).id));
  });

  routes.delete('/pin-tries', async (_request, response) => {
    await pinTriesSeen(pool, personOn(response).id, now());
    response.status(204).end();
  });

  return routes;
}
