import { WORDS } from '@hold-fast/core/wear/verdict';
import { Router } from 'express';
import { z } from 'zod';
import { wordsOf } from '../bikes/wordStore';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import { daysAsked } from '../platform/daysAsked';
import { rulesInForce } from '../shopRules/store';
import { ChainWatch } from './chainWatch';
import { recordById, recordsPage } from './store';

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

export function recordsRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

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
