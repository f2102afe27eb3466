import { createServer as createHttpServer, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { createServer as createNetServer, type AddressInfo, type Socket } from 'node:net';
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import path from 'node:path';
import { openPool, type Pool } from '@hold-fast/server/platform/database';
import { Feed } from '@hold-fast/server/feed/feed';
import { createServer } from '@hold-fast/server/server';
import { prepareDatabase } from '@hold-fast/server/platform/migrate';
import { deviceOnFeed, devicesOnFeed } from '@hold-fast/server/stores/store';
import type { Express } from 'express';
import type { Logger } from 'pino';
import mysql from 'mysql2/promise';
import { fingerprintOf, shopCertificate, type ShopCertificate } from './authority';
import { backUp, DATABASE, nameOfCopy } from './backup';
import { startMariadb, startThrowawayMariadb } from '@hold-fast/server/platform/mariadb';
import { addGenericSheets } from './genericSheets';
import { isEmpty, seedDemo } from './seedDemo';
import { startStandins } from './standins';

export interface RunningShop {
  port: number;
  /** Where gauges connect. */
  feedPort: number;
  pool: Pool;
  /** Whether it is the invented workshop, and not somebody's own. */
  demo: boolean;
  /** Of the root that phones are told to trust; null where the shop is not on a network. */
  fingerprint: string | null;
  stop(): Promise<void>;
}

export interface ShopOptions {
  root: string;
  /** Where the data lives; null for a shop that is gone when it stops. */
  dataDirectory: string | null;
  webDirectory: string | null;
  port: number;
  feedPort: number;
  /** An address of this machine to listen on over TLS besides the loopback; the gauge feed stays on the loopback. */
  host?: string | null;
  /** A shop that nobody has opened yet, with the generic sheets alone, in place of the demo. */
  empty?: boolean;
  log: Logger;
  say: (words: string) => void;
}

/** Starts the whole shop: database, migrations, the demo or the generic sheets when there is nothing, and the server. */
export async function openShop(options: ShopOptions): Promise<RunningShop> {
  const { root, dataDirectory, webDirectory, port, host = null, log, say } = options;
  for (const at of ['127.0.0.1', ...(host ? [host] : [])])
    await orSay(port, '--port', tryPort(port, at));
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
    const demo = await filled(pool, options);
    const now = () => new Date();
    const feed = new Feed({
      deviceOnFeed: (serial) => deviceOnFeed(pool, serial),
      devicesOnFeed: () => devicesOnFeed(pool),
      now,
      log,
    });
    const keys = path.join(dataDirectory ?? path.dirname(database.socketPath), 'tls');
    const certificate = host ? shopCertificate(keys, host, now()) : null;
    const lan = host && certificate ? { host, root: certificate.root } : null;
    const app = createServer({ pool, now, log }, webDirectory, feed, lan);
    const server = createHttpServer(app);
    await orSay(port, '--port', listen(server, port, '127.0.0.1'));
    const open = (server.address() as AddressInfo).port;
    const outward = host ? outwardServer(app, () => shopCertificate(keys, host, now())) : null;
    if (outward) await orSay(open, '--port', outward.listen(open, host!));
    await orSay(options.feedPort, '--feed-port', feed.open(options.feedPort));
    // A gauge that reads by itself belongs to the demo alone.
    const standins = demo ? startStandins(root, feed.port!) : null;
    return {
      port: open,
      feedPort: feed.port!,
      pool,
      demo,
      fingerprint: certificate && fingerprintOf(certificate.root),
      stop: async () => {
        standins?.stop();
        await feed.close();
        await close(server);
        await outward?.close();
        await pool.end();
        await database.stop();
      },
    };
  } catch (error) {
    await database.stop();
    throw error;
  }
}

/**
 * Fills a shop that has nothing: with the demo, or for one of somebody's own with the generic sheets.
 * @returns whether it is the demo
 * @throws Error where a shop of one's own is asked for in a folder that holds the demo
 */
async function filled(pool: Pool, options: ShopOptions): Promise<boolean> {
  const { dataDirectory, empty = false, say } = options;
  const fresh = await isEmpty(pool);
  // Said once: the next start needs no option to keep the demo out.
  const own = dataDirectory ? path.join(dataDirectory, 'own-shop') : null;
  const isOwn = own ? existsSync(own) : empty;
  if (isOwn || (empty && fresh)) {
    await addGenericSheets(pool, new Date());
    if (own) writeFileSync(own, '');
    return false;
  }
  if (empty)
    throw new Error(
      'This folder holds the demo. Keep a shop of your own in another: ./start --empty --data DIR',
    );
  if (!fresh) return true;
  say('Filling the empty shop with demo data (a few seconds)');
  const seeding = dataDirectory ? path.join(dataDirectory, 'seeding') : null;
  if (seeding) writeFileSync(seeding, '');
  await seedDemo(pool, new Date());
  if (seeding) rmSync(seeding);
  return true;
}

const DAY_MS = 86_400_000;

/** The first byte of a TLS handshake. Source [S]: RFC 8446, 5.1. */
const HANDSHAKE = 0x16;

/**
 * Listens to the network on one port: who comes with TLS gets the shop; who types the address without it is told, in the clear, how a
 * phone comes to trust it.
 */
function outwardServer(app: Express, certified: () => ShopCertificate) {
  const shown = () => {
    const { key, certificate, root } = certified();
    return { key, cert: certificate + root };
  };
  const secure = createHttpsServer(shown(), app);
  // A shop that is never restarted outlives no certificate.
  const renewing = setInterval(() => secure.setSecureContext(shown()), DAY_MS);
  const plain = createHttpServer(app);
  const lines = new Set<Socket>();
  const door = createNetServer((line) => {
    lines.add(line);
    line.once('close', () => lines.delete(line));
    line.once('error', () => line.destroy());
    line.once('data', (first) => {
      line.pause();
      line.unshift(first);
      (first[0] === HANDSHAKE ? secure : plain).emit('connection', line);
      process.nextTick(() => line.resume());
    });
  });
  for (const server of [secure, plain]) server.keepAliveTimeout = KEEP_LINE_MS;
  return {
    listen: (port: number, host: string) =>
      new Promise<void>((resolve, reject) => {
        door.once('error', reject);
        door.listen(port, host, resolve);
      }),
    close: async () => {
      clearInterval(renewing);
      const closed = new Promise((resolve) => door.close(resolve));
      // A server that was handed a line closes what it made of it, and not the line.
      for (const line of lines) line.destroy();
      await closed;
    },
  };
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

async function close(server: Server): Promise<void> {
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

/** Opens a port for a moment: that it is taken is said before anything is begun. */
async function tryPort(port: number, host: string): Promise<void> {
  const door = createNetServer();
  await new Promise<void>((resolve, reject) => {
    door.once('error', reject);
    door.listen(port, host, resolve);
  });
  await new Promise((resolve) => door.close(resolve));
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
