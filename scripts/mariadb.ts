import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createConnection } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';

// A Unix socket's whole path must stay under this many bytes.
const LONGEST_SOCKET_PATH = 100;
const MARKER = 'set-up-complete';

export interface RunningMariadb {
  socketPath: string;
  /** Ends the server and waits until it has; does nothing to a server this call did not start. */
  stop(): Promise<void>;
}

export interface MariadbOptions {
  /** Folder that holds the data, the socket and the log. */
  directory: string;
  /** Speed over safety: for data that nobody keeps. */
  throwaway?: boolean;
}

/**
 * Starts a private MariaDB over a data folder, making the folder first when it is new, and waits until it greets.
 * It listens on a socket file alone, so that copies in several folders never meet.
 */
export async function startMariadb(options: MariadbOptions): Promise<RunningMariadb> {
  const { directory } = options;
  mkdirSync(path.join(directory, 'files'), { recursive: true, mode: 0o700 });
  const socketPath = socketPathFor(directory);
  const pidFile = path.join(directory, 'mariadbd.pid');
  const configFile = path.join(directory, 'my.cnf');
  writeFileSync(configFile, configuration(options, socketPath, pidFile), { mode: 0o600 });
  makeDataFolder(directory, configFile);

  if (isRunning(pidFile) && (await greets(socketPath)))
    return { socketPath, stop: () => Promise.resolve() };
  await waitForOldServer(pidFile);
  rmSync(socketPath, { force: true });

  // Its own process group, so that Ctrl-C reaches the script first; the script stops it last.
  const server = spawn('mariadbd', [`--defaults-file=${configFile}`], {
    stdio: 'ignore',
    detached: true,
  });
  await waitUntilReady(server, socketPath, directory);
  const guard = stopWhenAbandoned(server);
  return {
    socketPath,
    stop: async () => {
      guard.kill();
      await end(server);
    },
  };
}

/** Starts a MariaDB on data in memory that is gone when it stops. */
export async function startThrowawayMariadb(): Promise<RunningMariadb> {
  const memory = existsSync('/dev/shm') ? '/dev/shm' : tmpdir();
  const directory = mkdtempSync(path.join(memory, 'hold-fast-'));
  const server = await startMariadb({ directory, throwaway: true });
  return {
    socketPath: server.socketPath,
    stop: async () => {
      await server.stop();
      rmSync(directory, { recursive: true, force: true });
    },
  };
}

function configuration(
  { directory, throwaway }: MariadbOptions,
  socketPath: string,
  pidFile: string,
): string {
  const careless = [
    'innodb_flush_log_at_trx_commit=0',
    'innodb_flush_method=nosync',
    'innodb_doublewrite=0',
  ];
  return [
    '[mariadbd]',
    `user=${userInfo().username}`,
    `datadir=${path.join(directory, 'data')}`,
    `socket=${socketPath}`,
    `pid-file=${pidFile}`,
    `log-error=${path.join(directory, 'error.log')}`,
    `secure-file-priv=${path.join(directory, 'files')}`,
    'skip-networking',
    'skip-name-resolve',
    'skip-log-bin',
    'local-infile=0',
    'secure-timestamp=YES',
    'character-set-server=utf8mb4',
    'collation-server=utf8mb4_unicode_520_ci',
    "default-time-zone='+00:00'",
    'innodb_buffer_pool_size=128M',
    'innodb_buffer_pool_size_max=512M',
    'innodb_log_file_size=32M',
    'innodb_lock_wait_timeout=10',
    'innodb_ft_min_token_size=2',
    'performance_schema=OFF',
    ...(throwaway ? careless : ['innodb_flush_log_at_trx_commit=1']),
    '',
  ].join('\n');
}

