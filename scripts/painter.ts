import path from 'node:path';
import { build } from 'esbuild';

/** Extensions in the order in which the web’s own file goes before the one for all. */
const EXTENSIONS = ['.web.tsx', '.web.ts', '.web.js', '.tsx', '.ts', '.mjs', '.js', '.json'];

/**
 * Bundles what paints the Bench on the server out of the app’s own screens, into the folder of the exported app. Its name begins with
 * a dot: it is not served.
 */
export async function writePainter(root: string, output: string): Promise<void> {
  const app = path.join(root, 'app');
  await build({
    entryPoints: [path.join(app, 'src/painted/painter.ts')],
    outfile: path.join(output, '.painter.cjs'),
    absWorkingDir: app,
    bundle: true,
    format: 'cjs',
    platform: 'browser',
    target: 'node20',
    minify: true,
    jsx: 'automatic',
    resolveExtensions: EXTENSIONS,
    alias: {
      'react-native': 'react-native-web',
      'expo-router': path.join(app, 'src/painted/router.tsx'),
      // The part that renders to a string; the one that streams holds a channel open, and with it the process.
      'react-dom/server': path.join(
        root,
        'node_modules/react-dom/cjs/react-dom-server-legacy.browser.production.js',
      ),
    },
    // What is shown later is not painted.
    external: ['./behind', './beyond'],
    define: { 'process.env.NODE_ENV': '"production"', __DEV__: 'false' },
    logLevel: 'error',
  });
}
