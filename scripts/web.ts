import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { copyFonts } from './fonts';
import { writeServiceWorker } from './serviceWorker';

/** What the exported app is made of. */
const SOURCES = [
  'scripts/web.ts',
  'scripts/fonts.ts',
  'scripts/serviceWorker.ts',
  'app/src',
  'app/public',
  'app/index.ts',
  'app/app.json',
  'app/metro.config.js',
  'app/package.json',
  'core/src',
  'contract/src',
  'package-lock.json',
];

/** Exports the app for the web when what it is made of has changed since the last time; answers where it is. */
export async function exportWeb(root: string, say: (words: string) => void): Promise<string> {
  copyFonts(root);
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
  const built = spawnSync('npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
    cwd: path.join(root, 'app'),
    env: {
      ...process.env,
      EXPO_OFFLINE: '1',
      EXPO_NO_TELEMETRY: '1',
      CI: '1',
      NODE_ENV: 'production',
    },
    encoding: 'utf8',
  });
  if (built.status !== 0)
    throw new Error(
      `The app could not be built:\n${built.stdout}\n${built.stderr}\nRun it by hand: cd app && npx expo export --platform web`,
    );
  inlineFontRules(path.join(output, 'index.html'), path.join(output, 'fonts/fonts.css'));
  await writeServiceWorker(output);
  compressFiles(output);
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, print);
  return output;
}

/** Spares the first visit a wait: the font rules stand in the page itself. */
function inlineFontRules(page: string, fontRules: string): void {
  const link = '<link rel="stylesheet" href="/fonts/fonts.css" />';
  const html = readFileSync(page, 'utf8');
  if (!html.includes(link)) throw new Error('The exported page no longer links the font rules.');
  writeFileSync(
    page,
    html.replace(link, `<style>${readFileSync(fontRules, 'utf8').trim()}</style>`),
  );
}

/** Compresses what is worth it, once, beside the file itself: the server sends whichever the browser takes. */
export function compressFiles(directory: string): void {
  for (const entry of readdirSync(directory, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile() || !/\.(js|css|html|svg|json|webmanifest|txt)$/.test(entry.name)) continue;
    const file = path.join(entry.parentPath, entry.name);
    const content = readFileSync(file);
    writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
    writeFileSync(`${file}.br`, brotliCompressSync(content));
  }
}

function fingerprint(root: string): string {
  const hash = createHash('sha256');
  const add = (file: string): void => {
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
