import { Router } from 'express';
import type { Shop } from '../platform/shop';
import { containers, gauges, wrenches } from './store';

export function storesRoutes({ pool }: Shop): Router {
  const routes = Router();
  routes.get('/gauges', async (_request, response) => {
    response.json(await gauges(pool));
  });
  routes.get('/wrenches', async (_request, response) => {
    response.json(await wrenches(pool));
  });
  routes.get('/containers', async (_request, response) => {
    response.json(await containers(pool));
  });
  return routes;
}
