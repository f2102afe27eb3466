import { seesPhoneNumbers } from '@hold-fast/contract/roles';
import { Snooze } from '@hold-fast/contract/due';
import { daysAfter } from '@hold-fast/core/due/due';
import { dayIn } from '@hold-fast/core/job/day';
import { Router } from 'express';
import { z } from 'zod';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { rulesInForce } from '../shopRules/store';
import { duesPage, snooze } from './store';

const ListQuery = z.strictObject({
  after: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2} [0-9a-f-]{36} (front|rear) [a-z]+$/)
    .optional(),
});

export function dueRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/due', async (request, response) => {
    const { after } = parse(ListQuery, request.query);
    const page = await duesPage(pool, after ? after.split(' ') : null);
    const mayRing = seesPhoneNumbers(personOn(response));
    response.json({
      ...page,
      items: mayRing ? page.items : page.items.map((each) => ({ ...each, phone: null })),
    });
  });

  routes.post('/due/snoozes', async (request, response) => {
    const put = parse(Snooze, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const at = shop.now();
      const write = { id: put.id, body: put, personId: person.id, at };
      if ((await takeOnce(transaction, write)) === null) return;
      const { timeZone } = (await rulesInForce(transaction)).rules;
      const until = daysAfter(dayIn(timeZone, at.toISOString()), put.days);
      if (!(await snooze(transaction, put, until, put.words, person.id)))
        throw new Refusal('not-found');
    });
    response.status(201).json({});
  });

  return routes;
}
