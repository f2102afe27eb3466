import { RulesEdit } from '@hold-fast/contract/shopRules';
import { Router } from 'express';
import { holdShop, inTransaction, insert } from '../platform/database';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { rulesHistory, rulesInForce } from './store';

export function rulesRoutes(shop: Shop): Router {
  const routes = Router();
  routes.get('/rules', async (_request, response) => {
    response.json(await rulesInForce(shop.pool));
  });
  routes.get('/rules/history', async (_request, response) => {
    response.json(await rulesHistory(shop.pool));
  });
  routes.put('/rules', async (request, response) => {
    const edit = parse(RulesEdit, request.body);
    const person = personOn(response);
    await inTransaction(shop.pool, async (transaction) => {
      const at = shop.now();
      const write = { id: edit.id, body: edit, personId: person.id, at };
      if ((await takeOnce(transaction, write)) === null) return;
      // One change at a time: the next waits for this one and then finds that it was overtaken.
      await holdShop(transaction);
      const current = await rulesInForce(transaction);
      if (current.version !== edit.version)
        throw new Refusal('version-conflict', { facts: { current } });
      await insert(transaction, 'shop_rules', {
        version: edit.version + 1,
        rules: JSON.stringify(edit.rules),
        at,
        by_person: person.id,
      });
    });
    response.json(await rulesInForce(shop.pool));
  });
  return routes;
}
