import { createServer as createHttpServer, type Server } from 'node:http';
import { isIPv6, type AddressInfo } from 'node:net';
import path from 'node:path';
import { openPool, type Pool } from '@hold-fast/server/platform/database';
import { Feed } from '@hold-fast/server/feed/feed';
import { createServer } from '@hold-fast/server/platform/http';
import { prepareDatabase } from '@hold-fast/server/platform/migrate';
import { deviceOnFeed, devicesOnFeed } from '@hold-fast/server/stores/store';
import type { Logger } from 'pino';
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
    ? await startMariadb({ directory: path.join(dataDirectory, 'mariadb') })
    : await startThrowawayMariadb();
  try {
    const account = await prepareDatabase({
      socketPath: database.socketPath,
      database: 'hold_fast',
      migrationsDirectory: path.join(root, 'server/migrations'),
      secretFile: path.join(path.dirname(database.socketPath), 'runtime-secret'),
    });
    const pool = openPool(account);
    if (await isEmpty(pool)) {
      say('Filling the empty shop with demo data (a few seconds)');
      await seedDemo(pool, new Date());
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

function listen(server: Server, port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });
}

async function close(server: Server | null): Promise<void> {
  if (!server) return;
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
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
