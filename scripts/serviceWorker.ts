import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';

/** What a device keeps of the exported app. */
const KEPT = /\.(js|css|html|svg|png|ico|woff2?|webmanifest)$/;
/** A file whose name tells its content. */
const NAMED_BY_CONTENT = /-[0-9a-f]{32}\./;

/** Writes the service worker (app/src/workers/service.worker.ts) into the folder of the exported app, with a list of all that it keeps. */
export async function writeServiceWorker(root: string, output: string): Promise<void> {
  await build({
    entryPoints: [path.join(root, 'app/src/workers/service.worker.ts')],
    outfile: path.join(output, 'sw.js'),
    bundle: true,
    format: 'iife',
    platform: 'browser',
    target: 'es2020',
    minify: true,
    define: {
      'process.env.NODE_ENV': '"production"',
      FILES: JSON.stringify(filesIn(output)),
    },
    logLevel: 'error',
  });
}

function filesIn(output: string): { url: string; revision: string | null }[] {
  return readdirSync(output, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !/^\.|^sw\.js$/.test(entry.name) && KEPT.test(entry.name))
    .map(({ name, parentPath }) => path.join(parentPath, name))
    .sort()
    .map((file) => ({
      url: path.relative(output, file),
      revision: NAMED_BY_CONTENT.test(file)
        ? null
        : createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 32),
    }));
}
