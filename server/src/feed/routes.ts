import { SCENES, type FeedEvent } from '@hold-fast/contract/feed';
import { Router } from 'express';
import { z } from 'zod';
import { parse } from '../platform/parse';
import { Refusal } from '../platform/refusal';
import { personOn, sessionHash, type Sessions } from '../platform/session';
import type { Feed } from './feed';

const Listening = z.strictObject({ gauge: z.uuid().optional() });
const Serial = z.object({ serial: z.string().max(24) });
/** What a gauge’s stand-in is told to do. */
export const Order = z.union([
  z.strictObject({ press: z.literal(true) }),
  z.strictObject({ scene: z.enum(SCENES) }),
]);
/** A silent connection is told that it lives, so that a lost one is noticed at either end. */
const HEARTBEAT_MS = 15_000;

export function feedRoutes(feed: Feed, sessions: Sessions): Router {
  const routes = Router();
  /** The open stream of each session, and so of each browser: a page that opens one ends the page's before it. */
  const streams = new Map<string, () => void>();

  routes.get('/feed', (request, response) => {
    const { gauge } = parse(Listening, request.query);
    response.set({ 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' });
    response.flushHeaders();
    response.write(': here\n\n');
    const stop = feed.listen({
      gaugeId: gauge ?? null,
      person: personOn(response).name,
      hear: (event: FeedEvent) => response.write(`data: ${JSON.stringify(event)}\n\n`),
    });
    const beat = setInterval(() => response.write(': here\n\n'), HEARTBEAT_MS);
    const key = sessionHash(request).toString('hex');
    streams.get(key)?.();
    const elsewhere = () => {
      response.write(`data: ${JSON.stringify({ event: 'elsewhere' } satisfies FeedEvent)}\n\n`);
      response.end();
    };
    streams.set(key, elsewhere);
    const forget = sessions.onEnd(request, () => response.end());
    response.on('close', () => {
      clearInterval(beat);
      forget();
      stop();
      if (streams.get(key) === elsewhere) streams.delete(key);
    });
  });

  routes.get('/feed/state', (_request, response) => {
    response.json(feed.state());
  });

  routes.post('/feed/gauges/:serial', (request, response) => {
    const { serial } = parse(Serial, request.params);
    const order = parse(Order, request.body);
    if (!feed.drive(serial, 'press' in order ? 'press' : order)) throw new Refusal('not-found');
    response.json(feed.state());
  });

  return routes;
}
