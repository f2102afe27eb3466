import { Listeners } from '../listeners';
import { FIRST, LASTS_MS, SAID } from '../said';

// The device keeps the app and what the server said last (workers/service.worker.ts), and goes on by it where the server cannot be
// reached. None of it is left to who comes next.

/** How often it is asked whether there is a newer version, ms. */
const ASKED_EVERY_MS = 30 * 60_000;

const kept = () => (typeof caches === 'undefined' ? null : caches);

/** Whether the device keeps the app and what is said to it. */
export const isAppKept = () => kept() !== null && Boolean(navigator.serviceWorker?.controller);

let keeping = Promise.resolve();

/** Keeps what is known by now in place of what the server said last at this address, one after the other: the last is the one kept. */
export function keepSaid(path: string, body: unknown): Promise<void> {
  keeping = keeping.then(() => put(path, body));
  return keeping;
}

async function put(path: string, body: unknown): Promise<void> {
  try {
    // Where no worker keeps the app, nothing could be shown by it.
    if (!isAppKept()) return;
    const said = await caches.open(SAID);
    const headers = { 'content-type': 'application/json' };
    await said.put(path, new Response(JSON.stringify(body), { headers }));
  } catch {
    // A browser that keeps nothing asks again.
  }
}

/** Keeps what a page begins with, for as long as a session lasts. */
export async function keepFirstHtml(html: string): Promise<void> {
  const said = await caches.open(SAID).catch(() => null);
  const until = String(Date.now() + LASTS_MS);
  await said?.put(FIRST, new Response(html, { headers: { until } })).catch(() => undefined);
}

/** Forgets everything the server said to whoever was signed in. */
export async function forgetSaid(): Promise<void> {
  await kept()
    ?.delete(SAID)
    .catch(() => false);
}

async function forget(...paths: readonly string[]): Promise<void> {
  const said = await kept()
    ?.open(SAID)
    .catch(() => null);
  for (const path of paths) await said?.delete(path);
}

/** Forgets what a page begins with. */
export const forgetFirst = () => forget(FIRST);

/** Forgets that anybody is signed in: a page that is loaded without the server is nobody’s. */
export const forgetSession = () => forget('/api/session', FIRST);

let waiting: ServiceWorker | null = null;
const listeners = new Listeners();

/** Whether a newer version of the app is on this device and waits to be taken. */
export const newerVersion = {
  subscribe: listeners.add,
  waits: () => waiting !== null,
  /** Takes it: the page is loaded anew by it. */
  take: () => {
    navigator.serviceWorker.addEventListener(
      'controllerchange',
      () => globalThis.location.reload(),
      {
        once: true,
      },
    );
    waiting?.postMessage({ type: 'SKIP_WAITING' });
  },
};

function found(worker: ServiceWorker | null): void {
  // The very first one has nothing to take over from.
  if (!worker || !navigator.serviceWorker.controller) return;
  waiting = worker;
  listeners.tell();
}

/**
 * Has the device keep the app, where the browser lets it: over TLS, or on this machine.
 * @param onFirst called when it does for the first time: what was said before that is not kept yet
 */
export async function keepApp(onFirst: () => void): Promise<void> {
  if (!('serviceWorker' in navigator) || __DEV__) return;
  // What waits to be sent is not the browser’s to clear away when it needs room.
  void navigator.storage?.persist?.().catch(() => false);
  if (!navigator.serviceWorker.controller)
    navigator.serviceWorker.addEventListener('controllerchange', onFirst, { once: true });
  const registration = await navigator.serviceWorker.register('/sw.js').catch(() => null);
  if (!registration) return;
  found(registration.waiting);
  const comes = () => {
    const coming = registration.installing;
    coming?.addEventListener('statechange', () => {
      if (coming.state === 'installed') found(registration.waiting);
    });
  };
  // One may be on its way already, and is announced no second time.
  comes();
  registration.addEventListener('updatefound', comes);
  setInterval(() => void registration.update().catch(() => undefined), ASKED_EVERY_MS);
}
