import path from 'node:path';
import { parseArgs } from 'node:util';
import { backUp, nameOfCopy } from './backup';
import { besideShop, USUAL_DATA } from './besideShop';

// npm run backup [-- FILE] [--data FOLDER]: one file with everything, while the shop is open or closed.

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    options: { data: { type: 'string', default: USUAL_DATA } },
    allowPositionals: true,
  });
  const dataDirectory = path.resolve(values.data);
  const file = path.resolve(
    positionals[0] ?? path.join(dataDirectory, 'copies', nameOfCopy(new Date())),
  );
  await besideShop(dataDirectory, (socketPath) => backUp(socketPath, file));
  console.log(`The shop is copied to ${file}`);
}

main().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
