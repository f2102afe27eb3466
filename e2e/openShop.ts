import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { pino } from 'pino';
import { openShop } from '../scripts/shop';
import { exportWeb } from '../scripts/web';

/** An address by which phones would reach this machine; where it has none, another of its loopback. */
const OUTWARD =
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .find(({ internal, family }) => !internal && family === 'IPv4')?.address ?? '127.0.0.2';

/** Opens a shop of its own for the tests: the exported app, the real server, a throwaway database with the demo data. */
export default async function setUp(): Promise<() => Promise<void>> {
  const root = path.resolve(__dirname, '..');
  const say = (words: string) => console.log(`· ${words}`);
  const shop = await openShop({
    root,
    dataDirectory: null,
    webDirectory: await exportWeb(root, say),
    port: 0,
    feedPort: 0,
    host: OUTWARD,
    log: pino({ level: 'silent' }),
    say,
  });
  process.env.BASE_URL = `http://localhost:${shop.port}`;
  process.env.PHONE_URL = `${OUTWARD}:${shop.port}`;
  return () => shop.stop();
}
