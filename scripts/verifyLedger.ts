import { createHash } from 'node:crypto';
import { userInfo } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { continueChain, type ChainBreak } from '@hold-fast/core/seal/chain';
import { chainAfter } from '@hold-fast/server/records/store';
import { createPool } from 'mysql2/promise';
import { DATABASE } from './backup';
import { besideShop, USUAL_DATA } from './besideShop';

// npm run verify-ledger [-- --data FOLDER]: walks the chain of seals from its first link, while the shop is open or closed, and names the first that
// is broken.

const AT_ONCE = 200;

const WHY: Record<ChainBreak, string> = {
  'link-missing': 'it does not point at the seal before it; a record is missing or was put in',
  'text-changed': 'its text no longer gives its seal; it was changed',
  'not-json': 'its text is no record any more; it was changed',
};

async function walk(socketPath: string): Promise<void> {
  const pool = createPool({ socketPath, user: userInfo().username, database: DATABASE });
  try {
    let seal: string | null = null;
    let number = 0;
    for (;;) {
      const links = await chainAfter(pool, number, AT_ONCE);
      if (links.length === 0) break;
      for (const link of links) {
        const because = continueChain(seal, link, (text) =>
          createHash('sha256').update(text, 'utf8').digest('hex'),
        );
        if (because)
          throw new Error(
            `Broken at record ${link.number}: ${WHY[because]}. Restore the last copy that verifies: npm run restore.`,
          );
        [number, seal] = [link.number, link.seal];
      }
    }
    console.log(`The ledger is whole: ${number} records, the last seal ${seal ?? 'none'}.`);
  } finally {
    await pool.end();
  }
}

async function main(): Promise<void> {
  const { values } = parseArgs({ options: { data: { type: 'string', default: USUAL_DATA } } });
  await besideShop(path.resolve(values.data), walk);
}

main().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
