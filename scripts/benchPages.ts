import { spawn } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { createServer as createHttpServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import {
  chromium,
  type Browser,
  type BrowserContext,
  type CDPSession,
  type Locator,
  type Page,
} from '@playwright/test';
import { PEOPLE } from '@hold-fast/demo/people';
import { FIRST, SAID } from '../app/src/said';
import express from 'express';
import sirv from 'sirv';
import { v7 as uuid } from 'uuid';
import { CHROMIUM, PHONE } from './chromium';
import { openDemoShop } from './demoShop';
import type { RunningShop } from './shop';
import { compressFiles, expoExport } from './web';

// Part of npm run bench, and alone by npm run bench:pages: what a phone waits for, against a bare page of the same versions.

const STARTS = 7;
const LIT = 5;
/** Fetched when this runs: with what it needs it would be a seventh of all that the shop installs. */
const LIGHTHOUSE = 'lighthouse@12.8.2';
const PRESSES = 7;
/** How long a finger rests on what it presses, ms. */
const FINGER_RESTS = 80;
const MANY_ROWS = 200;
/** Far from any tag of the demo. */
const FIRST_TAG = 5000;
/** A phone on a slow network: what Lighthouse throttles by. */
const SLOW_NETWORK = {
  offline: false,
  latency: 150,
  downloadThroughput: (1.6 * 1024 * 1024) / 8,
  uploadThroughput: (750 * 1024) / 8,
};
const SLOWER_CPU = 4;
/** What tells that the app itself stands there. */
const ROWS = '#root a[href^="/bench/"]';
const BARE_TEXT = '#root [dir=auto]';
const bareIn = (root: string) => path.join(root, '.cache/bare-app');
const say = (words: string) => console.log(`· ${words}`);

/** All that is measured of pages. */
export async function pages(root: string, shop: RunningShop, cookie: string): Promise<void> {
  await exportBareApp(root);
  const bare = await serveBare(root);
  const ours = `http://localhost:${shop.port}/bench`;
  const browser = await chromium.launch(CHROMIUM);
  try {
    await initialJavaScript(browser, ours, bare.url, cookie);
    await starts(browser, ours, bare.url, cookie);
    await pressOnRow(browser, shop, cookie);
    await lighthouse(root, ours, bare.url, cookie);
  } finally {
    await browser.close();
    bare.close();
  }
}

async function signedIn(browser: Browser, cookie: string, worker: boolean) {
  const context = await browser.newContext({
    viewport: PHONE,
    hasTouch: true,
    serviceWorkers: worker ? 'allow' : 'block',
  });
  const [name, value] = cookie.split('=') as [string, string];
  await context.addCookies([{ name, value, domain: 'localhost', path: '/' }]);
  return context;
}

/**
 * Gzipped JavaScript that a fresh visit of the Bench loads on a phone until its list is there, against all that the bare page has.
 * What stands behind it comes later, while the list is read.
 */
async function initialJavaScript(
  browser: Browser,
  ours: string,
  theirs: string,
  cookie: string,
): Promise<void> {
  const loaded = async (url: string, there: string) => {
    const context = await signedIn(browser, cookie, false);
    const page = await context.newPage();
    const sizes: Promise<number>[] = [];
    page.on('response', (response) => {
      if (new URL(response.url()).pathname.endsWith('.js'))
        sizes.push(response.body().then((body) => gzipSync(body).length));
    });
    await page.goto(url);
    await page.locator(there).first().waitFor();
    const bytes = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
    await context.close();
    return bytes;
  };
  const [our, bare] = [await loaded(ours, ROWS), await loaded(theirs, BARE_TEXT)];
  say(
    `Bench page ${Math.round(our / 1024)} KB of JavaScript, gzip; bare page ${Math.round(bare / 1024)} KB`,
  );
  ratio('Initial JavaScript of the Bench against a bare page', our, bare, 1.15);
}

// As text: what bundles this file puts helpers of its own into functions that are handed over.

/** Notes when a page paints, and when what `selector` finds is there; asks for no frame meanwhile, of which each would cost a page that renders in slices. */
const WATCH_START = `((selector) => {
  const at = (globalThis.at = { first: 0, largest: 0, usable: 0 });
  new PerformanceObserver((list) => {
    for (const { name, startTime } of list.getEntries())
      if (name === 'first-contentful-paint') at.first = startTime;
  }).observe({ type: 'paint', buffered: true });
  new PerformanceObserver((list) => {
    for (const { startTime } of list.getEntries()) at.largest = startTime;
  }).observe({ type: 'largest-contentful-paint', buffered: true });
  const changes = new MutationObserver(() => {
    if (!document.querySelector(selector)) return;
    changes.disconnect();
    at.usable = performance.now();
  });
  changes.observe(document, { childList: true, subtree: true });
})`;

/** Notes how long after a finger is lifted a frame was drawn in which the Bench’s list is not seen any more; asks nothing before that frame. */
const WATCH_PRESS = `addEventListener('click', ({ timeStamp }) => {
  const isSeen = () => {
    const row = document.querySelector('${ROWS}');
    if (!row) return false;
    const { left, top } = row.getBoundingClientRect();
    return row.contains(document.elementFromPoint(left + 5, top + 5));
  };
  const look = () => {
    if (isSeen()) requestAnimationFrame(look);
    else requestAnimationFrame(() => { globalThis.took = performance.now() - timeStamp; });
  };
  requestAnimationFrame(look);
}, { capture: true, once: true })`;

/** Milliseconds from the start of a page. */
interface Start {
  first: number;
  largest: number;
  /** When the app itself stands there and hears a press. */
  usable: number;
}

/** The first start, the second and one without network, on a slow phone, against the bare page’s first. */
async function starts(
  browser: Browser,
  ours: string,
  theirs: string,
  cookie: string,
): Promise<void> {
  const all: Record<'first' | 'second' | 'offline' | 'bare', Start[]> = {
    first: [],
    second: [],
    offline: [],
    bare: [],
  };
  for (let round = 0; round < STARTS; round++) {
    const fresh = await signedIn(browser, cookie, false);
    all.first.push(await start(fresh, ours, ROWS));
    await fresh.close();
    const kept = await signedIn(browser, cookie, true);
    await keepHere(kept, ours);
    all.second.push(await start(kept, ours, ROWS));
    await kept.setOffline(true);
    all.offline.push(await start(kept, ours, ROWS));
    await kept.close();
    const other = await signedIn(browser, cookie, false);
    all.bare.push(await start(other, theirs, BARE_TEXT));
    await other.close();
  }
  const middle = (which: keyof typeof all, what: keyof Start) =>
    median(all[which].map((each) => each[what]));
  const aims = {
    first: { first: 0.3, largest: 0.4, usable: 1 },
    second: { first: 0.4, largest: 0.4, usable: 0.4 },
    offline: { first: 0.4, largest: 0.4, usable: 0.4 },
  };
  const called = { first: 'first paint', largest: 'largest paint', usable: 'usable' };
  for (const which of ['first', 'second', 'offline'] as const)
    for (const what of ['first', 'largest', 'usable'] as const)
      ratio(
        `Bench, ${which === 'offline' ? 'start without network' : `${which} start`}, ${called[what]} against the bare page’s first`,
        middle(which, what),
        middle('bare', what),
        aims[which][what],
      );
}

/** Starts once, long enough for the device to keep the app and the Bench. */
async function keepHere(context: BrowserContext, url: string): Promise<void> {
  const page = await context.newPage();
  await page.goto(url);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  const isKept = () =>
    page.evaluate(async ([said, first]) => (await caches.open(said)).match(first).then(Boolean), [
      SAID,
      FIRST,
    ] as const);
  while (!(await isKept())) await page.waitForTimeout(500);
  await page.close();
}

async function start(context: BrowserContext, url: string, there: string): Promise<Start> {
  const page = await context.newPage();
  const devtools = await slow(page, true);
  await page.addInitScript(`${WATCH_START}(${JSON.stringify(there)})`);
  await page.goto(url, { waitUntil: 'commit' });
  // Asked of the browser itself: what a test's own helper brings into the page would be measured with it.
  const at = async () =>
    (await devtools.send('Runtime.evaluate', { expression: 'at', returnByValue: true })).result
      .value as Start;
  while ((await at()).usable === 0) await page.waitForTimeout(250);
  await page.waitForTimeout(1500);
  const found = await at();
  await page.close();
  return found;
}

async function slow(page: Page, network: boolean): Promise<CDPSession> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER_CPU });
  if (network) await devtools.send('Network.emulateNetworkConditions', SLOW_NETWORK);
  return devtools;
}

