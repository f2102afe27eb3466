import path from 'node:path';
import { holderOf, holdFolder } from './holdFolder';
import { socketPathFor, startMariadb } from '@hold-fast/server/platform/mariadb';

type Work<T> = (socketPath: string) => Promise<T>;

/** Works on the data of a folder whether its shop is open or closed: beside the one that runs, or with a database of its own. */
export function besideShop<T>(dataDirectory: string, work: Work<T>): Promise<T> {
  return holderOf(dataDirectory)
    ? work(socketPathFor(path.join(dataDirectory, 'mariadb')))
    : inClosedShop(dataDirectory, work);
}

/** Works on the data of a folder while its shop is closed. @throws Error where it is open */
export async function inClosedShop<T>(dataDirectory: string, work: Work<T>): Promise<T> {
  const held = holdFolder(dataDirectory);
  const database = await startMariadb({ directory: path.join(dataDirectory, 'mariadb') });
  try {
    return await work(database.socketPath);
  } finally {
    await database.stop();
    held.leave();
  }
}

/** Where the data lives unless it is said otherwise. */
export const USUAL_DATA = process.env.HOLD_FAST_DATA ?? path.resolve(__dirname, '../.data');
