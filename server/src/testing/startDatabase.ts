import { startThrowawayMariadb } from '../platform/mariadb';

/** One throwaway MariaDB for all server tests; each test file has a database of its own in it. */
export default async function startDatabase(): Promise<void> {
  const mariadb = await startThrowawayMariadb();
  process.env.TEST_SOCKET = mariadb.socketPath;
  (globalThis as { mariadb?: typeof mariadb }).mariadb = mariadb;
}
