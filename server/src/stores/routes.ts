import { isLead } from '@hold-fast/contract/roles';
import {
  Container,
  ContainerEdit,
  Gauge,
  GaugeEdit,
  HandOver,
  ScrapUsedPart,
  StockEdit,
  StockLine,
  StockMove,
  Wrench,
  WrenchEdit,
} from '@hold-fast/contract/stores';
import { StockImport } from '@hold-fast/contract/stockRows';
import { containerDayFault, easesContainer } from '@hold-fast/core/fluid/container';
import { isCalibratedTooFar } from '@hold-fast/core/gauge/register';
import { clicksAfter } from '@hold-fast/core/torque/wrench';
import { dayIn } from '@hold-fast/core/job/day';
import { Router, type Response } from 'express';
import { z } from 'zod';
import {
  errnoOf,
  ERRNO,
  inTransaction,
  type Queryable,
  type Transaction,
} from '../platform/database';
import { takeOnce } from '../platform/once';
import { afterOf } from '../platform/page';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { takeRows } from '../platform/rowsIn';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { rulesInForce } from '../shopRules/store';
import {
  addContainer,
  addGauge,
  addStockLine,
  addWrench,
  changeContainer,
  changeGauge,
  changeStockLine,
  changeWrench,
  containerById,
  containersPage,
  endQuarantine,
  filledFrom,
  gaugeById,
  gaugesPage,
  handWasteOver,
  holdContainer,
  holdGauge,
  holdStock,
  holdWrench,
  moveStock,
  quarantine,
  stockById,
  stockPage,
  wasteCans,
  wrenchById,
  wrenchesPage,
} from './store';

import { takeStock } from './import';
import { holdUsedPart, scrapUsedPart, usedPartsPage } from './usedPartStore';

const GaugeId = z.object({ gaugeId: z.uuid() });
const ThingId = z.object({ id: z.uuid() });

