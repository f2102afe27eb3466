import {
  SheetEdit,
  SHEETS_FORMAT,
  SheetsImport,
  type SpecSheetBody,
} from '@hold-fast/contract/sheets';
import { learnedGive } from '@hold-fast/core/lever/learnedGive';
import { Router } from 'express';
import { z } from 'zod';
import { afterOf } from '../platform/page';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { editSheet, importSheets } from './rules';
import { sheetHistory, sheetsPage, signedLevers } from './store';

const SheetId = z.object({ sheetId: z.uuid() });

export function sheetsRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();
  routes.get('/sheets', async (request, response) => {
    response.json(await sheetsPage(pool, afterOf(request.query)));
  });
  routes.get('/sheets/export', async (_request, response) => {
    const sheets: SpecSheetBody[] = [];
    let after: string | null = null;
    do {
      const page = await sheetsPage(pool, after);
      sheets.push(...page.items.map(({ body }) => body));
      after = page.after;
    } while (after !== null);
    response
      .set('content-disposition', 'attachment; filename="spec-sheets.json"')
      .json({ format: SHEETS_FORMAT, sheets });
  });
  routes.post('/sheets/import', async (request, response) => {
    const person = personOn(response);
    response.json(await importSheets(shop, person, parse(SheetsImport, request.body)));
  });
  routes.get('/sheets/:sheetId', async (request, response) => {
    const history = await sheetHistory(pool, parse(SheetId, request.params).sheetId);
    if (history.length === 0) throw new Refusal('not-found');
    response.json(history);
  });
  routes.get('/sheets/:sheetId/give', async (request, response) => {
    const { sheetId } = parse(SheetId, request.params);
    const [newest] = await sheetHistory(pool, sheetId);
    if (!newest) throw new Refusal('not-found');
    response.json(learnedGive(await signedLevers(pool, sheetId), newest.body.lever));
  });
  routes.put('/sheets/:sheetId', async (request, response) => {
    const { sheetId } = parse(SheetId, request.params);
    const edit = parse(SheetEdit, request.body);
    const person = personOn(response);
    if (edit.sheetId !== sheetId) throw new Refusal('not-found');
    await editSheet(shop, person, edit);
    response.json(await sheetHistory(pool, sheetId));
  });
  return routes;
}
