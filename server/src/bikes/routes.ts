import { seesPhoneNumbers } from '@hold-fast/contract/roles';
import { BikeImport } from '@hold-fast/contract/bikeRows';
import {
  BikeCorrection,
  CustomerCorrection,
  EraseCustomer,
  type BikePage,
} from '@hold-fast/contract/bikes';
import { ReadingImport } from '@hold-fast/contract/readingTable';
import { TakePassport } from '@hold-fast/contract/passport';
import { noticesOfBike } from '@hold-fast/core/notice/notice';
import { Router } from 'express';
import { z } from 'zod';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { takeRows } from '../platform/rowsIn';
import type { Tries } from '../platform/tries';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { duesOfBike } from '../due/store';
import { noticesAt } from '../notices/store';
import { rulesInForce } from '../shopRules/store';
import { adviceOfBike, fittingsOfBike, reckonedOfBike } from './visitStore';
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
import { correctBike, correctCustomer } from './correct';
import { eraseCustomer } from './erase';
import { takeReading } from './brought';
import { broughtOfBike } from './broughtStore';
import { takeBike } from './import';
import { passportOf, takePassport } from './passports';
import { passportsTaken } from './passportStore';
import { wearOfBike } from './wear';
import { wordsOf } from './wordStore';

const ListQuery = z.strictObject({
  q: z.string().max(80).optional(),
  after: z
    .string()
    .max(200)
    .regex(/^[0-9a-f-]{36} /)
    .optional(),
});
const CustomerId = z.object({ customerId: z.uuid() });
const BikeId = z.object({ bikeId: z.uuid() });

export function bikesRoutes(shop: Shop, tries: Tries): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/bikes', async (request, response) => {
    const { q = '', after } = parse(ListQuery, request.query);
    const words = wordsOf(q);
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

  routes.post('/bikes/import', async (request, response) => {
    const asked = parse(BikeImport, request.body);
    response.json({ items: await takeRows(shop, personOn(response), asked, takeBike) });
  });

  routes.post('/readings/import', async (request, response) => {
    const asked = parse(ReadingImport, request.body);
    response.json({ items: await takeRows(shop, personOn(response), asked, takeReading) });
  });

  routes.get('/bikes/:bikeId', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    const bike = await bikeById(pool, bikeId);
    const customer = bike && (await customerById(pool, bike.customerId));
    if (!bike || !customer) throw new Refusal('not-found');
    const { rules } = await rulesInForce(pool);
    const page: BikePage = {
      bike,
      customer: seesPhoneNumbers(personOn(response)) ? customer : { ...customer, phone: null },
      jobs: await jobsOfBike(pool, bikeId),
      wear: await wearOfBike(shop, bike, rules),
      brought: await broughtOfBike(pool, bikeId, rules.timeZone),
      fittings: await fittingsOfBike(pool, bikeId, null),
      dues: (await duesOfBike(pool, bikeId)).map((each) => ({ ...each, phone: null })),
      reckoned: await reckonedOfBike(pool, bikeId),
      changes: await changesOfBike(pool, bikeId),
      notices: noticesOfBike(await noticesAt(pool, { bike, beforeTag: null }), bike),
      doNotRide: await openDoNotRide(pool, bikeId),
      againstAdvice: (await adviceOfBike(pool, bikeId)).map(
        ({ id: _, found: _found, ...advice }) => advice,
      ),
    };
    response.json(page);
  });

  routes.put('/customers/:customerId', async (request, response) => {
    const { customerId } = parse(CustomerId, request.params);
    const correction = parse(CustomerCorrection, request.body);
    await correctCustomer(shop, personOn(response), customerId, correction);
    response.json(await customerById(pool, customerId));
  });

  routes.post('/customers/:customerId/erase', async (request, response) => {
    const { customerId } = parse(CustomerId, request.params);
    const asked = parse(EraseCustomer, request.body);
    await eraseCustomer(shop, tries, personOn(response), customerId, asked);
    response.json({});
  });

  routes.get('/bikes/:bikeId/passport', async (request, response) => {
    const passport = await passportOf(shop, parse(BikeId, request.params).bikeId);
    if (!passport) throw new Refusal('not-found');
    response.attachment(`passport-${passport.bike.serial.replace(/[^\w-]/g, '') || 'bike'}.json`);
    response.json(passport);
  });

  routes.get('/bikes/:bikeId/passports', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    if (!(await bikeById(pool, bikeId))) throw new Refusal('not-found');
    response.json({ items: await passportsTaken(pool, bikeId) });
  });

  routes.post('/bikes/:bikeId/passports', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    const taken = parse(TakePassport, request.body);
    await takePassport(shop, personOn(response), bikeId, taken);
    response.status(201).json({ items: await passportsTaken(pool, bikeId) });
  });

  routes.put('/bikes/:bikeId', async (request, response) => {
    const { bikeId } = parse(BikeId, request.params);
    const correction = parse(BikeCorrection, request.body);
    await correctBike(shop, personOn(response), bikeId, correction);
    response.json(await bikeById(pool, bikeId));
  });

  return routes;
}
