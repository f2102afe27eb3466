import { bikeTable } from '@hold-fast/contract/bikeCsv';
import { readingTable } from '@hold-fast/contract/readingCsv';
import { stockTable } from '@hold-fast/contract/stockCsv';
import { Router, type Response } from 'express';
import { once } from 'node:events';
import { z } from 'zod';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import type { Shop } from '../platform/shop';
import {
  bikeRowsAfter,
  customerFile,
  readingRowsAfter,
  ROWS_AT_A_TIME,
  stockRowsAfter,
  type ExportedBike,
  type ExportedReading,
  type ExportedStock,
} from './store';

const CustomerId = z.object({ customerId: z.uuid() });

/** Tables that anybody may take elsewhere: sent as they are read, so that no table is too long. */
export function exportsRoutes({ pool }: Shop): Router {
  const routes = Router();

  routes.get('/exports/bikes.csv', async (_request, response) => {
    await sendTable<ExportedBike>(
      response,
      'bikes',
      (after) => bikeRowsAfter(pool, after),
      bikeTable,
    );
  });
  routes.get('/exports/readings.csv', async (_request, response) => {
    await sendTable<ExportedReading>(
      response,
      'readings',
      (after) => readingRowsAfter(pool, after),
      readingTable,
    );
  });
  routes.get('/exports/stock.csv', async (_request, response) => {
    await sendTable<ExportedStock>(
      response,
      'stock',
      (after) => stockRowsAfter(pool, after),
      stockTable,
    );
  });

  routes.get('/customers/:customerId/export', async (request, response) => {
    const file = await customerFile(pool, parse(CustomerId, request.params).customerId);
    if (!file) throw new Refusal('not-found');
    response.set('content-disposition', 'attachment; filename="customer.json"').json(file);
  });

  return routes;
}

/** Source [S]: RFC 4180; with the mark by which spreadsheets know UTF-8, and cells that they would run marked as text. */
async function sendTable<Row extends { key: string }>(
  response: Response,
  name: string,
  read: (after: string | null) => Promise<Row[]>,
  write: (rows: readonly Row[], withNames: boolean) => string,
): Promise<void> {
  let rows = await read(null);
  response
    .type('text/csv; charset=utf-8')
    .set('content-disposition', `attachment; filename="${name}.csv"`);
  response.write('\uFEFF');
  for (let isFirst = true; isFirst || rows.length > 0; isFirst = false) {
    const table = write(rows, isFirst);
    // A reader that is slow is waited for.
    if (table && !response.write(`${table}\r\n`)) await once(response, 'drain');
    if (response.destroyed || rows.length < ROWS_AT_A_TIME) break;
    rows = await read(rows.at(-1)!.key);
  }
  response.end();
}
