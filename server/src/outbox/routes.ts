import { SendMessage } from '@hold-fast/contract/outbox';
import { Router } from 'express';
import { inTransaction } from '../platform/database';
import { takeOnce } from '../platform/once';
import { afterOf } from '../platform/page';
import { parse } from '../platform/parse';
import { Refusal, refuseField } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { keepMessage, messagesPage, ownerOf } from './store';

/** Messages to customers. What would carry them is a stand-in: they are kept, and read on screen. */
export function outboxRoutes({ pool, now }: Shop): Router {
  const routes = Router();

  routes.get('/messages', async (request, response) => {
    response.json(await messagesPage(pool, afterOf(request.query)));
  });

  routes.post('/messages', async (request, response) => {
    const message = parse(SendMessage, request.body);
    const personId = personOn(response).id;
    await inTransaction(pool, async (transaction) => {
      const at = now();
      const write = { id: message.id, body: message, personId, at };
      const seq = await takeOnce(transaction, write);
      if (seq === null) return;
      const owner = await ownerOf(transaction, message.bikeId);
      if (!owner) throw new Refusal('not-found');
      const { id: customerId, phone } = owner;
      if (phone === null) throw refuseField('invalid-input', 'bikeId', 'no-phone');
      await keepMessage(transaction, message, { seq, customerId, phone, at, personId });
    });
    response.status(201).json({});
  });

  return routes;
}
