import { createHash, randomBytes } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import path from 'node:path';
import mysql, { type Connection } from 'mysql2/promise';
import { errnoOf, type Account } from './database';
import { COLUMN_RIGHTS, RUNTIME_CALLS, RUNTIME_RIGHTS } from './rights';

const RUNTIME_USER = 'hold_fast_app';

interface DatabaseOptions {
  socketPath: string;
  database: string;
  migrationsDirectory: string;
  /** Where the runtime account's password is kept; made when it is missing or empty. */
  secretFile: string;
  /** Called before a shop that people work in is changed, with the migrations that will run: to keep a copy of it. */
  beforeUpdate?: (pending: readonly string[]) => Promise<void>;
}

/**
 * Brings a database up to date and gives the account the server runs under: one that can read and write rows
 * as {@link RUNTIME_RIGHTS} allows and change no table.
 */
export async function prepareDatabase(options: DatabaseOptions): Promise<Account> {
  const { socketPath, database, migrationsDirectory, secretFile, beforeUpdate } = options;
  const password = secretOf(secretFile);
  const root = await mysql.createConnection({ socketPath, user: userInfo().username });
  try {
    await root.query(`CREATE DATABASE IF NOT EXISTS \`${database}\``);
    await root.query(`USE \`${database}\``);
    await migrate(root, migrationsDirectory, beforeUpdate ? { beforeUpdate } : {});
    await giveRights(root, database, password);
  } finally {
    await root.end();
  }
  return { socketPath, user: RUNTIME_USER, password, database };
}

/** A migration as it is kept with the code. */
interface Migration {
  name: string;
  checksum: string;
  statements: string[];
}

/** A migration as the database knows it; `done` counts its statements, null when all are. */
interface Ran {
  name: string;
  checksum: string | null;
  done: number | null;
}

/** Called around each statement; a test stops the shop there as a power cut would. */
interface Watched {
  beforeUpdate?: (pending: readonly string[]) => Promise<void>;
  /** After a statement was carried out, before that is written down. */
  carriedOut?: (name: string, statement: number) => void;
  /** After it was written down. */
  writtenDown?: (name: string, statement: number) => void;
}

/**
 * Runs the migrations that have not run yet, in the order of their numbers, statement by statement. How far each has come is
 * written down, so that one that was cut off goes on where it was. A change of rows is written down with itself; a change
 * of a table cannot be, so the first statement after a cut may stand already, and is not carried out twice.
 * @throws Error when a migration that ran is not the one there is now
 */
export async function migrate(
  root: Connection,
  directory: string,
  watched: Watched = {},
): Promise<void> {
  await root.query(
    'CREATE TABLE IF NOT EXISTS migration (name VARCHAR(100) NOT NULL PRIMARY KEY, ran_at DATETIME(3) NOT NULL DEFAULT NOW(3))',
  );
  await root.query(
    'ALTER TABLE migration ADD COLUMN IF NOT EXISTS checksum CHAR(64) NULL, ADD COLUMN IF NOT EXISTS done SMALLINT UNSIGNED NULL',
  );
  const [rows] = await root.query<mysql.RowDataPacket[]>(
    'SELECT name, checksum, done FROM migration',
  );
  const ran = new Map((rows as Ran[]).map((each) => [each.name, each]));
  const all = migrationsIn(directory);
  for (const { name, checksum } of all) await sameAsRan(root, ran.get(name), checksum);
  const pending = all.filter(({ name }) => ran.get(name)?.done !== null || !ran.has(name));
  if (pending.length > 0 && ran.size > 0)
    await watched.beforeUpdate?.(pending.map(({ name }) => name));
  for (const migration of pending)
    await carryOut(root, migration, ran.get(migration.name), watched);
}

