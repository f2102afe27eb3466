import path from 'node:path';
import { pino } from 'pino';
import { openShop, type RunningShop } from './shop';
import { exportWeb } from './web';

/**
 * A shop with the demo data that is gone when it stops: the exported app, the real server, a throwaway database, ports of its own.
 * @param host an address of this machine to listen on besides the loopback
 */
export async function openDemoShop(
  say: (words: string) => void,
  host: string | null = null,
): Promise<RunningShop> {
  const root = path.resolve(__dirname, '..');
  return openShop({
    root,
    dataDirectory: null,
    webDirectory: await exportWeb(root, say),
    port: 0,
    feedPort: 0,
    host,
    log: pino({ level: 'silent' }),
    say,
  });
}
