import { Router } from 'express';
import type { Shop } from '../platform/shop';
import { currentSheets } from './store';

export function sheetsRoutes({ pool }: Shop): Router {
  const routes = Router();
  routes.get('/sheets', async (_request, response) => {
    response.json(await currentSheets(pool));
  });
  return routes;
}
