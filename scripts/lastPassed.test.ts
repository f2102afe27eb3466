import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { LastPassed, type Reads } from './lastPassed';

// How a hurried developer could commit what is broken through what passed before: each way is one of these.

let root: string;
let runs: number;
let today: Date;

const write = (file: string, text: string) => {
  mkdirSync(path.dirname(path.join(root, file)), { recursive: true });
  writeFileSync(path.join(root, file), text);
};
const coreAlone: Reads = (file) => file.startsWith('core/');

/** The part, as a check begun now would see to it. */
const part = (
  came: { passed?: number; failed?: number; shaky?: boolean } = {},
  meanwhile = () => {},
) =>
  new LastPassed(root, ['node'], () => today).orRun('a part', coreAlone, () => {
    runs += 1;
    meanwhile();
    return Promise.resolve({ passed: 3, failed: 0, ...came });
  });

beforeEach(() => {
  root = mkdtempSync(path.join(tmpdir(), 'hold-fast-passed-'));
  execFileSync('git', ['init', '-q'], { cwd: root });
  write('.gitignore', '.cache/\n');
  write('core/rotor.ts', 'thin');
  write('app/screen.ts', 'white');
  runs = 0;
  today = new Date('2026-11-30T09:00:00Z');
});
afterEach(() => rmSync(root, { recursive: true }));

it('stands while nothing that it reads has changed, and says since when and how many', async () => {
  await part();
  write('app/screen.ts', 'dark');
  today = new Date('2026-11-30T17:00:00Z');
  await expect(part()).resolves.toEqual({
    stands: expect.objectContaining({ passed: 3, at: '2026-11-30T09:00:00.000Z' }) as unknown,
  });
  expect(runs).toBe(1);
});

it.each<[string, () => void]>([
  ['a file is changed', () => write('core/rotor.ts', 'thick')],
  ['a file is added, and nobody told version control', () => write('core/pads.ts', '')],
  ['a file is gone', () => rmSync(path.join(root, 'core/rotor.ts'))],
  [
    'a file has another name',
    () => {
      rmSync(path.join(root, 'core/rotor.ts'));
      write('core/disc.ts', 'thin');
    },
  ],
  ['it is another day', () => (today = new Date('2026-12-01T00:00:00Z'))],
  ['what was kept cannot be read', () => write('.cache/passed.json', '{')],
  ['there is no version control', () => rmSync(path.join(root, '.git'), { recursive: true })],
])('runs again when %s', async (_when, change) => {
  await part();
  change();
  await expect(part()).resolves.toHaveProperty('ran');
  expect(runs).toBe(2);
});

it('keeps nothing that failed, that passed at a second try, or that was changed while it ran', async () => {
  await part({ failed: 1 });
  await part({ shaky: true });
  await part({}, () => write('core/rotor.ts', 'thick'));
  await expect(part()).resolves.toHaveProperty('ran');
  expect(runs).toBe(4);
});

it('is not saved by an earlier pass once it failed', async () => {
  await part();
  write('core/rotor.ts', 'thick');
  await part({ failed: 1 });
  write('core/rotor.ts', 'thin');
  await expect(part()).resolves.toHaveProperty('ran');
});
