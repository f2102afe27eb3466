import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statfsSync,
  writeFileSync,
} from 'node:fs';
import { createConnection } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';

// A Unix socket's whole path must stay under this many bytes.
const LONGEST_SOCKET_PATH = 100;
const MARKER = 'set-up-complete';
const MAKING = 'making-';

interface RunningMariadb {
  socketPath: string;
  /** Ends the server and waits until it has. */
  stop(): Promise<void>;
}

/** What is said when the database goes away by itself, and when it is back. */
type Watching = (words: string) => void;

interface MariadbOptions {
  /** Folder that holds the data, the socket and the log. */
  directory: string;
  /** Speed over safety: for data that nobody keeps. */
  throwaway?: boolean;
  /** Watches over the server: gone by itself, it is started again, and said. */
  watching?: Watching;
}

/** How long to wait before a server that went away is started again: doubled up to half a minute while it will not. */
const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 30_000;
const LOOK_EVERY_MS = 500;

/**
 * Starts a private MariaDB over a data folder, making the folder first when it is new, and waits until it greets. One that
 * still runs over it, left by a shop that was killed, is taken over; the caller holds the folder, so that it is nobody else's.
 * It listens on a socket file alone, so that copies in several folders never meet.
 */
export async function startMariadb(options: MariadbOptions): Promise<RunningMariadb> {
  const { directory, watching } = options;
  mkdirSync(path.join(directory, 'files'), { recursive: true, mode: 0o700 });
  // Its own folder for temporary tables: a server that starts clears the one it is given, whoever else works there.
  mkdirSync(path.join(directory, 'tmp'), { recursive: true, mode: 0o700 });
  const socketPath = socketPathFor(directory);
  const pidFile = path.join(directory, 'mariadbd.pid');
  const configFile = path.join(directory, 'my.cnf');
  writeFileSync(configFile, configuration(options, socketPath, pidFile), { mode: 0o600 });
  makeDataFolder(directory, configFile);

  const start = async (): Promise<Served> => {
    const left = await oldServer(pidFile, socketPath);
    if (left !== null) return guarded(left);
    rmSync(socketPath, { force: true });
    // Its own process group, so that Ctrl-C reaches the script first; the script stops it last.
    const server = spawn('mariadbd', [`--defaults-file=${configFile}`], {
      stdio: 'ignore',
      detached: true,
    });
    server.unref();
    // Guarded from its first moment: a shop killed while it starts leaves nothing running.
    const served = server.pid === undefined ? null : guarded(server.pid);
    try {
      await waitUntilReady(server, socketPath, directory);
    } catch (error) {
      await served?.end();
      throw error;
    }
    return served!;
  };

  let served = await start();
  const watch = watching
    ? watchOver(
        () => served,
        start,
        (again) => (served = again),
        watching,
      )
    : null;
  return {
    socketPath,
    stop: async () => {
      await watch?.stop();
      await served.end();
    },
  };
}

/** A server that takes longer to stop hangs. */
const LONGEST_STOP_MS = 30_000;
/** One that was left, and neither greets nor goes in this time, hangs. */
const LONGEST_HANG_MS = 10_000;
const LONGEST_START_MS = 30_000;

/** A server that runs, and the guard that ends it when this process is killed. */
interface Served {
  runs(): boolean;
  end(): Promise<void>;
}

function guarded(pid: number): Served {
  const guard = stopWhenAbandoned(pid);
  return {
    runs: () => isMariadb(pid),
    end: async () => {
      guard.kill();
      if (isMariadb(pid)) process.kill(pid, 'SIGTERM');
      for (let tries = 0; isMariadb(pid); tries++) {
        if (tries === LONGEST_STOP_MS / 50) endHung(pid);
        await pause(50);
      }
    },
  };
}

