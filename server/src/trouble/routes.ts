import { Router } from 'express';
import type { Shop } from '../platform/shop';
import { rulesInForce } from '../shopRules/store';
import { troubleCounts } from './store';

export function troubleRoutes({ pool }: Shop): Router {
  const routes = Router();
  routes.get('/trouble/counts', async (_request, response) => {
    const { rules } = await rulesInForce(pool);
    response.json(await troubleCounts(pool, rules.trouble.counting));
  });
  return routes;
}
