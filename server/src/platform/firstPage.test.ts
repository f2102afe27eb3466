import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createHash } from 'node:crypto';
import { FIRST_MARK, type First, type SessionSaid } from '@hold-fast/contract/first';
import type { BenchPage } from '@hold-fast/contract/jobs';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import express from 'express';
import { firstPage, painterIn, scriptsIn } from './firstPage';

const FACES = '<style>faces</style>';
const PAGE = `<html><script>let light;</script><body>${FIRST_MARK}<div id="root"></div></body></html>`;
/** Paints the name alone, and says in which language. */
const PAINTER = `
const { manner } = JSON.parse(globalThis.localStorage.getItem('hold-fast.manner'));
module.exports.painter = async () => ({
  paintBench: ({ session }, width) => [width, manner.language, session.person.name].join(' '),
  paintedCss: () => '.r{}',
});`;

const said = { manner: USUAL_RULES.manner, own: false, currency: USUAL_RULES.currency };
const person = { id: 'p', name: 'Maren', role: 'mechanic', apprentice: false } as const;
const bench = { items: [], bikes: 0, minutes: 0, after: '</script><b>' } as BenchPage;

const AT = '2026-11-25T09:00:00.000Z';

let web: string;
let session: SessionSaid;
let asksBench: () => Promise<BenchPage>;
let faults: unknown[];
let server: ReturnType<express.Express['listen']>;

beforeEach(async () => {
  web = mkdtempSync(path.join(tmpdir(), 'hold-fast-web-'));
  writeFileSync(path.join(web, 'index.html'), PAGE);
  writeFileSync(path.join(web, '.first.html'), PAGE + FACES);
  writeFileSync(path.join(web, '.painter.cjs'), PAINTER);
  [session, faults] = [{ person, said }, []];
  asksBench = () => Promise.resolve(bench);
  const asked = {
    session: () => Promise.resolve(session),
    bench: () => asksBench(),
    now: () => new Date(AT),
  };
  const app = express();
  app.get(
    '/{*splat}',
    firstPage(web, painterIn(web), asked, (error) => faults.push(error)),
  );
  server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
});
afterEach(async () => {
  await new Promise((resolve) => server.close(resolve));
  rmSync(web, { recursive: true });
});

async function page(to: string, encoding = 'br') {
  const answer = await fetch(`http://127.0.0.1:${(server.address() as AddressInfo).port}${to}`, {
    headers: { 'accept-encoding': encoding },
  });
  const html = await answer.text();
  const json = /<script id="first"[^>]*>(.*?)<\/script>/.exec(html)?.[1];
  return { answer, html, first: json === undefined ? null : (JSON.parse(json) as First) };
}

it.each(['/', '/bench'])('brings the session and the Bench along at %s, painted', async (to) => {
  const { answer, html, first } = await page(to);
  expect(first).toEqual({ session, bench, at: AT });
  expect(html).toContain('>phone en Maren</template>');
  expect(html).toContain('>wide en Maren</template>');
  expect(html).toContain('<style id="react-native-stylesheet">.r{}</style>');
  // One person’s, for no store on the way.
  expect(answer.headers.get('cache-control')).toBe('no-store');
});

it('is the same however it is compressed', async () => {
  const { html } = await page('/bench');
  for (const encoding of ['gzip', 'identity']) {
    const other = await page('/bench', encoding);
    expect(other.html).toBe(html);
    expect(other.answer.headers.get('content-encoding')).toBe(encoding === 'gzip' ? 'gzip' : null);
  }
});

it.each(['br', 'gzip', 'identity'])(
  'its head is there while the rest is asked for (%s)',
  async (encoding) => {
    let says: (bench: BenchPage) => void = () => undefined;
    asksBench = () => new Promise((resolve) => (says = resolve));
    const { port } = server.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}/bench`, {
      headers: { 'accept-encoding': encoding },
    });
    const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
    expect((await reader.read()).value).toBe('<html><script>let light;</script><body>');
    says(bench);
    let rest = '';
    for (let part = await reader.read(); !part.done; part = await reader.read()) rest += part.value;
    expect(rest).toMatch(/>phone en Maren<.*<div id="root">/);
  },
);

it('minds nobody who went away before it was there', async () => {
  let says: (bench: BenchPage) => void = () => undefined;
  asksBench = () => new Promise((resolve) => (says = resolve));
  const { port } = server.address() as AddressInfo;
  const gone = new AbortController();
  const answer = await fetch(`http://127.0.0.1:${port}/bench`, { signal: gone.signal });
  gone.abort();
  await expect(answer.text()).rejects.toThrow(/abort/i);
  says(bench);
  asksBench = () => Promise.resolve(bench);
  expect((await page('/bench')).first).toEqual({ session, bench, at: AT });
  expect(faults).toEqual([]);
});

it('ends no element early by what somebody wrote', async () => {
  const { html, first } = await page('/bench');
  expect(html).not.toContain('</script><b>');
  expect(first?.bench?.after).toBe('</script><b>');
});

it('brings nothing of the shop to whoever is not signed in, or has yet to choose their secrets', async () => {
  session = { person: null, said };
  expect((await page('/bench')).first).toEqual({ session, at: AT });
  session = { person, said, choosing: true };
  const { html, first } = await page('/bench');
  expect(first).toEqual({ session, at: AT });
  expect(html).not.toContain('painted');
});

it('brings the session alone to another place', async () => {
  expect((await page('/stores')).first).toEqual({ session, at: AT });
});

it('comes with its faces in it, whatever it shows, and is not had so by its name', async () => {
  for (const to of ['/', '/bench', '/stores']) expect((await page(to)).html).toContain(FACES);
  expect((await page('/.first.html')).html).not.toContain(FACES);
});

it('paints in the language of who asks, also one after the other', async () => {
  await page('/bench');
  session = { person, said: { ...said, manner: { ...said.manner, language: 'de' } } };
  expect((await page('/bench')).html).toContain('>phone de Maren</template>');
  session = { person, said };
  expect((await page('/bench')).html).toContain('>phone en Maren</template>');
});

it('comes without them where they cannot be had: the app asks, and says so', async () => {
  session = { person: { ...person, name: 'no name at all' }, said: null! };
  const { answer, html, first } = await page('/bench');
  expect([answer.status, first, faults.length]).toEqual([200, null, 1]);
  expect(html).toContain('<div id="root">');
});

it('is bare for a device that keeps it, and leaves its mark', async () => {
  const { answer, html } = await page('/index.html');
  expect(html).toBe(PAGE);
  expect(answer.headers.get('cache-control')).toBe('no-cache');
});

it('is no file that is not there', async () => {
  expect((await page('/gone.js')).answer.status).not.toBe(200);
  expect((await page('/.painter.cjs')).html).not.toContain('paintBench');
});

it('names the scripts that stand in the page by their SHA-256, and no data', () => {
  writeFileSync(path.join(web, 'index.html'), `${PAGE}<script type="application/json">{}</script>`);
  const digest = createHash('sha256').update('let light;').digest('base64');
  expect(scriptsIn(web)).toEqual([`'sha256-${digest}'`]);
});

it('does without a painter where the app was exported without one', () => {
  rmSync(path.join(web, '.painter.cjs'));
  expect(painterIn(web)).toBeNull();
});
