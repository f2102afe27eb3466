import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

// What lint refuses where: a folder that no longer fits its row would be refused nothing, and nobody would see it.

const root = path.resolve(__dirname, '..');
let scratch: string;

beforeAll(() => {
  mkdirSync(path.join(root, '.cache'), { recursive: true });
  scratch = mkdtempSync(path.join(root, '.cache', 'lint-'));
  cpSync(path.join(root, '.oxlintrc.json'), path.join(scratch, '.oxlintrc.json'));
  cpSync(path.join(root, 'scripts/lint'), path.join(scratch, 'scripts/lint'), { recursive: true });
});
afterAll(() => rmSync(scratch, { recursive: true }));

/** The rules by which lint refuses a file of ours that says this, once each. */
function refusing(file: string, text: string): string[] {
  const at = path.join(scratch, file);
  mkdirSync(path.dirname(at), { recursive: true });
  writeFileSync(at, text);
  let said: string;
  try {
    // Beside the scratch folder's own configuration, and in nothing that is ignored.
    said = execFileSync(path.join(root, 'node_modules/.bin/oxlint'), ['--format=json', file], {
      cwd: scratch,
      encoding: 'utf8',
    });
  } catch (failed) {
    said = (failed as { stdout: string }).stdout;
  }
  const { diagnostics } = JSON.parse(said) as { diagnostics: { code: string }[] };
  return [...new Set(diagnostics.map(({ code }) => code))].sort();
}

const IMPORTS = "import { Thing } from '../ui/Thing';\n";

it('words in a screen: between tags, in what is read aloud or shown, in options and in choices of two', () => {
  const screen = (drawn: string) =>
    refusing(
      'app/src/screens/Bare.tsx',
      `${IMPORTS}export const bare = (on: boolean) => ({ on, drawn: ${drawn}, of: Thing });\n`,
    );
  const CATALOGUED = ['words(catalogued)'];
  expect(screen('<Thing>Hold fast</Thing>')).toEqual(CATALOGUED);
  expect(screen('<Thing says="Press me" />')).toEqual(CATALOGUED);
  expect(screen("<Thing says={on ? 'Press me' : ''} />")).toEqual(CATALOGUED);
  expect(screen('<Thing says={`Press ${on}`} />')).toEqual(CATALOGUED);
  expect(screen("[{ value: 1, says: 'Press me' }]")).toEqual(CATALOGUED);
  expect(screen("<Thing>{on && 'Hold fast'}</Thing>")).toEqual(CATALOGUED);
  expect(screen('<Thing kind="quiet" says={words.press} />')).toEqual([]);
});

it('words may stand in a test of a screen, and in what is no screen', () => {
  const bare = `${IMPORTS}export const bare = <Thing>Hold fast</Thing>;\n`;
  expect(refusing('app/src/screens/bare.test.tsx', bare)).toEqual([]);
  expect(refusing('app/src/words/bare.tsx', bare)).toEqual([]);
});

it('clocks, chance, the network and Node in core, and not in its tests', () => {
  const impure =
    "import { readFileSync } from 'node:fs';\nexport const impure = [new Date(), Math.random(), fetch, readFileSync];\n";
  expect(refusing('core/src/wear/impure.ts', impure)).toEqual([
    'eslint(no-restricted-globals)',
    'eslint(no-restricted-imports)',
    'eslint(no-restricted-properties)',
  ]);
  expect(refusing('core/src/wear/impure.test.ts', impure)).toEqual([]);
  expect(refusing('server/src/jobs/impure.ts', impure)).toEqual([]);
});

it('a component that is longer than a few screens, and one that reads the clock while it is drawn', () => {
  const long = Array.from({ length: 160 }, (_, i) => `  use(${i});`).join('\n');
  const file = 'app/src/screens/Long.tsx';
  expect(refusing(file, `export function Long() {\n${long}\n}\n`)).toEqual([
    'eslint(max-lines-per-function)',
  ]);
  const clock = `${IMPORTS}export function Clock() {\n  return <Thing>{Date.now()}</Thing>;\n}\n`;
  expect(refusing(file, clock)).toEqual(['react(purity)']);
});

it('output in what runs in a shop, and not in a script', () => {
  const says = 'console.log(1);\n';
  expect(refusing('server/src/jobs/says.ts', says)).toEqual(['eslint(no-console)']);
  expect(refusing('scripts/says.ts', says)).toEqual([]);
});
