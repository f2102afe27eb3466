import { BikeCorrection, type BikePage } from '@hold-fast/contract/bikes';
import { Router } from 'express';
import { z } from 'zod';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { seesPhoneNumbers } from '../people/rules';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { adviceOfBike, fittingsOfBike } from '../jobs/store';
import {
  bikeById,
  BIKES_A_PAGE,
  bikesPage,
  changesOfBike,
  customerById,
  findBikes,
  jobsOfBike,
  openDoNotRide,
} from './store';
import { correctBike } from './correct';
import { wearOfBike } from './wear';

const ListQuery = z.strictObject({
  q: z.string().max(80).optional(),
  after: z
    .string()
    .max(200)
    .regex(/^[0-9a-f-]{36} /)
    .optional(),
});
const BikeId = z.object({ bikeId: z.uuid() });

export function bikesRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/bikes', async (request, response) => {
    const { q = '', after } = parse(ListQuery, request.query);
    const words = q.match(/[\p{L}\p{N}]+/gu) ?? [];
    if (words.some((word) => word.length > 1)) {
      response.json({ items: await findBikes(pool, words), after: null });
      return;
    }
    const items = await bikesPage(
      pool,
      after ? { id: after.slice(0, 36), name: after.slice(37) } : null,
    );
    const last = items.length === BIKES_A_PAGE ? items.at(-1) : undefined;
    response.json({ items, after: last ? `${last.bikeId} ${last.bikeName}` : null });
  });

  routes.get('/bikes/:bikeId', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    const bike = await bikeById(pool, bikeId);
    const customer = bike && (await customerById(pool, bike.customerId));
    if (!bike || !customer) throw new Refusal('not-found');
    const page: BikePage = {
      bike,
      customer: seesPhoneNumbers(personOn(response)) ? customer : { ...customer, phone: null },
      jobs: await jobsOfBike(pool, bikeId),
      wear: await wearOfBike(shop, bike),
      fittings: await fittingsOfBike(pool, bikeId, null),
      changes: await changesOfBike(pool, bikeId),
      doNotRide: await openDoNotRide(pool, bikeId),
      againstAdvice: (await adviceOfBike(pool, bikeId)).map(
        ({ id: _, found: _found, ...advice }) => advice,
      ),
    };
    response.json(page);
  });

  routes.put('/bikes/:bikeId', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    const correction = parse(BikeCorrection, request.body);
    await correctBike(shop, personOn(response), bikeId, correction);
    response.json(await bikeById(pool, bikeId));
  });

  return routes;
}
