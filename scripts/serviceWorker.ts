import { generateSW } from 'workbox-build';

/** What the server said last, kept for a device that reaches it no more; forgotten when somebody signs out. `app/src/data/offline.ts` names it too. */
const SAID = 'hold-fast-said';
/** As long as a session lasts. */
const SAID_SECONDS = 14 * 60 * 60;
const MOST_SAID = 600;
/** The largest file of the app, bytes, with room: what writes PDFs. */
const LARGEST_FILE = 8_000_000;

/** A page of the app; what is the shop’s network’s, or a customer’s, is asked of the server. Run in the worker: it knows nothing of what stands around it here. */
const isPage = ({ request, url }: { request: Request; url: URL }) =>
  request.mode === 'navigate' && !/^\/(api\/|hold-fast-root|trust|r\/)/.test(url.pathname);

/** The app’s page from this device, with the Bench as it was kept of the time before (`app/src/data/first.ts`). Run in the worker. */
const pageFromHere = async ({ request, url }: { request: Request; url: URL }) => {
  const page = await caches.match('/index.html', { ignoreSearch: true });
  if (!page) return fetch(request);
  const said = await caches.open('hold-fast-said');
  const first = ['/', '/bench'].includes(url.pathname) ? await said.match('/first') : undefined;
  if (!first || Number(first.headers.get('until')) < Date.now()) return page;
  const [html, brought] = [await page.text(), await first.text()];
  const headers = new Headers(page.headers);
  for (const name of ['content-encoding', 'content-length']) headers.delete(name);
  return new Response(
    html.replace('<!-- first -->', () => brought),
    { headers },
  );
};

/**
 * Writes the service worker of the exported app: its files come from the device, by their content, and what the server said last
 * stands in where it cannot be reached. A stream, a file to save and what is read by its address alone are never kept.
 */
export async function writeServiceWorker(directory: string): Promise<void> {
  await generateSW({
    swDest: `${directory}/sw.js`,
    globDirectory: directory,
    globPatterns: ['**/*.{js,css,html,svg,png,ico,woff,woff2,webmanifest}'],
    dontCacheBustURLsMatching: /-[0-9a-f]{32}\./,
    maximumFileSizeToCacheInBytes: LARGEST_FILE,
    runtimeCaching: [
      { urlPattern: isPage, handler: pageFromHere },
      // A job is kept by the app, which knows of later entries than the last answer; the worker only brings it.
      {
        urlPattern: /\/api\/jobs\/[0-9a-f-]{36}$/,
        handler: 'NetworkFirst',
        options: { cacheName: SAID, plugins: [{ cacheWillUpdate: () => Promise.resolve(null) }] },
      },
      {
        urlPattern: /\/api\/(?!feed|exports|calendars|reports|trust|customers)/,
        handler: 'NetworkFirst',
        options: {
          cacheName: SAID,
          cacheableResponse: { statuses: [200] },
          expiration: { maxEntries: MOST_SAID, maxAgeSeconds: SAID_SECONDS },
        },
      },
    ],
    // The first visit is kept too; a later version waits until it is asked in.
    clientsClaim: true,
    skipWaiting: false,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  });
}
