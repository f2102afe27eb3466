import { MakeFeed, WithdrawFeed } from '@hold-fast/contract/calendar';
import { calendarOf } from '@hold-fast/contract/calendarText';
import { daysAfter } from '@hold-fast/core/due/due';
import { dayIn } from '@hold-fast/core/job/day';
import { Router } from 'express';
import { z } from 'zod';
import { inTransaction } from '../platform/database';
import { newToken, withdrawAddress } from '../platform/addresses';
import { takeOnce } from '../platform/once';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn } from '../platform/session';
import type { Shop } from '../platform/shop';
import { rulesInForce } from '../shopRules/store';
import { addFeed, feedOf, feeds } from './feedStore';
import { duesUntil } from './store';

const FeedId = z.object({ feedId: z.uuid() });
const File = z.object({ file: z.string().regex(/^[A-Za-z0-9_-]{22}\.ics$/) });
/** A calendar looks so far ahead, days, and holds no more [D]. */
const AHEAD_DAYS = 400;
const MOST_EVENTS = 2000;
/** A program that asks again within this has what it was given, s [D]. */
const FRESH_S = 300;

/** What is due, to whichever calendar has the address. A text that has not changed is not sent again. */
export function openFeedRoutes({ pool, now }: Shop): Router {
  const routes = Router();
  routes.get('/calendars/:file', async (request, response) => {
    const { success, data } = File.safeParse(request.params);
    const feed = success ? await feedOf(pool, data.file.slice(0, -'.ics'.length)) : null;
    if (!feed) throw new Refusal('not-found');
    if (feed.withdrawn) throw new Refusal('withdrawn');
    const { title, of, end } = feed.words;
    const { timeZone } = (await rulesInForce(pool)).rules;
    const today = dayIn(timeZone, now().toISOString());
    const dues = await duesUntil(pool, daysAfter(today, AHEAD_DAYS), MOST_EVENTS);
    const text = calendarOf(
      title,
      dues,
      (due) => ({
        // One made before there was a third brake has no word for it.
        summary: `${due.bikeName}: ${[of[due.of], end[due.end]].filter(Boolean).join(', ')}`,
        description: due.customerName,
      }),
      // The day alone: what has not changed is the same text all day, and is answered as such.
      new Date(`${today}T00:00:00Z`),
    );
    response
      .set('cache-control', `private, max-age=${FRESH_S}`)
      .type('text/calendar; charset=utf-8')
      .send(text);
  });
  return routes;
}

export function feedsRoutes({ pool, now }: Shop): Router {
  const routes = Router();

  routes.get('/due/feeds', async (_request, response) => {
    response.json({ items: await feeds(pool) });
  });

  routes.post('/due/feeds', async (request, response) => {
    const { id, words } = parse(MakeFeed, request.body);
    const personId = personOn(response).id;
    await inTransaction(pool, async (transaction) => {
      const at = now();
      const body = { makes: 'feed', words };
      if ((await takeOnce(transaction, { id, body, personId, at })) === null) return;
      const token = newToken();
      await addFeed(transaction, { id, token, words, at, personId });
    });
    response.status(201).json({ items: await feeds(pool) });
  });

  routes.post('/due/feeds/:feedId/withdraw', async (request, response) => {
    const { feedId } = parse(FeedId, request.params);
    const { id } = parse(WithdrawFeed, request.body);
    const personId = personOn(response).id;
    await inTransaction(pool, async (transaction) => {
      const at = now();
      const body = { withdraws: feedId };
      if ((await takeOnce(transaction, { id, body, personId, at })) === null) return;
      if (!(await withdrawAddress(transaction, 'calendar_feed', feedId, at, personId)))
        throw new Refusal('not-found');
    });
    response.json({});
  });

  return routes;
}