export function storesRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

  const today = async (on: Queryable) =>
    dayIn((await rulesInForce(on)).rules.timeZone, shop.now().toISOString());

  /** Adds a thing to the stores, once however often it is sent. */
  const once = async (
    response: Response,
    id: string,
    body: unknown,
    add: (transaction: Transaction) => Promise<void>,
  ) => {
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const write = { id, body, personId: person.id, at: shop.now() };
      if ((await takeOnce(transaction, write)) !== null) await add(transaction);
    });
  };

  routes.get('/gauges', async (request, response) => {
    response.json(await gaugesPage(pool, afterOf(request.query)));
  });
  routes.post('/gauges', async (request, response) => {
    const gauge = parse(Gauge, request.body);
    await once(response, gauge.id, gauge, async (transaction) => {
      refuseCalibration(gauge, await today(transaction));
      await named(() => addGauge(transaction, gauge));
    });
    response.status(201).json(await gaugeById(pool, gauge.id));
  });
  routes.put('/gauges/:gaugeId', async (request, response) => {
    const { gaugeId } = parse(GaugeId, request.params);
    const { version, gauge } = parse(GaugeEdit, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const was = await holdGauge(transaction, gaugeId);
      if (!was || gauge.id !== gaugeId) throw new Refusal('not-found');
      refuseStale(was, version);
      refuseCalibration(gauge, await today(transaction));
      const change = { was, gauge, at: shop.now(), personId: person.id };
      await named(() => changeGauge(transaction, change));
    });
    response.json(await gaugeById(pool, gaugeId));
  });
  routes.get('/wrenches', async (request, response) => {
    response.json(await wrenchesPage(pool, afterOf(request.query)));
  });
  routes.post('/wrenches', async (request, response) => {
    const wrench = parse(Wrench, request.body);
    await once(response, wrench.id, wrench, async (transaction) => {
      refuseCalibration(wrench, await today(transaction));
      await named(() => addWrench(transaction, wrench));
    });
    response.status(201).json(await wrenchById(pool, wrench.id));
  });
  routes.put('/wrenches/:id', async (request, response) => {
    const { id } = parse(ThingId, request.params);
    const { version, wrench } = parse(WrenchEdit, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const was = await holdWrench(transaction, id);
      if (!was || wrench.id !== id) throw new Refusal('not-found');
      refuseStale(was, version);
      refuseCalibration(wrench, await today(transaction));
      const uses = clicksAfter(was, wrench);
      if (uses === null) throw refuseField('invalid-input', 'uses', 'clicks-go-back');
      const change = { was, became: { ...wrench, uses }, at: shop.now(), personId: person.id };
      await named(() => changeWrench(transaction, change));
    });
    response.json(await wrenchById(pool, id));
  });
  routes.get('/containers', async (request, response) => {
    response.json(await containersPage(pool, afterOf(request.query)));
  });
  routes.post('/containers', async (request, response) => {
    const container = parse(Container, request.body);
    await once(response, container.id, container, async (transaction) => {
      refuseDays(container, await today(transaction));
      await named(() => addContainer(transaction, container));
    });
    response.status(201).json(await containerById(pool, container.id));
  });
  routes.put('/containers/:id', async (request, response) => {
    const { id } = parse(ThingId, request.params);
    const { version, container } = parse(ContainerEdit, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const was = await holdContainer(transaction, id);
      if (!was || container.id !== id) throw new Refusal('not-found');
      refuseStale(was, version);
      refuseDays(container, await today(transaction));
      // Anybody at the bench may write a container off or find it spoiled; what makes it better takes a lead.
      if (easesContainer(was, container) && !isLead(person)) throw new Refusal('not-allowed');
      const at = shop.now();
      const change = { was, became: container, at, personId: person.id };
      await named(() => changeContainer(transaction, change));
      if (container.wrongFluid && !was.wrongFluid) await quarantine(transaction, id, at);
      if (was.wrongFluid && !container.wrongFluid) await endQuarantine(transaction, id, at);
    });
    response.json(await containerById(pool, id));
  });
  routes.get('/containers/:id/fills', async (request, response) => {
    const { id } = parse(ThingId, request.params);
    if (!(await containerById(pool, id))) throw new Refusal('not-found');
    response.json(await filledFrom(pool, id, afterOf(request.query)));
  });
  routes.get('/stock', async (request, response) => {
    response.json(await stockPage(pool, afterOf(request.query)));
  });
  routes.post('/stock', async (request, response) => {
    const line = parse(StockLine, request.body);
    await once(response, line.id, line, (transaction) =>
      named(() => addStockLine(transaction, line)),
    );
    response.status(201).json(await stockById(pool, line.id));
  });
  routes.put('/stock/:id', async (request, response) => {
    const { id } = parse(ThingId, request.params);
    const { version, ...became } = parse(StockEdit, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const was = await holdStock(transaction, id);
      if (!was) throw new Refusal('not-found');
      refuseStale(was, version);
      await changeStockLine(transaction, { was, became, at: shop.now(), personId: person.id });
    });
    response.json(await stockById(pool, id));
  });
  routes.post('/stock/import', async (request, response) => {
    const asked = parse(StockImport, request.body);
    response.json({ items: await takeRows(shop, personOn(response), asked, takeStock(asked.why)) });
  });
  routes.post('/stock/moves', async (request, response) => {
    const move = parse(StockMove, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const write = { id: move.id, body: move, personId: person.id, at: shop.now() };
      const seq = await takeOnce(transaction, write);
      if (seq === null) return;
      const line = await holdStock(transaction, move.stockId);
      if (!line) throw refuseField('invalid-input', 'stockId', 'unknown');
      if (line.count + move.pieces < 0)
        throw refuseField('stock-refused', 'pieces', 'not-enough', {
          count: line.count,
          description: line.description,
        });
      await moveStock(transaction, move, { seq, at: shop.now(), personId: person.id });
    });
    response.status(201).json(await stockById(pool, move.stockId));
  });
  routes.get('/used-parts', async (request, response) => {
    response.json(await usedPartsPage(pool, afterOf(request.query)));
  });
  routes.post('/used-parts/:id/scrap', async (request, response) => {
    const { id } = parse(ThingId, request.params);
    const scrapped = parse(ScrapUsedPart, request.body);
    await once(response, scrapped.id, { partId: id, ...scrapped }, async (transaction) => {
      const used = await holdUsedPart(transaction, id);
      if (!used) throw new Refusal('not-found');
      if (used.gone) throw refuseField('invalid-input', 'id', 'used-already');
      await scrapUsedPart(transaction, id, scrapped.words);
    });
    response.status(201).json(await usedPartsPage(pool, null));
  });
  routes.get('/waste', async (_request, response) => {
    response.json(await wasteCans(pool));
  });
  routes.post('/waste', async (request, response) => {
    const handed = parse(HandOver, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const at = shop.now();
      const write = { id: handed.id, body: handed, personId: person.id, at };
      const seq = await takeOnce(transaction, write);
      if (seq !== null)
        await handWasteOver(transaction, { ...handed, seq, at, personId: person.id });
    });
    response.status(201).json(await wasteCans(pool));
  });
  return routes;
}

function refuseStale(current: { version: number }, version: number): void {
  if (current.version !== version) throw new Refusal('version-conflict', { facts: { current } });
}

/** A year that slipped would let a gauge prove, and fluid keep, for as long. */
function refuseCalibration(instrument: Gauge | Wrench, today: string): void {
  if (isCalibratedTooFar(instrument, today))
    throw refuseField('invalid-input', 'calibrationDueOn', 'too-far');
}
function refuseDays(container: Container, today: string): void {
  const fault = containerDayFault(container, today);
  if (fault) throw refuseField('invalid-input', fault.field, fault.code);
}

/** Two things of one name, or of one name on the feed, could not be told apart at the bench. */
async function named(write: () => Promise<void>): Promise<void> {
  try {
    await write();
  } catch (error) {
    if (errnoOf(error) !== ERRNO.duplicate) throw error;
    const onFeed = String((error as Error).message).includes('_on_feed');
    throw refuseField('invalid-input', onFeed ? 'feedSerial' : 'name', 'taken');
  }
}
