import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, gzip } from 'node:zlib';
import { minify } from '@swc/core';
import { size, THEME_ID, themeCss } from '../app/src/ui/tokens';
import { copyFonts } from './fonts';
import { writePainter } from './painter';
import { writeServiceWorker } from './serviceWorker';

/** What the exported app is made of. */
const SOURCES = [
  'scripts/web.ts',
  'scripts/fonts.ts',
  'scripts/painter.ts',
  'scripts/serviceWorker.ts',
  'app/src',
  'app/public',
  'app/index.ts',
  'app/app.json',
  'app/metro.config.js',
  'app/transformWorker.js',
  'app/package.json',
  'core/src',
  'contract/src',
  'package-lock.json',
];

const EXPO = path.resolve(__dirname, '../node_modules/.bin/expo');

/** Exports an app for the web into its own `dist`, its programs minified, with nothing fetched and nothing told to anybody. */
export async function expoExport(folder: string): Promise<void> {
  const built = spawnSync(
    EXPO,
    ['export', '--platform', 'web', '--output-dir', 'dist', '--no-minify', '--max-workers', '2'],
    {
      cwd: folder,
      env: {
        ...process.env,
        EXPO_OFFLINE: '1',
        EXPO_NO_TELEMETRY: '1',
        CI: '1',
        NODE_ENV: 'production',
      },
      encoding: 'utf8',
    },
  );
  if (built.status !== 0)
    throw new Error(
      `The app could not be built:\n${built.stdout}\n${built.stderr}\nRun it by hand: cd ${folder} && npx expo export --platform web`,
    );
  const programs = path.join(folder, 'dist/_expo/static/js/web');
  await Promise.all(readdirSync(programs).map((name) => minifyProgram(path.join(programs, name))));
}

/**
 * Minifies a program. Metro would have each module minified by itself, in JavaScript: half of the time that the export takes, for
 * names chosen anew in each module, which pack worse. Nothing beyond ASCII stands in it: the browser holds it in half of the memory.
 */
async function minifyProgram(program: string): Promise<void> {
  const { code } = await minify(readFileSync(program, 'utf8'), {
    compress: true,
    mangle: true,
    format: { asciiOnly: true, comments: false },
  });
  writeFileSync(program, code);
}

/** Exports the app for the web when what it is made of has changed since the last time; answers where it is. */
export async function exportWeb(root: string, say: (words: string) => void): Promise<string> {
  const output = path.join(root, 'app/dist');
  const stamp = path.join(root, '.cache/web-export');
  const print = fingerprint(root);
  if (
    existsSync(path.join(output, 'index.html')) &&
    existsSync(stamp) &&
    readFileSync(stamp, 'utf8') === print
  )
    return output;

  say('Building the app (a minute or two the first time)');
  await copyFonts(root);
  await expoExport(path.join(root, 'app'));
  const programs = programsOf(readFileSync(path.join(output, 'index.html'), 'utf8'));
  readyPages(output, programs);
  for (const program of programs.first) readyProgram(path.join(output, program));
  await writeServiceWorker(root, output);
  await writePainter(root, output);
  await compressFiles(output);
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, print);
  return output;
}

const PROGRAM_TAG = /<script src="([^"]+)" defer><\/script>/g;

/** What the page runs at its start, and what only later parts of the app share: it comes with them (app/index.ts). */
interface Programs {
  first: string[];
  laterShared: string | undefined;
}

function programsOf(html: string): Programs {
  const exported = [...html.matchAll(PROGRAM_TAG)].map(([, program]) => program!);
  const laterShared = exported.find((program) => program.includes('/__common-'));
  const first = exported.filter((program) => program !== laterShared);
  if (first.length === 0) throw new Error('The exported page no longer names its program.');
  return { first, laterShared };
}

/**
 * Readies a program of the first screen. The browser compiles it while it comes, beside what it draws: most of it is called at once, and
 * each function would be compiled when it is, in the way of the first screen. V8 reads the comment
 * (v8.dev/blog/explicit-compile-hints), others pass over it.
 */
function readyProgram(program: string): void {
  writeFileSync(program, `//# allFunctionsCalledOnLoad\n${readFileSync(program, 'utf8')}`);
}

/** A rule of the fonts (fonts.ts) for the letters of the words; the rest of a face is named so. */
const FIRST_FACE = /url\((\/fonts\/(?!\S*-rest)\S+?)\)/g;

