import { networkInterfaces } from 'node:os';
import { openDemoShop } from '../scripts/demoShop';

/** An address by which phones would reach this machine; where it has none, another of its loopback. */
const OUTWARD =
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .find(({ internal, family }) => !internal && family === 'IPv4')?.address ?? '127.0.0.2';

/** Opens a shop of its own for the tests. */
export default async function setUp(): Promise<() => Promise<void>> {
  const say = (words: string) => console.log(`· ${words}`);
  const shop = await openDemoShop(say, OUTWARD);
  process.env.BASE_URL = `http://localhost:${shop.port}`;
  process.env.PHONE_URL = `${OUTWARD}:${shop.port}`;
  return () => shop.stop();
}
