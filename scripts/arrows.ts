import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

// Which way imports run, to run or for their types alone: between the houses and their layers one way, and nowhere in a circle, neither
// modules nor the resources of the server and the layers of the app.

const root = path.resolve(__dirname, '..');
const HOUSES = ['core', 'contract', 'server', 'app', 'demo', 'standins', 'scripts', 'e2e'];

function sources(): string[] {
  return HOUSES.flatMap((house) =>
    readdirSync(path.join(root, house), { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.tsx?$/.test(file) && !/node_modules|dist\/|\.d\.ts$/.test(file))
      .map((file) => path.join(root, house, file)),
  );
}

/** Where a module of ours lies that another names; null of a package. */
function moduleAt(from: string, named: string): string | null {
  const [scope, house, ...inside] = named.split('/');
  const base =
    scope === '@hold-fast'
      ? path.join(root, house!, 'src', ...inside)
      : named.startsWith('.')
        ? path.resolve(path.dirname(from), named)
        : null;
  return base && (['.ts', '.tsx'].map((end) => base + end).find(existsSync) ?? null);
}

/** What a module imports of ours, to run or for its types. */
function importsOf(module: string): string[] {
  const { statements } = ts.createSourceFile(
    module,
    readFileSync(module, 'utf8'),
    ts.ScriptTarget.Latest,
  );
  return statements.flatMap((statement) => {
    if (!ts.isImportDeclaration(statement) && !ts.isExportDeclaration(statement)) return [];
    const { moduleSpecifier } = statement;
    if (!moduleSpecifier || !ts.isStringLiteral(moduleSpecifier)) return [];
    return moduleAt(module, moduleSpecifier.text) ?? [];
  });
}

interface Direction {
  from: string;
  /** Of what is there, what it may not import. */
  never: RegExp;
  why: string;
}

/** Arrows point one way: app and server → contract → core; demo → contract. */
const DIRECTIONS: readonly Direction[] = [
  { from: 'core', never: /^(?!core\/)/, why: 'core imports nothing of ours' },
  { from: 'contract', never: /^(?!core\/|contract\/)/, why: 'contract may import core alone' },
  {
    from: 'server/src',
    never: /^(app|standins)\//,
    why: 'server may import contract and core',
  },
  {
    from: 'server/src/platform',
    never: /^server\/src\/(?!platform\/|testing\/)/,
    why: 'the platform knows no resource: server/src/server.ts puts them together',
  },
  {
    from: 'app/src',
    never: /^(server|demo|standins)\//,
    why: 'app may import contract and core',
  },
  { from: 'demo', never: /^(server|app)\//, why: 'demo may import contract alone' },
  { from: 'standins', never: /^(core|server|app)\//, why: 'standins may import contract alone' },
  {
    from: 'app/src/ui',
    never: /^app\/src\/(screens|data|instruments)\//,
    why: 'ui serves screens',
  },
  {
    from: 'app/src/instruments',
    never: /^app\/src\/(screens|data)\//,
    why: 'instruments serve screens',
  },
  {
    from: 'app/src/data',
    never: /^app\/src\/(screens|ui|instruments)\//,
    why: 'data serves screens',
  },
];

/** What a resource has within; null outside of the resources, and of tests, which may ask anything. */
function withinResource(module: string): { resource: string; file: string } | null {
  const [, resource, file] =
    /^server\/src\/(?!platform\/|testing\/)([^/]+)\/(.+)$/.exec(module) ?? [];
  return resource && file && !file.endsWith('.test.ts') ? { resource, file } : null;
}

/** Of another resource a resource may ask what it stores, and nothing of what it does. */
function isOthersInside(module: string, other: string): boolean {
  const asking = withinResource(module);
  const asked = withinResource(other);
  return (
    asking !== null &&
    asked !== null &&
    asking.resource !== asked.resource &&
    !/(^s|S)tore\.ts$/.test(asked.file)
  );
}

/** Imports that run the wrong way, in words. Modules are named from the root. */
export function wrongWays(imports: ReadonlyMap<string, readonly string[]>): string[] {
  return [...imports].flatMap(([module, others]) =>
    others.flatMap((other) => {
      const against = DIRECTIONS.find(
        ({ from, never }) => module.startsWith(`${from}/`) && never.test(other),
      );
      const why =
        against?.why ??
        (isOthersInside(module, other) &&
          'a resource may ask what another stores, never its rules or routes');
      return why ? [`${module} → ${other}: ${why}`] : [];
    }),
  );
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

/** Houses whose rooms lie one upon another: of the server’s resources and of the app’s layers none stands above one it serves. */
const STOREYED = ['server/src', 'app/src'];

/** What the rooms of a house import of each other, whatever module within them does. */
export function roomsIn(
  house: string,
  imports: ReadonlyMap<string, readonly string[]>,
): Map<string, string[]> {
  const roomOf = (module: string): string | null => {
    const [room, ...within] = path.relative(path.join(root, house), module).split(path.sep);
    return room === '..' || within.length === 0 ? null : path.join(root, house, room!);
  };
  const rooms = new Map<string, string[]>();
  for (const [module, others] of imports) {
    const room = roomOf(module);
    if (room === null || /\.test\.tsx?$/.test(module)) continue;
    const asked = others.map(roomOf).filter((each) => each !== null && each !== room);
    rooms.set(room, [...new Set([...(rooms.get(room) ?? []), ...asked])] as string[]);
  }
  return rooms;
}

function main(): void {
  const modules = sources();
  const named = (module: string) => path.relative(root, module);
  const all = new Map(modules.map((module) => [module, importsOf(module)]));
  const found = [...circles(all), ...STOREYED.flatMap((house) => circles(roomsIn(house, all)))];
  for (const circle of found) console.log(circle.map(named).join(' → '));
  const wrong = wrongWays(
    new Map([...all].map(([module, others]) => [named(module), others.map(named)])),
  );
  for (const way of wrong) console.log(way);
  console.log(
    `${modules.length} modules, ${found.length} circles, ${wrong.length} arrows the wrong way`,
  );
  process.exitCode = found.length + wrong.length === 0 ? 0 : 1;
}

if (require.main === module) main();
