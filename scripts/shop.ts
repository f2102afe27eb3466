import { createServer as createHttpServer, type Server } from 'node:http';
import { isIPv6, type AddressInfo } from 'node:net';
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import path from 'node:path';
import { openPool, type Pool } from '@hold-fast/server/platform/database';
import { Feed } from '@hold-fast/server/feed/feed';
import { createServer } from '@hold-fast/server/platform/http';
import { prepareDatabase } from '@hold-fast/server/platform/migrate';
import { deviceOnFeed, devicesOnFeed } from '@hold-fast/server/stores/store';
import type { Logger } from 'pino';
import mysql from 'mysql2/promise';
import { backUp, DATABASE, nameOfCopy } from './backup';
import { startMariadb, startThrowawayMariadb } from './mariadb';
import { isEmpty, seedDemo } from './seedDemo';
import { startStandins } from './standins';

export interface RunningShop {
  port: number;
  /** Where gauges connect. */
  feedPort: number;
  pool: Pool;
  stop(): Promise<void>;
}

export interface ShopOptions {
  root: string;
  /** Where the data lives; null for a shop that is gone when it stops. */
  dataDirectory: string | null;
  webDirectory: string | null;
  port: number;
  feedPort: number;
  /** An address of this machine to listen on besides the loopback; the gauge feed stays on the loopback. */
  host?: string | null;
  log: Logger;
  say: (words: string) => void;
}

/** Starts the whole shop: database, migrations, demo data when there is none, and the server. */
export async function openShop(options: ShopOptions): Promise<RunningShop> {
  const { root, dataDirectory, webDirectory, port, host = null, log, say } = options;
  const database = dataDirectory
    ? await startMariadb({ directory: path.join(dataDirectory, 'mariadb'), watching: say })
    : await startThrowawayMariadb();
  try {
    const seeding = dataDirectory ? path.join(dataDirectory, 'seeding') : null;
    // Half a demo is none: what was cut off while it was filled is begun again.
    if (seeding && existsSync(seeding)) await dropDatabase(database.socketPath);
    const account = await prepareDatabase({
      socketPath: database.socketPath,
      database: DATABASE,
      beforeUpdate: async ([first]) => {
        if (!dataDirectory) return;
        const copy = path.join(
          dataDirectory,
          'copies',
          nameOfCopy(new Date(), `before-${first?.replace('.sql', '')}`),
        );
        say(`Keeping a copy of the data before it is brought up to date: ${copy}`);
        await backUp(database.socketPath, copy);
      },
      migrationsDirectory: path.join(root, 'server/migrations'),
      secretFile: path.join(path.dirname(database.socketPath), 'runtime-secret'),
    });
    const pool = openPool(account);
    if (await isEmpty(pool)) {
      say('Filling the empty shop with demo data (a few seconds)');
      if (seeding) writeFileSync(seeding, '');
      await seedDemo(pool, new Date());
      if (seeding) rmSync(seeding);
    }
    const now = () => new Date();
    const feed = new Feed({
      deviceOnFeed: (serial) => deviceOnFeed(pool, serial),
      devicesOnFeed: () => devicesOnFeed(pool),
      now,
      log,
    });
    const app = createServer(
      { pool, now, log },
      webDirectory,
      feed,
      host ? [isIPv6(host) ? `[${host}]` : host] : [],
    );
    const server = createHttpServer(app);
    await orSay(port, '--port', listen(server, port, '127.0.0.1'));
    const open = (server.address() as AddressInfo).port;
    const outward = host ? createHttpServer(app) : null;
    if (outward) await orSay(open, '--port', listen(outward, open, host!));
    await orSay(options.feedPort, '--feed-port', feed.open(options.feedPort));
    const standins = startStandins(root, feed.port!);
    return {
      port: open,
      feedPort: feed.port!,
      pool,
      stop: async () => {
        standins.stop();
        await feed.close();
        for (const each of [server, outward]) await close(each);
        await pool.end();
        await database.stop();
      },
    };
  } catch (error) {
    await database.stop();
    throw error;
  }
}

/** Longer than a mechanic is away from a step: a line that is shut just as the next tap goes out loses that tap's answer. */
const KEEP_LINE_MS = 75_000;

function listen(server: Server, port: number, host: string): Promise<void> {
  server.keepAliveTimeout = KEEP_LINE_MS;
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });
}

async function close(server: Server | null): Promise<void> {
  if (!server) return;
  // No new line first, then none that is open.
  const closed = new Promise((resolve) => server.close(resolve));
  server.closeAllConnections();
  await closed;
}

async function dropDatabase(socketPath: string): Promise<void> {
  const root = await mysql.createConnection({ socketPath, user: userInfo().username });
  await root.query(`DROP DATABASE IF EXISTS ${DATABASE}`);
  await root.end();
}

/** Says which option helps when a port is taken. */
async function orSay(port: number, option: string, opening: Promise<void>): Promise<void> {
  try {
    await opening;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    throw new Error(
      `Port ${port} is taken by another program. Choose another: ./start ${option} ${port + 10}`,
    );
  }
}