function makeDataFolder(directory: string, configFile: string): void {
  const marker = path.join(directory, MARKER);
  if (existsSync(marker)) return;
  rmSync(path.join(directory, 'data'), { recursive: true, force: true });
  const me = userInfo().username;
  const made = spawnSync(
    'mariadb-install-db',
    [
      `--defaults-file=${configFile}`,
      `--user=${me}`,
      '--auth-root-authentication-method=socket',
      `--auth-root-socket-user=${me}`,
      '--skip-test-db',
    ],
    { encoding: 'utf8' },
  );
  if (made.status !== 0)
    throw new Error(
      `The database folder could not be made: ${made.error?.message ?? made.stderr.trim().split('\n').at(-1)}. ` +
        'Install MariaDB with: apt-get install mariadb-server',
    );
  writeFileSync(marker, '');
}

function socketPathFor(directory: string): string {
  const beside = path.join(directory, 's.sock');
  if (Buffer.byteLength(beside) < LONGEST_SOCKET_PATH) return beside;
  const note = path.join(directory, 'socket-folder');
  if (!existsSync(note))
    writeFileSync(note, path.join(tmpdir(), `hold-fast-${randomBytes(6).toString('hex')}`));
  const elsewhere = readFileSync(note, 'utf8');
  mkdirSync(elsewhere, { recursive: true, mode: 0o700 });
  return path.join(elsewhere, 's.sock');
}

function isRunning(pidFile: string): boolean {
  if (!existsSync(pidFile)) return false;
  const pid = Number(readFileSync(pidFile, 'utf8'));
  try {
    process.kill(pid, 0);
    return readFileSync(`/proc/${pid}/comm`, 'utf8').startsWith('mariadbd');
  } catch {
    return false;
  }
}

/** A second server over one folder hangs; one that is shutting down is given time to finish. */
async function waitForOldServer(pidFile: string): Promise<void> {
  for (let tries = 0; isRunning(pidFile); tries++) {
    if (tries === 150)
      throw new Error('Another database server holds this data folder. End it, then start again.');
    await pause(100);
  }
}

async function waitUntilReady(
  server: ChildProcess,
  socketPath: string,
  directory: string,
): Promise<void> {
  let failure: Error | null = null;
  server.once('error', (error) => (failure = error));
  for (let tries = 0; tries < 600; tries++) {
    if (failure)
      throw new Error(
        `MariaDB could not be run: ${(failure as Error).message}. Install it with: apt-get install mariadb-server`,
      );
    if (server.exitCode !== null)
      throw new Error(
        `MariaDB stopped while starting. Its reasons: ${path.join(directory, 'error.log')}`,
      );
    if (await greets(socketPath)) return;
    await pause(50);
  }
  throw new Error(
    `MariaDB did not start in 30 s. Its reasons: ${path.join(directory, 'error.log')}`,
  );
}

/** Ready means that the server's greeting packet arrives, not merely that it accepts a connection. */
function greets(socketPath: string): Promise<boolean> {
  const PROTOCOL_BYTE = 4;
  const PROTOCOL_VERSION = 10;
  return new Promise((resolve) => {
    const socket = createConnection(socketPath);
    const answer = (ready: boolean) => {
      socket.destroy();
      resolve(ready);
    };
    socket.setTimeout(1000, () => answer(false));
    socket.once('error', () => answer(false));
    socket.once('data', (greeting) => answer(greeting[PROTOCOL_BYTE] === PROTOCOL_VERSION));
  });
}

/** A small process that outlives this one when it is killed hard, notices, and ends the database. */
function stopWhenAbandoned(server: ChildProcess): ChildProcess {
  const watch = `
    process.on('disconnect', () => { try { process.kill(${server.pid}, 'SIGTERM') } catch {} process.exit() });
    process.on('SIGINT', () => {});
  `;
  const guard = spawn(process.execPath, ['-e', watch], {
    stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    detached: true,
  });
  guard.unref();
  guard.channel?.unref();
  server.unref();
  return guard;
}

async function end(server: ChildProcess): Promise<void> {
  if (server.exitCode !== null) return;
  const ended = new Promise<void>((resolve) => server.once('exit', () => resolve()));
  server.ref();
  server.kill('SIGTERM');
  await ended;
}
