import { Gauge, GaugeEdit } from '@hold-fast/contract/stores';
import { Router } from 'express';
import { z } from 'zod';
import { isLead } from '../people/rules';
import { errnoOf, ERRNO, inTransaction, select } from '../platform/database';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { addGauge, changeGauge, containers, gaugeById, gauges, wrenches } from './store';

const GaugeId = z.object({ gaugeId: z.uuid() });

export function storesRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();
  routes.get('/gauges', async (_request, response) => {
    response.json(await gauges(pool));
  });
  routes.post('/gauges', async (request, response) => {
    const gauge = parse(Gauge, request.body);
    const person = personOn(response);
    if (!isLead(person)) throw new Refusal('not-allowed');
    await inTransaction(pool, async (transaction) => {
      const write = { id: gauge.id, body: gauge, personId: person.id, at: shop.now() };
      if ((await takeOnce(transaction, write)) === null) return;
      await named(() => addGauge(transaction, gauge));
    });
    response.status(201).json(await gaugeById(pool, gauge.id));
  });
  routes.put('/gauges/:gaugeId', async (request, response) => {
    const { gaugeId } = parse(GaugeId, request.params);
    const { version, gauge } = parse(GaugeEdit, request.body);
    const person = personOn(response);
    if (!isLead(person)) throw new Refusal('not-allowed');
    await inTransaction(pool, async (transaction) => {
      await select(transaction, 'SELECT id FROM gauge WHERE id = ? FOR UPDATE', [gaugeId]);
      const was = await gaugeById(transaction, gaugeId);
      if (!was || gauge.id !== gaugeId) throw new Refusal('not-found');
      if (was.version !== version)
        throw new Refusal('version-conflict', { facts: { current: was } });
      const change = { was, gauge, at: shop.now(), personId: person.id };
      await named(() => changeGauge(transaction, change));
    });
    response.json(await gaugeById(pool, gaugeId));
  });
  routes.get('/wrenches', async (_request, response) => {
    response.json(await wrenches(pool));
  });
  routes.get('/containers', async (_request, response) => {
    response.json(await containers(pool));
  });
  return routes;
}

/** Two gauges of one name, or of one name on the feed, could not be told apart at the bench. */
async function named(write: () => Promise<void>): Promise<void> {
  try {
    await write();
  } catch (error) {
    if (errnoOf(error) !== ERRNO.duplicate) throw error;
    const onFeed = String((error as Error).message).includes('gauge_on_feed');
    throw refuseField(
      'invalid-input',
      onFeed ? 'feedSerial' : 'name',
      'taken',
      onFeed ? 'Another gauge has this name on the feed.' : 'Another gauge has this name.',
    );
  }
}