/** Looks after a server, and starts it again when it went away by itself, waiting longer each time it will not start. */
function watchOver(
  now: () => Served,
  start: () => Promise<Served>,
  became: (served: Served) => void,
  say: Watching,
): { stop: () => Promise<void> } {
  let stopped = false;
  const watching = (async () => {
    let wait = FIRST_PAUSE_MS;
    while (!stopped) {
      await pause(LOOK_EVERY_MS, undefined, { ref: false });
      if (stopped || now().runs()) continue;
      say('The database has gone away. Nothing that was answered is lost; starting it again');
      while (!stopped && !now().runs()) {
        await pause(wait, undefined, { ref: false });
        wait = Math.min(LONGEST_PAUSE_MS, wait * 2);
        if (stopped) return;
        try {
          became(await start());
          say('The database is back');
          wait = FIRST_PAUSE_MS;
        } catch (error) {
          say(`${(error as Error).message} Trying again in ${Math.round(wait / 1000)} s`);
        }
      }
    }
  })();
  return {
    stop: () => {
      stopped = true;
      return Promise.race([watching, pause(LOOK_EVERY_MS * 2)]);
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
    // Written anew with each table, which a shop has sixty of: a third of what a throwaway one takes to open.
    'innodb_stats_persistent=0',
  ];
  return [
    '[mariadbd]',
    `user=${userInfo().username}`,
    `datadir=${path.join(directory, 'data')}`,
    `socket=${socketPath}`,
    `pid-file=${pidFile}`,
    `log-error=${path.join(directory, 'error.log')}`,
    `secure-file-priv=${path.join(directory, 'files')}`,
    `tmpdir=${path.join(directory, 'tmp')}`,
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

/**
 * Makes the data folder under a name of its own first: what a start that was killed has begun may still be at work in its
 * one, which nobody waits for, and is taken away as soon as nothing writes to it.
 */
function makeDataFolder(directory: string, configFile: string): void {
  for (const begun of readdirSync(directory).filter((name) => name.startsWith(MAKING)))
    try {
      rmSync(path.join(directory, begun), { recursive: true, force: true });
    } catch {
      // Written to at this moment: the next start finds it still.
    }
  const marker = path.join(directory, MARKER);
  if (existsSync(marker)) return;
  const data = path.join(directory, 'data');
  rmSync(data, { recursive: true, force: true });
  const making = mkdtempSync(path.join(directory, MAKING));
  const me = userInfo().username;
  const made = spawnSync(
    'mariadb-install-db',
    [
      `--defaults-file=${configFile}`,
      `--datadir=${making}`,
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
  renameSync(making, data);
  writeFileSync(marker, '');
}

/** Where the server over a folder is reached. */
export function socketPathFor(directory: string): string {
  const beside = path.join(directory, 's.sock');
  if (Buffer.byteLength(beside) < LONGEST_SOCKET_PATH) return beside;
  const note = path.join(directory, 'socket-folder');
  if (!existsSync(note))
    writeFileSync(note, path.join(tmpdir(), `hold-fast-${randomBytes(6).toString('hex')}`));
  const elsewhere = readFileSync(note, 'utf8');
  mkdirSync(elsewhere, { recursive: true, mode: 0o700 });
  return path.join(elsewhere, 's.sock');
}

/** The server over a folder by its pid file; null where it is old, and the number nobody's or another program's. */
function runningPid(pidFile: string): number | null {
  if (!existsSync(pidFile)) return null;
  const pid = Number(readFileSync(pidFile, 'utf8'));
  return Number.isInteger(pid) && pid > 0 && isMariadb(pid) ? pid : null;
}

function isMariadb(pid: number): boolean {
  try {
    process.kill(pid, 0);
    // One that has ended and was not fetched yet counts as gone.
    const [, state] = /\) (\w)/.exec(readFileSync(`/proc/${pid}/stat`, 'utf8')) ?? [];
    return state !== 'Z' && readFileSync(`/proc/${pid}/comm`, 'utf8').startsWith('mariadbd');
  } catch {
    return false;
  }
}

/**
 * The server that a killed shop left over a folder, as soon as it answers: killed early, it still starts, and may have missed
 * that it was told to stop. One that is shutting down is given time to finish; null once there is none.
 */
async function oldServer(pidFile: string, socketPath: string): Promise<number | null> {
  for (const since = Date.now(); ;) {
    const left = runningPid(pidFile);
    if (left === null || (await greets(socketPath))) return left;
    const waited = Date.now() - since;
    if (waited > LONGEST_HANG_MS) endHung(left);
    if (waited > 2 * LONGEST_HANG_MS)
      throw new Error('Another database server holds this data folder. End it, then start again.');
    await pause(100);
  }
}

/** One told to stop just before it was ready neither starts nor stops any more. What it was told is safe on the disk. */
function endHung(pid: number): void {
  if (isMariadb(pid)) process.kill(pid, 'SIGKILL');
}

async function waitUntilReady(
  server: ChildProcess,
  socketPath: string,
  directory: string,
): Promise<void> {
  let failure: Error | null = null;
  server.once('error', (error) => (failure = error));
  for (const since = Date.now(); Date.now() - since < LONGEST_START_MS;) {
    if (failure)
      throw new Error(
        `MariaDB could not be run: ${(failure as Error).message}. Install it with: apt-get install mariadb-server`,
      );
    if (server.exitCode !== null)
      throw new Error(`MariaDB stopped while starting. ${reasonOf(directory)}`);
    if (await greets(socketPath)) return;
    await pause(50);
  }
  throw new Error(`MariaDB did not start in ${LONGEST_START_MS / 1000} s. ${reasonOf(directory)}`);
}

/** What it needs to begin with: its temporary tables and a little of its log, bytes. */
const ROOM_TO_START = 32 * 2 ** 20;

function reasonOf(directory: string): string {
  const { bavail, bsize } = statfsSync(directory);
  return bavail * bsize < ROOM_TO_START
    ? `The disk of ${directory} is full: make room, then start again.`
    : `Its reasons: ${path.join(directory, 'error.log')}`;
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
function stopWhenAbandoned(pid: number): ChildProcess {
  const watch = `
    process.on('disconnect', () => { try { process.kill(${pid}, 'SIGTERM') } catch {} process.exit() });
    process.on('SIGINT', () => {});
  `;
  const guard = spawn(process.execPath, ['-e', watch], {
    stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    detached: true,
  });
  guard.unref();
  guard.channel?.unref();
  return guard;
}
