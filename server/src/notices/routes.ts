import { seesPhoneNumbers } from '@hold-fast/contract/roles';
import { Notice, NoticeEdit, noticeFrom } from '@hold-fast/contract/notices';
import { NoticeImport } from '@hold-fast/contract/noticeTable';
import { Router } from 'express';
import { z } from 'zod';
import { inTransaction, type Transaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { afterOf } from '../platform/page';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { takeRows } from '../platform/rowsIn';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { sheetHistory } from '../sheets/store';
import { takeNotice } from './import';
import { addNotice, bikesMet, changeNotice, holdNotice, noticeById, noticesPage } from './store';

const NoticeId = z.object({ noticeId: z.uuid() });

export function noticesRoutes(shop: Shop): Router {
  const { pool } = shop;
  const routes = Router();

  routes.get('/notices', async (request, response) => {
    response.json(await noticesPage(pool, afterOf(request.query)));
  });

  routes.post('/notices', async (request, response) => {
    const notice = parse(Notice, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const at = shop.now();
      const write = { id: notice.id, body: notice, personId: person.id, at };
      if ((await takeOnce(transaction, write)) === null) return;
      await refuseUnknownSheet(transaction, notice.sheetId);
      await addNotice(transaction, notice, at, person.id);
    });
    response.status(201).json(await noticeById(pool, notice.id));
  });

  routes.post('/notices/import', async (request, response) => {
    const asked = parse(NoticeImport, request.body);
    response.json({ items: await takeRows(shop, personOn(response), asked, takeNotice) });
  });

  routes.put('/notices/:noticeId', async (request, response) => {
    const { noticeId } = parse(NoticeId, request.params);
    const { version, notice, because } = parse(NoticeEdit, request.body);
    const person = personOn(response);
    await inTransaction(pool, async (transaction) => {
      const was = await holdNotice(transaction, noticeId);
      if (!was || notice.id !== noticeId) throw new Refusal('not-found');
      if (was.version !== version)
        throw new Refusal('version-conflict', { facts: { current: { ...was } } });
      await refuseUnknownSheet(transaction, notice.sheetId);
      parse(noticeFrom(was), { ...notice, because });
      await changeNotice(transaction, { was, notice, because, at: shop.now(), by: person.id });
    });
    response.json(await noticeById(pool, noticeId));
  });

  routes.get('/notices/:noticeId/bikes', async (request, response) => {
    const { noticeId } = parse(NoticeId, request.params);
    const notice = await noticeById(pool, noticeId);
    if (!notice) throw new Refusal('not-found');
    const page = await bikesMet(pool, notice, afterOf(request.query));
    const rings = seesPhoneNumbers(personOn(response));
    response.json({
      ...page,
      items: page.items.map((bike) => ({ ...bike, phone: rings ? bike.phone : null })),
    });
  });

  return routes;
}

/** @throws Refusal `invalid-input` of a sheet the library has not */
async function refuseUnknownSheet(on: Transaction, sheetId: string | null): Promise<void> {
  if (sheetId !== null && (await sheetHistory(on, sheetId)).length === 0)
    throw refuseField('invalid-input', 'sheetId', 'unknown');
}
