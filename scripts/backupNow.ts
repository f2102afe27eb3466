import path from 'node:path';
import { parseArgs } from 'node:util';
import { backUp, nameOfCopy } from './backup';
import { holderOf, holdFolder } from './holdFolder';
import { socketPathFor, startMariadb } from './mariadb';

// npm run backup [-- FILE] [--data FOLDER]: one file with everything, while the shop is open or closed.

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({
    options: { data: { type: 'string', default: path.resolve(__dirname, '../.data') } },
    allowPositionals: true,
  });
  const dataDirectory = path.resolve(values.data);
  const file = path.resolve(
    positionals[0] ?? path.join(dataDirectory, 'copies', nameOfCopy(new Date())),
  );
  const directory = path.join(dataDirectory, 'mariadb');
  if (holderOf(dataDirectory)) await backUp(socketPathFor(directory), file);
  else {
    const held = holdFolder(dataDirectory);
    const database = await startMariadb({ directory });
    try {
      await backUp(database.socketPath, file);
    } finally {
      await database.stop();
      held.leave();
    }
  }
  console.log(`The shop is copied to ${file}`);
}

main().catch((error: unknown) => {
  console.error((error as Error).message);
  process.exit(1);
});
