import { randomInt } from 'node:crypto';
import { userInfo } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { openPool } from '@hold-fast/server/platform/database';
import { startAnew } from '@hold-fast/server/people/accounts';
import { personByName } from '@hold-fast/server/people/store';
import { DATABASE } from './backup';
import { inClosedShop, USUAL_DATA } from './besideShop';

// npm run new-start -- "NAME" [--data FOLDER]: for the only owner who forgot their passphrase. Whoever has the machine gets a
// passphrase for one sign-in while the shop is closed: an open one remembers who is signed in.

/** Without letters and digits that are taken for each other. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
/** Four groups of four letters of 31: nearly 80 bits. */
const passphraseOfChance = () =>
  Array.from({ length: 4 }, () =>
    Array.from({ length: 4 }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).join('-');

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    options: { data: { type: 'string', default: USUAL_DATA } },
    allowPositionals: true,
  });
  const name = positionals.join(' ').trim();
  if (name === '') throw new Error('Say whose: npm run new-start -- "Their name"');
  await inClosedShop(path.resolve(values.data), async (socketPath) => {
    const pool = openPool({ socketPath, user: userInfo().username, database: DATABASE });
    try {
      const person = await personByName(pool, name);
      if (!person) throw new Error(`Nobody of the shop is called "${name}".`);
      const passphrase = passphraseOfChance();
      await startAnew({ pool, now: () => new Date() }, person, passphrase);
      console.log(
        `${person.name} signs in once by the passphrase ${passphrase} and chooses their own, and their PIN, then.`,
      );
    } finally {
      await pool.end();
    }
  });
}

main().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