/** From a press on a row of the Bench to the first frame of what it opens, the processor slowed; with the demo’s rows, and with many. */
async function pressOnRow(browser: Browser, shop: RunningShop, cookie: string): Promise<void> {
  const few = await pressMs(browser, shop, cookie, 0);
  await addJobs(shop, MANY_ROWS);
  const many = await pressMs(browser, shop, cookie, MANY_ROWS);
  console.log(
    `Press on a row to the next page’s first frame, processor ${SLOWER_CPU} × slower: ${few.toFixed(0)} ms, with ${MANY_ROWS} rows ${many.toFixed(0)} ms (aim: under 100), ${(many / few).toFixed(2)} ×`,
  );
}

async function pressMs(
  browser: Browser,
  shop: RunningShop,
  cookie: string,
  rows: number,
): Promise<number> {
  const context = await signedIn(browser, cookie, false);
  const page = await context.newPage();
  const took: number[] = [];
  for (let press = 0; press < PRESSES; press++) {
    await page.goto(`http://localhost:${shop.port}/bench`);
    const list = page.locator('#root main > [tabindex="0"]');
    await list.locator('a').first().waitFor();
    // Every page of the list is asked for, by going to its end again and again.
    for (let went = 0; went * 50 < rows; went++) {
      await list.evaluate((element) => element.scrollTo(0, element.scrollHeight));
      await page.waitForTimeout(400);
    }
    await list.evaluate((element) => element.scrollTo(0, 0));
    await page.waitForTimeout(1500);
    const devtools = await slow(page, false);
    await page.evaluate(WATCH_PRESS);
    await touch(page, devtools, list.locator('a').nth(2));
    await page.waitForFunction(() => 'took' in globalThis);
    took.push(await page.evaluate(() => (globalThis as unknown as { took: number }).took));
  }
  await context.close();
  return median(took);
}

