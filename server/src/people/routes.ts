import { LEADS, SignIn } from '@hold-fast/contract/people';
import { Router } from 'express';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { secretMatches } from '../platform/secrets';
import type { Sessions } from '../platform/session';
import { limitTries } from './rules';
import { peopleOfRoles, personByName } from './store';

const MOST_WRONG_SIGN_INS = 10;

export function peopleRoutes(sessions: Sessions): Router {
  const { pool } = sessions.shop;
  const routes = Router();
  const limited = limitTries(
    MOST_WRONG_SIGN_INS,
    401,
    (request) =>
      `${request.socket.remoteAddress} ${String((request.body as { name?: unknown })?.name).toLowerCase()}`,
  );

  routes.post('/session', limited, async (request, response) => {
    const { name, passphrase } = parse(SignIn, request.body);
    const found = await personByName(pool, name);
    if (!(await secretMatches(found?.passphraseHash ?? null, passphrase)) || !found)
      throw new Refusal('wrong-sign-in');
    const person = { id: found.id, name: found.name, role: found.role };
    await sessions.open(person, response);
    response.status(201).json(person);
  });

  routes.get('/session', async (request, response) => {
    response.json({ person: await sessions.personOf(request) });
  });

  routes.delete('/session', async (request, response) => {
    await sessions.close(request, response);
    response.status(204).end();
  });

  routes.get('/leads', sessions.required, async (_request, response) => {
    response.json(await peopleOfRoles(pool, LEADS));
  });

  return routes;
}
