import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import vm from 'node:vm';
import { constants, createBrotliCompress, createGzip } from 'node:zlib';
import {
  FIRST_MARK,
  firstHtml,
  type First,
  type Painted,
  type SessionSaid,
} from '@hold-fast/contract/first';
import type { BenchPage } from '@hold-fast/contract/jobs';
import type { MannerInForce } from '@hold-fast/contract/manner';
import type { Request, RequestHandler, Response } from 'express';
import { Refusal } from './refusal';

// The page that every address of the app is answered with. It brings along what the first screen would ask for, and the Bench painted:
// a phone shows it before it has run anything.

/** What the app’s own painter (app/src/painted) offers. */
interface Painter {
  paintBench(first: Required<First>, width: keyof Painted): string;
  paintedCss(): string;
}
type PainterFor = (said: MannerInForce) => Promise<Painter>;

/** What a device keeps of the app: its faces come from there too. */
const KEPT_PAGE = 'index.html';
/** The same as the network brings it, with its faces in it; not served by its name. */
const BROUGHT_PAGE = '.first.html';
/** Where the export leaves the painter: beside the page, and not served. */
const PAINTER = '.painter.cjs';
/** Where a device keeps the manner things are said in: the painter is one that has just heard of it. */
const MANNER = 'hold-fast.manner';
/** As good as it gets in a few milliseconds. */
const BROTLI_QUALITY = 5;

/** What goes into them comes out at once, and does not wait for more. */
const compressors = {
  br: () =>
    createBrotliCompress({
      flush: constants.BROTLI_OPERATION_FLUSH,
      params: { [constants.BROTLI_PARAM_QUALITY]: BROTLI_QUALITY },
    }),
  gzip: () => createGzip({ flush: constants.Z_SYNC_FLUSH }),
};

/** The painter of an exported app, one for each manner of saying things; null where the export has none. */
export function painterIn(webDirectory: string): PainterFor | null {
  const file = path.join(webDirectory, PAINTER);
  if (!existsSync(file)) return null;
  const run = vm.compileFunction(readFileSync(file, 'utf8'), ['module', 'globalThis'], {
    filename: file,
    importModuleDynamically: vm.constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
  }) as (module: { exports: unknown }, global: object) => void;
  const painters = new Map<string, Promise<Painter>>();
  return (said) => {
    const manner = JSON.stringify(said);
    const there = painters.get(manner);
    if (there) return there;
    const module = { exports: {} as { painter: () => Promise<Painter> } };
    const localStorage = { getItem: (key: string) => (key === MANNER ? manner : null) };
    run(module, Object.create(globalThis, { localStorage: { value: localStorage } }) as object);
    const painter = module.exports.painter();
    painters.set(manner, painter);
    return painter;
  };
}

/** The scripts that stand in the page of an exported app, each by its digest as a security policy names it. */
export function scriptsIn(webDirectory: string): string[] {
  const page = path.join(webDirectory, KEPT_PAGE);
  if (!existsSync(page)) return [];
  return [...readFileSync(page, 'utf8').matchAll(/<script>([^]*?)<\/script>/g)].map(
    ([, script]) => `'sha256-${createHash('sha256').update(script!).digest('base64')}'`,
  );
}

interface Asked {
  session(request: Request): Promise<SessionSaid>;
  bench(): Promise<BenchPage>;
  now(): Date;
}

/**
 * Answers with the page of an exported app, and what the first screen of it needs.
 * @param onFault told why that could not be had: the page comes without, and the app asks and says so itself
 */
export function firstPage(
  webDirectory: string,
  painterFor: PainterFor | null,
  asked: Asked,
  onFault: (error: unknown) => void,
): RequestHandler {
  return async (request, response) => {
    // What a device keeps of the app is nobody’s: it asks for the bare page by its name, and fills in what it kept itself.
    const isKept = request.path === `/${KEPT_PAGE}`;
    const file = path.join(webDirectory, isKept ? KEPT_PAGE : BROUGHT_PAGE);
    if ((path.extname(request.path) && !isKept) || !existsSync(file))
      throw new Refusal('not-found');
    const page = await readFile(file, 'utf8');
    if (isKept) {
      response.set('cache-control', 'no-cache');
      await send(request, response, [page]);
      return;
    }
    const first = firstOf(request, painterFor, asked).catch((error: unknown) => {
      onFault(error);
      return '';
    });
    // It holds what is one person’s to see.
    response.set('cache-control', 'no-store');
    // Faces and styles are on their way while the screen is painted.
    const [before, after] = page.split(FIRST_MARK) as [string, string];
    await send(request, response, [before, first, after]);
  };
}

async function firstOf(
  request: Request,
  painterFor: PainterFor | null,
  asked: Asked,
): Promise<string> {
  const session = await asked.session(request);
  const isBench = ['/', '/bench'].includes(request.path);
  if (!isBench || !session.person || session.choosing)
    return firstHtml({ session, at: asked.now().toISOString() }, '', {});
  const bench = await asked.bench();
  const first = { session, bench, at: asked.now().toISOString() };
  const painter = await painterFor?.(session.said);
  if (!painter) return firstHtml(first, '', {});
  const painted = {
    phone: painter.paintBench(first, 'phone'),
    wide: painter.paintBench(first, 'wide'),
  };
  return firstHtml(first, painter.paintedCss(), painted);
}

/** Sends a page, each part of it as soon as it is there. */
async function send(
  request: Request,
  response: Response,
  parts: readonly (string | Promise<string>)[],
): Promise<void> {
  response.type('html').vary('accept-encoding');
  const page = Readable.from(parts);
  const taken = request.acceptsEncodings('br', 'gzip');
  if (taken === 'br' || taken === 'gzip') response.set('content-encoding', taken);
  await (
    taken === 'br' || taken === 'gzip'
      ? pipeline(page, compressors[taken](), response)
      : pipeline(page, response)
  ).catch((error: unknown) => {
    // Whoever went away meanwhile wants it no more.
    if (!response.destroyed) throw error;
  });
}
