import { generateSW } from 'workbox-build';

/** What the server said last, kept for a device that reaches it no more; forgotten when somebody signs out. `app/src/data/offline.ts` names it too. */
const SAID = 'hold-fast-said';
/** As long as a session lasts. */
const SAID_SECONDS = 14 * 60 * 60;
const MOST_SAID = 600;
/** The largest file of the app, bytes, with room: what writes PDFs. */
const LARGEST_FILE = 8_000_000;

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
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/hold-fast-root/, /^\/trust/, /^\/r\//],
    runtimeCaching: [
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
