import { mkdtempSync, readFileSync, rmdirSync, rmSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { logFile } from './logFile';

test('a log that cannot be written is said once and closes nothing', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'hold-fast-log-'));
  // A folder where the file should be: opening it fails for whoever asks, root too.
  mkdirSync(path.join(folder, 'server.log'));
  const said: string[] = [];
  const log = logFile(folder, (words) => said.push(words));
  for (let i = 0; i < 3; i++) {
    log.write('lost\n');
    await pause(100);
  }
  expect(said).toHaveLength(1);
  expect(said[0]).toMatch(/^The log cannot be written/);
  rmdirSync(path.join(folder, 'server.log'));
  const later = Date.now() + 60_000;
  jest.spyOn(Date, 'now').mockReturnValue(later);
  log.write('kept\n');
  await pause(200);
  expect(readFileSync(path.join(folder, 'server.log'), 'utf8')).toBe('kept\n');
  rmSync(folder, { recursive: true });
});
