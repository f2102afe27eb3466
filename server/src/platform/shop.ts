import type { Logger } from 'pino';
import type { Pool } from './database';

/** What every route needs: the database, the time, and somewhere to say that something is wrong. */
export interface Shop {
  pool: Pool;
  now: () => Date;
  log: Logger;
}
