import { createServer as createHttpServer, type Server } from 'node:http';
import path from 'node:path';
import { openPool, type Pool } from '@hold-fast/server/platform/database';
import { createServer } from '@hold-fast/server/platform/http';
import { prepareDatabase } from '@hold-fast/server/platform/migrate';
import type { Logger } from 'pino';
import { startMariadb, startThrowawayMariadb } from './mariadb';
import { isEmpty, seedDemo } from './seedDemo';

export interface RunningShop {
  port: number;
  pool: Pool;
  stop(): Promise<void>;
}

export interface ShopOptions {
  root: string;
  /** Where the data lives; null for a shop that is gone when it stops. */
  dataDirectory: string | null;
  webDirectory: string | null;
  port: number;
  log: Logger;
  say: (words: string) => void;
}

/** Starts the whole shop: database, migrations, demo data when there is none, and the server. */
export async function openShop(options: ShopOptions): Promise<RunningShop> {
  const { root, dataDirectory, webDirectory, port, log, say } = options;
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
    const app = createServer({ pool, now: () => new Date(), log }, webDirectory);
    const server = createHttpServer(app);
    await listen(server, port);
    return {
      port: (server.address() as { port: number }).port,
      pool,
      stop: async () => {
        server.closeAllConnections();
        await new Promise((resolve) => server.close(resolve));
        await pool.end();
        await database.stop();
      },
    };
  } catch (error) {
    await database.stop();
    throw error;
  }
}

function listen(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new Error(
              `Port ${port} is taken by another program. Choose another: ./start --port ${port + 1}`,
            )
          : error,
      ),
    );
    server.listen(port, '127.0.0.1', resolve);
  });
}
