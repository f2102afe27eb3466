import { CacheableResponsePlugin } from 'workbox-cacheable-response';
import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { FIRST, LASTS_MS, SAID } from '../said';

// The service worker: the app's files come from the device, by their content, and what the server said last stands in where it cannot
// be reached. A stream, a file to save and what is read by its address alone are never kept.

/** Every file of the app, as scripts/serviceWorker.ts found it. */
declare const FILES: PrecacheEntry[];
/** What a service worker has that a page's script has not. */
declare const self: typeof globalThis & { skipWaiting(): Promise<void> };

const MOST_SAID = 600;

/** A copy that this device kept says nothing of what time it is: whoever reads it takes the shop's from what has a date. */
const UNDATED = {
  cachedResponseWillBeUsed({ cachedResponse: kept }: { cachedResponse?: Response }) {
    return Promise.resolve(
      kept && new Response(kept.body, { status: kept.status, headers: without(kept, 'date') }),
    );
  },
};

/** The headers of an answer without some of them, nor those of how it came. */
function without(answer: Response, ...names: string[]): Headers {
  const headers = new Headers(answer.headers);
  for (const name of ['content-encoding', 'content-length', ...names]) headers.delete(name);
  return headers;
}

/** The app’s page from this device, with the Bench as it was kept of the time before (`data/first.ts`). */
async function pageFromHere(request: Request, { pathname }: URL): Promise<Response> {
  const page = await caches.match('/index.html', { ignoreSearch: true });
  if (!page) return fetch(request);
  const said = await caches.open(SAID);
  const first = ['/', '/bench'].includes(pathname) ? await said.match(FIRST) : undefined;
  if (!first || Number(first.headers.get('until')) < Date.now()) return page;
  const [html, brought] = [await page.text(), await first.text()];
  return new Response(
    html.replace('<!-- first -->', () => brought),
    { headers: without(page) },
  );
}

// The first visit is kept too; a later version waits until it is asked in.
clientsClaim();
self.addEventListener('message', ({ data }: MessageEvent<{ type?: string } | null>) => {
  if (data?.type === 'SKIP_WAITING') void self.skipWaiting();
});

precacheAndRoute(FILES);
cleanupOutdatedCaches();

// What is the shop’s network’s, or a customer’s, is asked of the server.
registerRoute(
  ({ request, url }) =>
    request.mode === 'navigate' && !/^\/(api\/|hold-fast-root|trust|r\/)/.test(url.pathname),
  ({ request, url }) => pageFromHere(request, url),
);
// A job is kept by the app, which knows of later entries than the last answer; the worker only brings it.
registerRoute(
  /\/api\/jobs\/[0-9a-f-]{36}$/,
  new NetworkFirst({
    cacheName: SAID,
    plugins: [{ cacheWillUpdate: () => Promise.resolve(null) }, UNDATED],
  }),
);
registerRoute(
  /\/api\/(?!feed|exports|calendars|reports|trust|customers)/,
  new NetworkFirst({
    cacheName: SAID,
    plugins: [
      new CacheableResponsePlugin({ statuses: [200] }),
      new ExpirationPlugin({ maxEntries: MOST_SAID, maxAgeSeconds: LASTS_MS / 1000 }),
      UNDATED,
    ],
  }),
);
