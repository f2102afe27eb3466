import { existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { openPool } from '@hold-fast/server/platform/database';
import { prepareDatabase } from '@hold-fast/server/platform/migrate';
import { ChainWatch } from '@hold-fast/server/records/chainWatch';
import mysql from 'mysql2/promise';
import { userInfo } from 'node:os';
import { pino } from 'pino';
import { DATABASE, fillFrom } from './backup';
import { holdFolder } from './holdFolder';
import { startMariadb } from '@hold-fast/server/platform/mariadb';

// npm run restore -- FILE [--data FOLDER]: a shop from its copy, into a folder that holds none, its seals verified.

const root = path.resolve(__dirname, '..');

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    options: { data: { type: 'string', default: path.join(root, '.data') } },
    allowPositionals: true,
  });
  const [file] = positionals;
  if (!file) throw new Error('Say which copy: npm run restore -- FILE [--data FOLDER]');
  if (!existsSync(file)) throw new Error(`There is no copy at ${file}.`);
  const dataDirectory = path.resolve(values.data);
  mkdirSync(dataDirectory, { recursive: true, mode: 0o700 });
  const held = holdFolder(dataDirectory);
  try {
    const directory = path.join(dataDirectory, 'mariadb');
    if (existsSync(directory))
      throw new Error(
        `${dataDirectory} holds a shop already. Restore into an empty folder (--data FOLDER), or move that one away first.`,
      );
    const database = await startMariadb({ directory });
    try {
      const { socketPath } = database;
      const asRoot = await mysql.createConnection({ socketPath, user: userInfo().username });
      await asRoot.query(`CREATE DATABASE ${DATABASE}`);
      await asRoot.end();
      await fillFrom(socketPath, file);
      const account = await prepareDatabase({
        socketPath,
        database: DATABASE,
        migrationsDirectory: path.join(root, 'server/migrations'),
        secretFile: path.join(path.dirname(socketPath), 'runtime-secret'),
      });
      const pool = openPool(account);
      const watch = new ChainWatch({ pool, log: pino({ level: 'silent' }) });
      await watch.walk();
      const chain = await watch.state();
      await pool.end();
      if (!chain.whole)
        throw new Error(
          `Restored, but the chain of seals is broken at record ${chain.number}: ${chain.because}.`,
        );
      console.log(`Restored into ${dataDirectory}. The chain of ${chain.links} seals is whole.`);
    } finally {
      await database.stop();
    }
  } finally {
    held.leave();
  }
}

main().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
