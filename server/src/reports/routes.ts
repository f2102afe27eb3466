import { MakeLink, WithdrawLink } from '@hold-fast/contract/report';
import { Router } from 'express';
import { z } from 'zod';
import { inTransaction, type Queryable } from '../platform/database';
import { newToken, withdrawAddress } from '../platform/addresses';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { addLink, linksOf, linkTo, reportOf } from './store';

const RecordId = z.object({ recordId: z.uuid() });
const LinkId = z.object({ linkId: z.uuid() });
const Token = z.object({ token: z.string().regex(/^[A-Za-z0-9_-]{22}$/) });

async function reportOrRefuse(on: Queryable, recordId: string) {
  const report = await reportOf(on, recordId);
  if (!report) throw new Refusal('not-found');
  return report;
}

/** What whoever has its address may read, signed in or not: one report, and nothing else of the shop. */
export function openReportRoutes({ pool }: Shop): Router {
  const routes = Router();
  routes.get('/reports/:token', async (request, response) => {
    const { success, data } = Token.safeParse(request.params);
    const link = success ? await linkTo(pool, data.token) : null;
    if (!link) throw new Refusal('not-found');
    if (link.withdrawn) throw new Refusal('withdrawn');
    response.set('x-robots-tag', 'noindex').json(await reportOrRefuse(pool, link.recordId));
  });
  return routes;
}

export function reportsRoutes({ pool, now }: Shop): Router {
  const routes = Router();

  routes.get('/records/:recordId/report', async (request, response) => {
    response.json(await reportOrRefuse(pool, parse(RecordId, request.params).recordId));
  });

  routes.get('/records/:recordId/links', async (request, response) => {
    response.json({ items: await linksOf(pool, parse(RecordId, request.params).recordId) });
  });

  routes.post('/records/:recordId/links', async (request, response) => {
    const { recordId } = parse(RecordId, request.params);
    const { id } = parse(MakeLink, request.body);
    const personId = personOn(response).id;
    await inTransaction(pool, async (transaction) => {
      const at = now();
      const body = { makes: 'link', recordId };
      if ((await takeOnce(transaction, { id, body, personId, at })) === null) return;
      await reportOrRefuse(transaction, recordId);
      const token = newToken();
      await addLink(transaction, { id, recordId, token, at, personId });
    });
    response.status(201).json({ items: await linksOf(pool, recordId) });
  });

  routes.post('/links/:linkId/withdraw', async (request, response) => {
    const { linkId } = parse(LinkId, request.params);
    const { id } = parse(WithdrawLink, request.body);
    const personId = personOn(response).id;
    await inTransaction(pool, async (transaction) => {
      const at = now();
      const body = { withdraws: linkId };
      if ((await takeOnce(transaction, { id, body, personId, at })) === null) return;
      if (!(await withdrawAddress(transaction, 'report_link', linkId, at, personId)))
        throw new Refusal('not-found');
    });
    response.json({});
  });

  return routes;
}
