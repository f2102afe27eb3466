import { mkdirSync, readdirSync, renameSync } from 'node:fs';
import { isIPv6 } from 'node:net';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { PEOPLE } from '@hold-fast/demo/people';
import { pino } from 'pino';
import { holdFolder } from './holdFolder';
import { logFile } from './logFile';
import { openShop, type RunningShop, type ShopOptions } from './shop';
import { exportWeb } from './web';

const HELP = `Hold Fast: measuring, judgement and records for disc-brake work

  ./start            set up what is missing and run it with the demo data
  ./start --fresh    keep this folder's data aside under another name and begin anew
  ./start --data DIR   keep the data there instead of in .data
  ./start --port N   listen on port N (default 4150); gauges connect to the port after it
  ./start --feed-port N   let gauges connect to port N instead
  ./start --host ADDRESS  let phones reach it at this address of the machine as well (plain HTTP: nothing on the way is hidden)
  ./start --help     this`;

const root = path.resolve(__dirname, '..');

function portOf(option: string, text: string): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${option} takes a number from 0 to 65535, not "${text}".`);
  return port;
}

/** An address that is this machine's own and not the loopback's, which always stands open. */
function ownAddress(text: string): string {
  const own = Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, scopeid }) => !internal && !scopeid)
    .map(({ address }) => address);
  if (own.includes(text)) return text;
  throw new Error(
    `--host takes an address of this machine, not "${text}". It has ${own.length > 0 ? own.join(', ') : 'none but the loopback'}.`,
  );
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      fresh: { type: 'boolean', default: false },
      port: { type: 'string', default: '4150' },
      'feed-port': { type: 'string' },
      host: { type: 'string' },
      data: { type: 'string', default: path.join(root, '.data') },
      help: { type: 'boolean', default: false },
    },
  });
  if (values.help) {
    console.log(HELP);
    return;
  }
  const port = portOf('--port', values.port);
  const feedPort = portOf('--feed-port', values['feed-port'] ?? String(port === 0 ? 0 : port + 1));
  const host = values.host === undefined ? null : ownAddress(values.host);
  const say = (words: string) => console.log(`· ${words}`);
  const dataDirectory = path.resolve(values.data);

  const webDirectory = exportWeb(root, say);
  mkdirSync(dataDirectory, { recursive: true, mode: 0o700 });
  const held = values.fresh ? beginAnew(dataDirectory, say) : holdFolder(dataDirectory);
  say('Starting the database and the server');
  const log = pino({ level: 'info' }, logFile(dataDirectory, say));
  const shop = await openShopOrLeave(held, {
    root,
    dataDirectory,
    webDirectory,
    port,
    feedPort,
    host,
    log,
    say,
  });

  held.at(`http://localhost:${shop.port}`);
  console.log(`\nHold Fast is open at http://localhost:${shop.port}`);
  if (host !== null)
    console.log(
      `Phones reach it at http://${isIPv6(host) ? `[${host}]` : host}:${shop.port}\nThat is plain HTTP: whoever is on this network can read and change what passes, passphrases too. Use it on a network of your own.`,
    );
  console.log('\nSign in as one of the demo people:');
  for (const { name, role, passphrase, pin } of PEOPLE)
    console.log(`  ${name.padEnd(14)} ${role.padEnd(9)} passphrase "${passphrase}"  PIN ${pin}`);
  console.log(
    `\nGauges connect to 127.0.0.1:${shop.feedPort}; three stand-ins are on it. Ctrl-C closes the shop.`,
  );

  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    console.log('\n· Closing the shop');
    shop.stop().then(
      () => {
        held.leave();
        process.exit(0);
      },
      (error: unknown) => fail(error),
    );
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
  process.on('SIGHUP', close);
}

type Hold = ReturnType<typeof holdFolder>;

/** A shop that cannot be opened holds nothing. */
async function openShopOrLeave(held: Hold, options: ShopOptions): Promise<RunningShop> {
  try {
    return await openShop(options);
  } catch (error) {
    held.leave();
    throw error;
  }
}

/** Sets the data of this folder aside under a name of its own and begins with none; a shop that runs is not touched. */
function beginAnew(dataDirectory: string, say: (words: string) => void): Hold {
  holdFolder(dataDirectory).leave();
  if (readdirSync(dataDirectory).length > 0) {
    const aside = `${dataDirectory}-before-${new Date().toISOString().slice(0, 19).replaceAll(':', '-')}`;
    renameSync(dataDirectory, aside);
    say(`The data of this folder is kept aside in ${path.basename(aside)}`);
    mkdirSync(dataDirectory, { mode: 0o700 });
  }
  return holdFolder(dataDirectory);
}

/** What the machine would not let us do, in words, with the cure. */
const CURES: Readonly<Record<string, string>> = {
  EROFS:
    'This folder cannot be written to: its disk is read-only. Copy the project to a disk that can be, and start it there.',
  EACCES:
    'This folder cannot be written to by you. Change its owner with chown, or copy the project to a folder of yours.',
  ENOSPC: 'The disk is full. Free some room, then start again; nothing is lost.',
};

function fail(error: unknown): never {
  const { code = '', message = String(error) } = error as { code?: string; message?: string };
  console.error(`\n${CURES[code] ?? message}`);
  process.exit(1);
}

main().catch(fail);
