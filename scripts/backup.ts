import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, mkdirSync, renameSync } from 'node:fs';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';

/** The shop's database in its server. */
export const DATABASE = 'hold_fast';

/** Copies the whole of a running database into one file, as it stood at one moment, while others go on working. */
export async function backUp(socketPath: string, file: string): Promise<void> {
  mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
  const dump = spawn(
    'mariadb-dump',
    [
      `--socket=${socketPath}`,
      '--single-transaction',
      '--quick',
      '--triggers',
      '--routines',
      '--hex-blob',
      DATABASE,
    ],
    { stdio: ['ignore', 'pipe', 'pipe'] },
  );
  let reason = '';
  dump.stderr.on('data', (text: Buffer) => (reason += text.toString()));
  const ended = new Promise<number | null>((resolve) => dump.once('close', resolve));
  // Whole or not at all: what was cut off never bears the name of a copy.
  const part = `${file}.part`;
  await pipeline(dump.stdout, createGzip(), createWriteStream(part, { mode: 0o600 }));
  if ((await ended) !== 0) throw new Error(`The copy could not be made: ${reason.trim()}`);
  renameSync(part, file);
}

/** Fills an empty database from a copy. */
export async function fillFrom(socketPath: string, file: string): Promise<void> {
  if (!existsSync(file)) throw new Error(`There is no copy at ${file}.`);
  const client = spawn('mariadb', [`--socket=${socketPath}`, '--binary-mode', DATABASE], {
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  let reason = '';
  client.stderr.on('data', (text: Buffer) => (reason += text.toString()));
  const ended = new Promise<number | null>((resolve) => client.once('close', resolve));
  await pipeline(createReadStream(file), createGunzip(), client.stdin).catch((error: unknown) => {
    reason ||= (error as Error).message;
  });
  if ((await ended) !== 0 || reason)
    throw new Error(`The copy could not be read back: ${reason.trim()}`);
}

/** A name for a copy made now: the newest sorts last. */
export function nameOfCopy(now: Date, why = ''): string {
  const stamp = now.toISOString().slice(0, 19).replaceAll(':', '-');
  return `hold-fast-${stamp}${why ? `-${why}` : ''}.sql.gz`;
}
