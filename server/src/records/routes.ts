import { Amendment, Decision, SignOff } from '@hold-fast/contract/signOff';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { Router } from 'express';
import { z } from 'zod';
import { wordsOf } from '../bikes/words';
import type { Tries } from '../people/tries';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { daysAsked } from '../shopRules/daysAsked';
import { rulesInForce } from '../shopRules/store';
import { ChainWatch } from './chainWatch';
import { amend, decide, signOff } from './signOff';
import { recordById, recordsPage } from './store';

const JobId = z.object({ jobId: z.uuid() });
const RecordId = z.object({ recordId: z.uuid() });
const ListQuery = z.strictObject({
  after: z
    .string()
    .regex(/^\d{1,9}$/)
    .optional(),
  q: z.string().max(100).optional(),
  from: z.iso.date().optional(),
  to: z.iso.date().optional(),
  word: z.enum(WORDS).optional(),
});

export function recordsRoutes(shop: Shop, tries: Tries): Router {
  const { pool } = shop;
  const routes = Router();

  routes.post('/jobs/:jobId/decisions', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await decide(shop, tries, personOn(response), jobId, parse(Decision, request.body)));
  });

  routes.post('/jobs/:jobId/sign-off', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await signOff(shop, tries, personOn(response), jobId, parse(SignOff, request.body)));
  });

  routes.post('/jobs/:jobId/amendments', async (request, response) => {
    const { jobId } = parse(JobId, request.params);
    response
      .status(201)
      .json(await amend(shop, tries, personOn(response), jobId, parse(Amendment, request.body)));
  });

  routes.get('/records', async (request, response) => {
    const { after, q = '', from, to, word = null } = parse(ListQuery, request.query);
    const { timeZone } = (await rulesInForce(pool)).rules;
    response.json(
      await recordsPage(pool, {
        before: after === undefined ? null : Number(after),
        word,
        phrase: q.trim(),
        words: wordsOf(q),
        ...daysAsked(timeZone, { from, to }),
      }),
    );
  });

  routes.get('/records/:recordId', async (request, response) => {
    const record = await recordById(pool, parse(RecordId, request.params).recordId);
    if (!record) throw new Refusal('not-found');
    response.json(record);
  });

  const watch = new ChainWatch(shop);
  routes.get('/chain', async (_request, response) => {
    response.json(await watch.state());
  });

  return routes;
}
