import {
  DayQuery,
  MOST_A_DAY,
  OrderDay,
  PlaceJob,
  type DayRow,
  type OpenRow,
  type Workday,
} from '@hold-fast/contract/day';
import { waitOf } from '@hold-fast/core/job/waits';
import { dayWorkOf } from '@hold-fast/core/workday/dayJob';
import { Router } from 'express';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import {
  holdMechanic,
  isOpen,
  keepOrder,
  mechanics,
  orderOf,
  placedOn,
  takeOff,
  unplaced,
  unplacedCount,
  type PlacedRow,
} from './dayStore';
import { readJob } from './readStore';

/** The day's bench: who works at what, and in which order. */
export function dayRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/day', async (request, response) => {
    response.json(await workday(shop, parse(DayQuery, request.query).day));
  });

  routes.post('/day/places', async (request, response) => {
    const placed = parse(PlaceJob, request.body);
    await inTransaction(pool, async (transaction) => {
      const write = {
        id: placed.id,
        body: placed,
        personId: personOn(response).id,
        at: shop.now(),
      };
      if ((await takeOnce(transaction, write)) === null) return;
      const { jobId, at } = placed;
      const open = await isOpen(transaction, jobId);
      if (open === null) throw new Refusal('not-found');
      if (!open) throw new Refusal('job-sealed');
      if (at && !(await holdMechanic(transaction, at.personId)))
        throw refuseField('invalid-input', 'at.personId', 'no-mechanic');
      await takeOff(transaction, jobId);
      if (!at) return;
      const order = await orderOf(transaction, at.day, at.personId);
      if (order.length >= MOST_A_DAY) throw refuseField('invalid-input', 'at.day', 'day-full');
      // What it was to stand before may have gone elsewhere meanwhile: then it stands last.
      const place = at.before === null ? -1 : order.indexOf(at.before);
      await keepOrder(
        transaction,
        at.day,
        at.personId,
        order.toSpliced(place < 0 ? order.length : place, 0, jobId),
      );
    });
    response.status(201).json({});
  });

  routes.post('/day/orders', async (request, response) => {
    const asked = parse(OrderDay, request.body);
    await inTransaction(pool, async (transaction) => {
      const write = { id: asked.id, body: asked, personId: personOn(response).id, at: shop.now() };
      if ((await takeOnce(transaction, write)) === null) return;
      const { day, personId, jobs } = asked;
      if (!(await holdMechanic(transaction, personId))) throw new Refusal('not-found');
      const order = await orderOf(transaction, day, personId);
      const theirs = new Set(jobs);
      // What was sealed meanwhile is not on the list any more, and keeps its place before the rest.
      const open = new Set((await placedOn(transaction, day)).map(({ jobId }) => jobId));
      const now = order.filter((id) => open.has(id));
      if (
        theirs.size !== jobs.length ||
        now.length !== jobs.length ||
        now.some((id) => !theirs.has(id))
      )
        throw new Refusal('version-conflict');
      await keepOrder(transaction, day, personId, [
        ...order.filter((id) => !open.has(id)),
        ...jobs,
      ]);
    });
    response.status(201).json({});
  });

  return routes;
}

async function workday({ pool }: Shop, day: string): Promise<Workday> {
  const [people, placed, free, count] = await Promise.all([
    mechanics(pool, day),
    placedOn(pool, day),
    unplaced(pool),
    unplacedCount(pool),
  ]);
  const workedRow = async (row: PlacedRow): Promise<DayRow> => {
    const { job } = (await readJob(pool, row.jobId)).folded;
    return { ...openRow(row), waits: waitOf(job), ...dayWorkOf(job) };
  };
  return {
    day,
    mechanics: await Promise.all(
      people.map(async ({ id, name }) => ({
        id,
        name,
        jobs: await Promise.all(placed.filter(({ personId }) => personId === id).map(workedRow)),
      })),
    ),
    unplaced: free.map(openRow),
    unplacedCount: count,
  };
}

const openRow = ({
  jobId,
  tag,
  bikeName,
  customerName,
  promisedAt,
  minutes,
}: PlacedRow): OpenRow => ({
  jobId,
  tag,
  bikeName,
  customerName,
  promisedAt: promisedAt.toISOString(),
  minutes,
});