/** A finger’s press, by the browser’s own touches: a test’s click moves a mouse there first, and looks the page over on its way. */
async function touch(page: Page, devtools: CDPSession, what: Locator): Promise<void> {
  const { x, y, width, height } = (await what.boundingBox())!;
  const touchPoints = [{ x: x + width / 2, y: y + height / 2 }];
  await devtools.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints });
  await page.waitForTimeout(FINGER_RESTS);
  await devtools.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

/** Hangs more jobs at the bench: copies of one that is there. */
async function addJobs(shop: RunningShop, count: number): Promise<void> {
  for (let i = 0; i < count; i++)
    await shop.pool.query(
      `INSERT INTO job (id, tag, bike_id, complaint, front_lever, odometer_km, promised_at, minutes, checked_in_at, checked_in_by, came_along, damage)
         SELECT ?, ?, bike_id, complaint, front_lever, odometer_km, promised_at, minutes, checked_in_at, checked_in_by, came_along, damage
           FROM job WHERE status = 'open' LIMIT 1`,
      [uuid(), FIRST_TAG + i],
    );
}

/**
 * First and largest contentful paint on Lighthouse’s phone against the bare page, and what it says of the page besides. Once as it slows a
 * browser down, and once as it works out what a slow one would do; that leaves what a page’s program draws out of its first paint, which is
 * all that the bare page has.
 */
async function lighthouse(
  root: string,
  ours: string,
  theirs: string,
  cookie: string,
): Promise<void> {
  for (const method of ['devtools', 'simulate'] as const) {
    const our: Lit[] = [];
    const bare: Lit[] = [];
    for (let round = 0; round < LIT; round++) {
      our.push(await lit(root, ours, cookie, method));
      bare.push(await lit(root, theirs, cookie, method));
    }
    const middle = (of: readonly Lit[], what: keyof Lit) => median(of.map((each) => each[what]));
    const aims = { largest: 0.4, first: 0.3 };
    for (const what of ['largest', 'first'] as const)
      ratio(
        `Bench, ${what} paint on Lighthouse’s phone, ${method === 'devtools' ? 'slowed' : 'simulated'}, against a bare page`,
        middle(our, what),
        middle(bare, what),
        aims[what],
      );
    const scores = (of: readonly Lit[]) =>
      (['performance', 'accessibility', 'practices'] as const)
        .map((what) => `${what} ${Math.round(middle(of, what) * 100)}`)
        .join(', ');
    console.log(`Lighthouse: Bench ${scores(our)}; bare page ${scores(bare)}`);
  }
}