/** Readies the exported page for its first paint: for a device that keeps the app, and as the network brings it. */
function readyPages(output: string, programs: Programs): void {
  const page = path.join(output, 'index.html');
  const rules = readFileSync(path.join(output, 'fonts/fonts.css'), 'utf8').trim();
  const html = runAfterPaint(readFileSync(page, 'utf8'), programs);
  const preloads = [...rules.matchAll(FIRST_FACE)].map(
    ([, face]) => `<link rel="preload" as="font" type="font/woff2" href="${face}" crossorigin />`,
  );
  // Asked for before the faces: it is on its way by the time that they are there.
  const program = programs.first.map(
    (file) => `<link rel="preload" as="script" fetchpriority="low" href="${file}" />`,
  );
  writeFileSync(page, inlineStyles(html, [...preloads, ...program], rules));
  // Text waits for its face, and a file of its own would be another way to the server and back: the page has the faces in it.
  const withFaces = rules.replace(FIRST_FACE, (_, face: string) => {
    const bytes = readFileSync(path.join(output, face));
    return `url(data:font/woff2;base64,${bytes.toString('base64')})`;
  });
  writeFileSync(path.join(output, '.first.html'), inlineStyles(html, program, withFaces));
}

/** Spares the first visit a wait: the rules of the fonts and the colours stand in the page itself. */
function inlineStyles(html: string, preloads: readonly string[], fontRules: string): string {
  const link = '<link rel="stylesheet" href="/fonts/fonts.css" />';
  if (!html.includes(link)) throw new Error('The exported page no longer links the font rules.');
  const styles = `<style>${fontRules}</style><style id="${THEME_ID}">${themeCss()}</style>`;
  return html.replace(link, preloads.join('') + styles);
}

/** Paints what the page brings along for its width, and has the program run after what is painted was shown, in its faces: on a phone that keeps it all, it would run before. */
function runAfterPaint(html: string, { first, laterShared }: Programs): string {
  const run = `{
  globalThis.laterShared = ${JSON.stringify(laterShared)};
  const room = matchMedia('(min-width:${size.wide}px)').matches ? 'wide' : 'phone';
  for (const painted of document.querySelectorAll('template.painted')) {
    // Whoever left here is shown nothing.
    if (painted.dataset.room === room && document.documentElement.dataset.left === undefined) {
      const shown = Object.assign(document.createElement('div'), { className: 'painted' });
      shown.append(painted.content);
      painted.before(shown);
    }
    painted.remove();
  }
  const run = () => {
    for (const program of ${JSON.stringify(first)})
      document.body.append(Object.assign(document.createElement('script'), { src: program, async: false }));
  };
  // Once the browser says what it showed; it draws no frame of a page that nobody sees, and not every browser says.
  if (document.querySelector('.painted') && document.visibilityState === 'visible')
    void Promise.resolve(globalThis.faces).then(() => {
      const look = new PerformanceObserver(() => begin());
      const begin = () => {
        look.disconnect();
        clearTimeout(late);
        run();
      };
      const late = setTimeout(begin, 400);
      look.observe({ type: 'largest-contentful-paint', buffered: true });
    });
  else run();
}`;
  return html.replaceAll(PROGRAM_TAG, '').replace('</body>', `<script>${run}</script></body>`);
}

/** Compresses what is worth it, once, beside the file itself: the server sends whichever the browser takes. */
export async function compressFiles(directory: string): Promise<void> {
  const files = readdirSync(directory, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    // What the server reads itself it sends as it has filled it in.
    .filter(({ name }) => !name.startsWith('.'))
    .filter(({ name }) => /\.(js|css|html|svg|json|webmanifest|txt)$/.test(name))
    .map((entry) => path.join(entry.parentPath, entry.name));
  await Promise.all(
    files.map(async (file) => {
      const content = readFileSync(file);
      writeFileSync(`${file}.gz`, await promisify(gzip)(content, { level: 9 }));
      writeFileSync(`${file}.br`, await promisify(brotliCompress)(content));
    }),
  );
}

function fingerprint(root: string): string {
  const hash = createHash('sha256');
  const fonts = path.join(root, 'app/public/fonts');
  const add = (file: string): void => {
    // Made of the packages by scripts/fonts.ts.
    if (file === fonts) return;
    if (statSync(file).isDirectory()) {
      for (const name of readdirSync(file).sort()) add(path.join(file, name));
      return;
    }
    if (/\.test\.tsx?$/.test(file)) return;
    hash.update(path.relative(root, file)).update(readFileSync(file));
  };
  for (const source of SOURCES) add(path.join(root, source));
  return hash.digest('hex');
}