function migrationsIn(directory: string): Migration[] {
  return readdirSync(directory)
    .filter((file) => file.endsWith('.sql'))
    .sort()
    .map((name) => {
      const text = readFileSync(path.join(directory, name), 'utf8');
      return {
        name,
        checksum: createHash('sha256').update(text).digest('hex'),
        statements: text
          .replace(/^\s*--.*$/gm, '')
          .split(/;\s*$/m)
          .map((statement) => statement.trim())
          .filter((statement) => statement !== ''),
      };
    });
}

/** A migration must stay as it was when it ran; one that ran before checksums were kept is taken at its word, once. */
async function sameAsRan(root: Connection, ran: Ran | undefined, checksum: string): Promise<void> {
  if (!ran) return;
  if (ran.checksum === null)
    await root.query('UPDATE migration SET checksum = ? WHERE name = ?', [checksum, ran.name]);
  else if (ran.checksum !== checksum)
    throw new Error(
      `The migration ${ran.name} is not the one this shop’s data was made with. Use the version of the program that made it, or a newer one.`,
    );
}

/** Errors of a change that stands already: table, column, key, trigger or foreign key there; what was to go, gone. */
const STANDS_ALREADY = new Set([1050, 1051, 1054, 1060, 1061, 1072, 1091, 1359, 1826]);
const DUPLICATE_ROW = 1062;

async function carryOut(
  root: Connection,
  { name, checksum, statements }: Migration,
  ran: Ran | undefined,
  { carriedOut, writtenDown }: Watched,
): Promise<void> {
  if (!ran)
    await root.query('INSERT INTO migration (name, checksum, done) VALUES (?, ?, 0)', [
      name,
      checksum,
    ]);
  const from = ran?.done ?? 0;
  // Before it was written down how far a migration had come, one that was cut off left no row at all.
  let mayStand = true;
  for (let i = from; i < statements.length; i++) {
    const statement = statements[i]!;
    const note = () => root.query('UPDATE migration SET done = ? WHERE name = ?', [i + 1, name]);
    try {
      if (changesRows(statement)) {
        await root.beginTransaction();
        await root.query(statement);
        await note();
        carriedOut?.(name, i);
        await root.commit();
      } else {
        await root.query(statement);
        carriedOut?.(name, i);
        await note();
      }
      mayStand = false;
    } catch (error) {
      await root.rollback();
      const errno = errnoOf(error) ?? 0;
      if (!mayStand || !(STANDS_ALREADY.has(errno) || errno === DUPLICATE_ROW)) throw error;
      await note();
      // Only the statement at which it was cut off may stand; without a row, all up to the cut.
      if (ran) mayStand = false;
    }
    writtenDown?.(name, i);
  }
  await root.query('UPDATE migration SET done = NULL, ran_at = NOW(3) WHERE name = ?', [name]);
}

const changesRows = (statement: string) => /^(INSERT|UPDATE|DELETE)\b/i.test(statement);

async function giveRights(root: Connection, database: string, password: string): Promise<void> {
  const user = `'${RUNTIME_USER}'@'localhost'`;
  await root.query(`CREATE USER IF NOT EXISTS ${user}`);
  await root.query(`ALTER USER ${user} IDENTIFIED BY ?`, [password]);
  for (const [table, rights] of Object.entries(RUNTIME_RIGHTS)) {
    // What an earlier version gave too much is taken back.
    await root
      .query(`REVOKE UPDATE, DELETE ON \`${database}\`.\`${table}\` FROM ${user}`)
      .catch(() => undefined);
    const columns = COLUMN_RIGHTS[table];
    const named = columns ? [...rights, `UPDATE (${columns.join(', ')})`] : rights;
    await root.query(`GRANT ${named.join(', ')} ON \`${database}\`.\`${table}\` TO ${user}`);
  }
  for (const name of RUNTIME_CALLS)
    await root.query(`GRANT EXECUTE ON PROCEDURE \`${database}\`.${name} TO ${user}`);
}

function secretOf(file: string): string {
  if (!existsSync(file) || readFileSync(file, 'utf8').trim() === '')
    writeFileSync(file, randomBytes(24).toString('base64url'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}