interface Lit {
  first: number;
  largest: number;
  performance: number;
  accessibility: number;
  practices: number;
}

async function lit(
  root: string,
  url: string,
  cookie: string,
  method: 'devtools' | 'simulate',
): Promise<Lit> {
  const report = path.join(root, '.cache/lighthouse.json');
  rmSync(report, { force: true });
  const code = await new Promise<number | null>((resolve) => {
    const child = spawn(
      'npx',
      [
        '--yes',
        LIGHTHOUSE,
        url,
        '--quiet',
        `--throttling-method=${method}`,
        '--only-categories=performance,accessibility,best-practices',
        '--output=json',
        `--output-path=${report}`,
        `--extra-headers=${JSON.stringify({ Cookie: cookie })}`,
        `--chrome-flags=--headless ${CHROMIUM.args.join(' ')}`,
      ],
      { cwd: root, env: { ...process.env, CHROME_PATH: CHROMIUM.executablePath }, stdio: 'ignore' },
    );
    child.once('close', resolve);
  });
  if (code !== 0) throw new Error(`Lighthouse failed on ${url}`);
  const { audits, categories } = JSON.parse(readFileSync(report, 'utf8')) as {
    audits: Record<string, { numericValue: number }>;
    categories: Record<string, { score: number }>;
  };
  const found = {
    first: audits['first-contentful-paint']!.numericValue,
    largest: audits['largest-contentful-paint']!.numericValue,
    performance: categories.performance!.score,
    accessibility: categories.accessibility!.score,
    practices: categories['best-practices']!.score,
  };
  say(`${url}: first paint ${Math.round(found.first)}, largest ${Math.round(found.largest)} ms`);
  return found;
}

function ratio(what: string, ours: number, theirs: number, aim: number): void {
  console.log(`${what}: ${(ours / theirs).toFixed(2)} × (aim: at most ${aim.toFixed(2)})`);
}

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}

/** A one-page Expo Router app built by the same versions: the floor under every page. */
async function exportBareApp(root: string): Promise<void> {
  const bare = bareIn(root);
  if (existsSync(path.join(bare, 'dist/index.html'))) return;
  say('Building the bare one-page app');
  rmSync(bare, { recursive: true, force: true });
  mkdirSync(path.join(bare, 'src/app'), { recursive: true });
  for (const file of ['app.json', 'babel.config.js'])
    cpSync(path.join(root, 'app', file), path.join(bare, file));
  const ours = JSON.parse(readFileSync(path.join(root, 'app/package.json'), 'utf8')) as object;
  writeFileSync(
    path.join(bare, 'package.json'),
    JSON.stringify({ ...ours, main: 'expo-router/entry' }),
  );
  symlinkSync(path.join(root, 'node_modules'), path.join(bare, 'node_modules'));
  writeFileSync(
    path.join(bare, 'src/app/index.js'),
    "import { Text } from 'react-native';\nexport default function Page() {\n  return <Text>Bench</Text>;\n}\n",
  );
  await expoExport(bare);
  await compressFiles(path.join(bare, 'dist'));
}

async function serveBare(root: string): Promise<{ url: string; close: () => void }> {
  const directory = path.join(bareIn(root), 'dist');
  if (readdirSync(directory).length === 0) throw new Error('The bare app is empty.');
  const app = express();
  app.use(sirv(directory, { single: true, brotli: true, gzip: true }));
  const server = createHttpServer(app).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  return {
    url: `http://localhost:${(server.address() as AddressInfo).port}/`,
    close: () => server.close(),
  };
}

async function alone(): Promise<void> {
  const root = path.resolve(__dirname, '..');
  const shop = await openDemoShop(say);
  try {
    const [{ name, passphrase }] = PEOPLE as [(typeof PEOPLE)[number]];
    const answer = await fetch(`http://127.0.0.1:${shop.port}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, passphrase }),
    });
    await pages(root, shop, answer.headers.getSetCookie()[0]!.split(';')[0]!);
  } finally {
    await shop.stop();
  }
}

if (require.main === module)
  alone().catch((error: unknown) => {
    console.error(error);
    process.exit(1);
  });
