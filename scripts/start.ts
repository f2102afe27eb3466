import { mkdirSync, readdirSync, renameSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { PEOPLE } from '@hold-fast/demo/people';
import { inUrl } from '@hold-fast/server/platform/lan';
import { pino } from 'pino';
import { toString } from 'qrcode';
import { holdFolder } from './holdFolder';
import { logFile } from './logFile';
import { openShop, type RunningShop, type ShopOptions } from './shop';
import { exportWeb } from './web';

const HELP = `Hold Fast: measuring, judgement and records for disc-brake work

  ./start            set up what is missing and run it with the demo data
  ./start --empty    run a shop of your own from nothing: no demo, and the browser asks for its owner
  ./start --fresh    keep this folder's data aside under another name and begin anew
  ./start --data DIR   keep the data there instead of in .data
  ./start --port N   listen on port N (default 4150); gauges connect to the port after it
  ./start --feed-port N   let gauges connect to port N instead
  ./start --lan      let phones on the network reach it, over TLS, with a certificate of the shop's own
  ./start --host ADDRESS  the same, at this address of the machine where it has several
  ./start --help     this

DIR, N and ADDRESS may also stand in HOLD_FAST_DATA, HOLD_FAST_PORT, HOLD_FAST_FEED_PORT and HOLD_FAST_HOST.`;

const root = path.resolve(__dirname, '..');

function portOf(option: string, text: string): number {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${option} takes a number from 0 to 65535, not "${text}".`);
  return port;
}

/** Addresses by which others on the network reach this machine, those of the fourth version first. */
function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, scopeid }) => !internal && !scopeid)
    .toSorted((a, b) => a.family.localeCompare(b.family))
    .map(({ address }) => address);
}

/**
 * The address phones reach this machine by; null where none was asked for.
 * @param lan whether any will do
 */
function hostOf(text: string | undefined, lan: boolean): string | null {
  if (text === undefined && !lan) return null;
  const own = ownAddresses();
  if (text !== undefined && own.includes(text)) return text;
  if (text === undefined && own.length > 0) return own[0]!;
  throw new Error(
    text === undefined
      ? 'This machine is on no network. Connect it to the one the phones are on, or start without --lan.'
      : `--host takes an address of this machine, not "${text}". It has ${own.length > 0 ? own.join(', ') : 'none but the loopback'}.`,
  );
}

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      fresh: { type: 'boolean', default: false },
      empty: { type: 'boolean', default: false },
      port: { type: 'string', default: process.env.HOLD_FAST_PORT ?? '4150' },
      'feed-port': { type: 'string', default: process.env.HOLD_FAST_FEED_PORT },
      lan: { type: 'boolean', default: false },
      host: { type: 'string', default: process.env.HOLD_FAST_HOST },
      data: { type: 'string', default: process.env.HOLD_FAST_DATA ?? path.join(root, '.data') },
      help: { type: 'boolean', default: false },
    },
  });
  if (values.help) {
    console.log(HELP);
    return;
  }
  const port = portOf('--port', values.port);
  const feedPort = portOf('--feed-port', values['feed-port'] ?? String(port === 0 ? 0 : port + 1));
  const host = hostOf(values.host, values.lan);
  const say = (words: string) => console.log(`· ${words}`);
  const dataDirectory = path.resolve(values.data);

  const webDirectory = await exportWeb(root, say);
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
    empty: values.empty,
    log,
    say,
  });

  held.at(`http://localhost:${shop.port}`);
  console.log(`\nHold Fast is open at http://localhost:${shop.port}`);
  if (host !== null) await tellPhones(host, shop);
  if (shop.demo) tellDemo(shop);
  else console.log(`\nGauges connect to 127.0.0.1:${shop.feedPort}. Ctrl-C closes the shop.`);

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

function tellDemo({ feedPort }: RunningShop): void {
  console.log('\nSign in as one of the demo people:');
  for (const { name, role, passphrase, pin } of PEOPLE)
    console.log(`  ${name.padEnd(14)} ${role.padEnd(9)} passphrase "${passphrase}"  PIN ${pin}`);
  console.log(
    `\nGauges connect to 127.0.0.1:${feedPort}; three stand-ins are on it. Ctrl-C closes the shop.`,
  );
}

/** How a phone on the network comes in: an address to photograph, and what it has to find there. */
async function tellPhones(host: string, { port, fingerprint }: RunningShop): Promise<void> {
  const page = `http://${inUrl(host)}:${port}/trust`;
  console.log(`Phones come in by ${page}\n`);
  console.log(await toString(page, { type: 'terminal', small: true }));
  console.log(
    `That page tells a phone once how to trust the shop’s own certificate. Its fingerprint has to be\n  ${fingerprint}`,
  );
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
