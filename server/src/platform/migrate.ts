import { randomBytes } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import path from 'node:path';
import mysql, { type Connection } from 'mysql2/promise';
import { type Account } from './database';
import { RUNTIME_RIGHTS } from './rights';

const RUNTIME_USER = 'hold_fast_app';

/**
 * Brings a database up to date and gives the account the server runs under: one that can read and write rows
 * as {@link RUNTIME_RIGHTS} allows and change no table.
 * @param secretFile where the runtime account's password is kept; made when it is missing
 */
export async function prepareDatabase(options: {
  socketPath: string;
  database: string;
  migrationsDirectory: string;
  secretFile: string;
}): Promise<Account> {
  const { socketPath, database, migrationsDirectory, secretFile } = options;
  const password = secretOf(secretFile);
  const root = await mysql.createConnection({
    socketPath,
    user: userInfo().username,
    multipleStatements: true,
  });
  try {
    await root.query(`CREATE DATABASE IF NOT EXISTS \`${database}\``);
    await root.query(`USE \`${database}\``);
    await migrate(root, migrationsDirectory);
    await giveRights(root, database, password);
  } finally {
    await root.end();
  }
  return { socketPath, user: RUNTIME_USER, password, database };
}

/** Runs the migrations that have not run yet, in the order of their numbers. */
async function migrate(root: Connection, directory: string): Promise<void> {
  await root.query(
    'CREATE TABLE IF NOT EXISTS migration (name VARCHAR(100) NOT NULL PRIMARY KEY, ran_at DATETIME(3) NOT NULL DEFAULT NOW(3))',
  );
  const [rows] = await root.query<mysql.RowDataPacket[]>('SELECT name FROM migration');
  const ran = new Set(rows.map(({ name }) => String(name)));
  for (const name of readdirSync(directory)
    .filter((file) => file.endsWith('.sql'))
    .sort()) {
    if (ran.has(name)) continue;
    await root.query(readFileSync(path.join(directory, name), 'utf8'));
    await root.query('INSERT INTO migration (name) VALUES (?)', [name]);
  }
}

async function giveRights(root: Connection, database: string, password: string): Promise<void> {
  await root.query(`CREATE USER IF NOT EXISTS '${RUNTIME_USER}'@'localhost'`);
  await root.query(`ALTER USER '${RUNTIME_USER}'@'localhost' IDENTIFIED BY ?`, [password]);
  for (const [table, rights] of Object.entries(RUNTIME_RIGHTS))
    await root.query(
      `GRANT ${rights.join(', ')} ON \`${database}\`.\`${table}\` TO '${RUNTIME_USER}'@'localhost'`,
    );
}

function secretOf(file: string): string {
  if (!existsSync(file))
    writeFileSync(file, randomBytes(24).toString('base64url'), { mode: 0o600 });
  return readFileSync(file, 'utf8');
}
