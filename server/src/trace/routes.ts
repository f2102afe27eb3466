import { TraceQuery, type TraceRow } from '@hold-fast/contract/trace';
import { rejudged } from '@hold-fast/core/inspection/rejudge';
import { Router } from 'express';
import { readJob } from '../jobs/readStore';
import { parse } from '../platform/parse';
import type { Shop } from '../platform/shop';
import { sheetRevision } from '../sheets/store';
import { rulesInForce } from '../shopRules/store';
import { daysAsked } from '../platform/daysAsked';
import { judgedByOlder, nextOf, tracePage } from './store';

export function traceRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();
  routes.get('/trace', async (request, response) => {
    const { by, name, after = null, ...days } = parse(TraceQuery, request.query);
    const { timeZone } = (await rulesInForce(pool)).rules;
    const asked = { after, ...daysAsked(timeZone, days) };
    response.json(
      by === 'sheet'
        ? await sheetTrace(shop, name, asked)
        : await tracePage(pool, { by, name, ...asked }),
    );
  });
  return routes;
}

/** Which visits would have been judged otherwise by the newest revision of a sheet: the stored readings are judged once more. */
async function sheetTrace(
  { pool }: Shop,
  title: string,
  asked: Parameters<typeof judgedByOlder>[2],
): Promise<{ items: TraceRow[]; after: string | null }> {
  const { newestId, jobs } = await judgedByOlder(pool, title, asked);
  const newest = newestId === null ? null : await sheetRevision(pool, newestId);
  const items: TraceRow[] = [];
  for (const row of newest ? jobs : []) {
    const changes = rejudged((await readJob(pool, row.jobId)).folded.job, newest!);
    if (changes.length === 0) continue;
    items.push({
      ...row,
      at: row.at.toISOString(),
      ends: [...new Set(changes.map(({ end }) => end))],
      codes: [...new Set(changes.map(({ part }) => part))],
      changes,
      ml: null,
      brought: false,
    });
  }
  return { items, after: nextOf(jobs) };
}
