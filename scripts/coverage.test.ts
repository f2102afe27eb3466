import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';

// docs/coverage.md points at what is there: a line whose files are gone is mended, or says why not.

const ROOT = path.resolve(__dirname, '..');
const SHORT = /^(core|contract|server|app|demo)\//;
const LINES = readFileSync(path.join(ROOT, 'docs/coverage.md'), 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('|') && !/^\| (what|-)/.test(line))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, what = '', built = '', tested = '']) => ({ what, built, tested }));
const pathsIn = (cell: string) => [...cell.matchAll(/`([^`]+\.\w+)`/g)].map(([, file]) => file!);
const isThere = (file: string) =>
  existsSync(
    path.join(
      ROOT,
      file.replace(SHORT, (room) => `${room}src/`),
    ),
  );

it('names only files that are there', () => {
  const gone = LINES.flatMap(({ built, tested }) => pathsIn(`${built} ${tested}`)).filter(
    (file) => !isThere(file),
  );
  expect(gone).toEqual([]);
});

it('says of every line where it is built and tested, or why not', () => {
  expect(LINES.length).toBeGreaterThan(70);
  const silent = LINES.filter(
    ({ built, tested }) =>
      (pathsIn(built).length === 0 && !/not/.test(built)) ||
      (pathsIn(tested).length === 0 && tested !== 'issue of its own'),
  );
  expect(silent).toEqual([]);
});

it('tests are tests', () =>
  expect(
    LINES.flatMap(({ tested }) => pathsIn(tested)).filter(
      (file) =>
        !/\.(test\.tsx?|spec\.ts|walk\.ts)$|^scripts\/(adversary|fuzz|kills)\.ts$/.test(file),
    ),
  ).toEqual([]));
