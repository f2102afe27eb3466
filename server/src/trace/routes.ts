import { TraceQuery } from '@hold-fast/contract/trace';
import { Router } from 'express';
import { parse } from '../platform/parse';
import type { Shop } from '../platform/shop';
import { rulesInForce } from '../shopRules/store';
import { daysAsked } from '../shopRules/daysAsked';
import { tracePage } from './store';

export function traceRoutes({ pool }: Shop): Router {
  const routes = Router();
  routes.get('/trace', async (request, response) => {
    const { by, name, after, ...days } = parse(TraceQuery, request.query);
    const { timeZone } = (await rulesInForce(pool)).rules;
    response.json(
      await tracePage(pool, { by, name, after: after ?? null, ...daysAsked(timeZone, days) }),
    );
  });
  return routes;
}
