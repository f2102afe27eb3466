import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { startMariadb } from './mariadb';

it('starts at once over a folder whose first start was killed, and whose maker is still at work', async () => {
  const directory = mkdtempSync(path.join(tmpdir(), 'hold-fast-killed-'));
  const first = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      '--eval',
      `require(${JSON.stringify(path.join(__dirname, 'mariadb.ts'))}).startMariadb({ directory: ${JSON.stringify(directory)} })`,
    ],
    { stdio: 'ignore' },
  );
  const ended = new Promise((resolve) => first.once('exit', resolve));
  const isBeingMade = () =>
    readdirSync(directory).some((name) => existsSync(path.join(directory, name, 'mysql')));
  while (!isBeingMade()) {
    // Whatever keeps it from beginning is told apart from what this asks.
    expect(first.exitCode).toBeNull();
    await pause(5);
  }
  first.kill('SIGKILL');
  await ended;
  const database = await startMariadb({ directory, throwaway: true });
  expect(existsSync(database.socketPath)).toBe(true);
  await database.stop();
  rmSync(directory, { recursive: true, force: true, maxRetries: 50, retryDelay: 100 });
});
