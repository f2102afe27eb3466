import type { SessionSaid } from '@hold-fast/contract/first';
import { OwnManner, type MannerInForce } from '@hold-fast/contract/manner';
import { Opening } from '@hold-fast/contract/opening';
import {
  NewPerson,
  NewStart,
  OwnSecrets,
  PersonEdit,
  SignIn,
  type Person,
} from '@hold-fast/contract/people';
import { LEADS, LOOKS_AFTER } from '@hold-fast/contract/roles';
import { Router, type Request, type Response } from 'express';
import { z } from 'zod';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { secretMatches } from '../platform/secrets';
import { personOn, sessionHash, type Sessions } from '../platform/session';
import type { Queryable } from '../platform/database';
import { rulesInForce } from '../shopRules/store';
import { chooseSecrets, correctPerson, giveNewStart, takeOn } from './accounts';
import { isUnopened, openFromNothing } from './opening';
import {
  endSession,
  mannerOf,
  peopleLookedAfter,
  peopleOfRoles,
  personById,
  personByName,
  pinTriesAt,
  pinTriesSeen,
  setManner,
} from './store';
import { tabletOf } from './tablets';
import { peopleAtTablet } from './tabletStore';
import type { Tries } from '../platform/tries';

const PersonId = z.object({ personId: z.uuid() });
const SessionOf = PersonId.extend({ sessionId: z.string().regex(/^[0-9a-f]{64}$/) });

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
    // Said to whoever knows the passphrase alone.
    if (found.locked) throw refuseField('not-allowed', 'name', 'locked');
    const { id, role, apprentice } = found;
    const person = { id, name: found.name, role, apprentice };
    await sessions.open(person, request, response);
    response.status(201).json(person);
  });

  routes.post('/shop', async (request, response) => {
    // Whoever opens it owns it: that is for whoever has the machine, and not for the first on the network.
    if (!isLoopback(request)) throw refuseField('not-allowed', 'name', 'at-the-machine');
    const person = await openFromNothing(sessions.shop, parse(Opening, request.body));
    await sessions.open(person, request, response);
    response.status(201).json(person);
  });

  routes.get('/session', async (request, response) => {
    response.json(await sessionSaid(sessions, request));
  });

  routes.delete('/session', async (request, response) => {
    await sessions.close(request, response);
    response.status(204).end();
  });

  return routes;
}

/** Who sent a request, how things are said to them, and what stands in their way. */
export async function sessionSaid(sessions: Sessions, request: Request): Promise<SessionSaid> {
  const { pool } = sessions.shop;
  const known = await sessions.known(request);
  const person = known?.person ?? null;
  const said = await mannerInForce(pool, person);
  const tablet = await tabletOf(pool, request);
  const unopened = person === null && (await isUnopened(pool));
  return {
    person,
    said,
    ...(known?.choosing ? { choosing: true } : {}),
    ...(unopened ? { unopened } : {}),
    ...(tablet ? { tablet: { name: tablet.name, people: await peopleAtTablet(pool) } } : {}),
  };
}

const isLoopback = ({ socket }: Request) =>
  ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(socket.remoteAddress ?? '');

/** How things are said to this person, or to whoever is about to sign in. */
async function mannerInForce(on: Queryable, person: Person | null): Promise<MannerInForce> {
  const { rules } = await rulesInForce(on);
  const own = person && (await mannerOf(on, person.id));
  return { manner: own ?? rules.manner, own: own !== null, currency: rules.currency };
}

export function peopleRoutes(sessions: Sessions, tries: Tries): Router {
  const { shop } = sessions;
  const { pool, now } = shop;
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

  routes.put('/secrets', async (request, response) => {
    const chosen = parse(OwnSecrets, request.body);
    const asking = { person: personOn(response), session: sessionHash(request) };
    await chooseSecrets(shop, tries, asking, chosen);
    await sessions.forget();
    response.status(204).end();
  });

  const tellPeople = async (response: Response) =>
    response.json(await peopleLookedAfter(pool, personOn(response).role, now()));

  routes.get('/people', async (_request, response) => {
    await tellPeople(response);
  });

  routes.post('/people', async (request, response) => {
    await takeOn(shop, personOn(response), parse(NewPerson, request.body));
    await tellPeople(response.status(201));
  });

  routes.put('/people/:personId', async (request, response) => {
    const { personId } = parse(PersonId, request.params);
    await correctPerson(shop, personOn(response), personId, parse(PersonEdit, request.body));
    await sessions.forget();
    await tellPeople(response);
  });

  routes.post('/people/:personId/new-start', async (request, response) => {
    const { personId } = parse(PersonId, request.params);
    await giveNewStart(shop, personOn(response), personId, parse(NewStart, request.body));
    await sessions.forget();
    await tellPeople(response);
  });

  routes.delete('/people/:personId/sessions/:sessionId', async (request, response) => {
    const { personId, sessionId } = parse(SessionOf, request.params);
    const whose = await personById(pool, personId);
    if (!whose) throw new Refusal('not-found');
    if (!LOOKS_AFTER[personOn(response).role].includes(whose.role))
      throw new Refusal('not-allowed');
    await endSession(pool, personId, Buffer.from(sessionId, 'hex'));
    await sessions.forget();
    await tellPeople(response);
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
