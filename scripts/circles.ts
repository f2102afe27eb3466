import { readdirSync } from 'node:fs';
import path from 'node:path';
import { build, type Metafile } from 'esbuild';

// Which modules import each other in a circle. The bundler reads the graph: type imports are none, they are gone at run time.

const root = path.resolve(__dirname, '..');
const HOUSES = ['core', 'contract', 'server', 'app', 'demo', 'standins', 'scripts', 'e2e'];

function sources(): string[] {
  return HOUSES.flatMap((house) =>
    readdirSync(path.join(root, house), { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.tsx?$/.test(file) && !/node_modules|dist\/|\.d\.ts$/.test(file))
      .map((file) => path.join(root, house, file)),
  );
}

async function graph(): Promise<Metafile['inputs']> {
  const { metafile } = await build({
    absWorkingDir: root,
    entryPoints: sources(),
    outdir: path.join(root, '.cache/circles'),
    bundle: true,
    write: false,
    metafile: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    jsx: 'automatic',
    logLevel: 'silent',
    plugins: [
      {
        name: 'our own packages',
        setup({ onResolve }) {
          onResolve({ filter: /^@hold-fast\// }, ({ path: name }) => {
            const [, house, ...inside] = name.split('/');
            return { path: `${path.join(root, house!, 'src', ...inside)}.ts` };
          });
        },
      },
    ],
  });
  return metafile.inputs;
}

/** The first circle found from each module, walked depth first: the modules on it, in the order they import. */
export function circles(imports: ReadonlyMap<string, readonly string[]>): string[][] {
  const found: string[][] = [];
  const done = new Set<string>();
  const walk = (module: string, way: readonly string[]): void => {
    const met = way.indexOf(module);
    if (met >= 0) found.push([...way.slice(met), module]);
    if (met >= 0 || done.has(module)) return;
    for (const next of imports.get(module) ?? []) walk(next, [...way, module]);
    done.add(module);
  };
  for (const module of imports.keys()) walk(module, []);
  return found;
}

async function main(): Promise<void> {
  const inputs = await graph();
  const imports = new Map(
    Object.entries(inputs).map(([module, { imports: all }]) => [
      module,
      all.filter(({ external }) => !external).map(({ path: to }) => to),
    ]),
  );
  const found = circles(imports);
  for (const circle of found) console.log(circle.join(' → '));
  console.log(`${imports.size} modules, ${found.length} circles`);
  process.exitCode = found.length === 0 ? 0 : 1;
}

if (require.main === module) void main();
